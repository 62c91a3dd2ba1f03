<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Filling\FillPath;
use MoltenNotes\Core\Filling\FluidLife;
use MoltenNotes\Core\Filling\FoamFront;
use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Melt\JudgedTemperature;
use MoltenNotes\Core\Melt\Pot;
use MoltenNotes\Core\Melt\PourTemperatureAdvice;
use MoltenNotes\Core\Melt\TemperatureLoss;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\Density;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;

/**
 * What the filling of a mould is reckoned with: the ways of the metal, how fast and how hot it comes, and how far it gets; FillStage says
 * it.
 *
 * @phpstan-type Way array{label: string, modulus: float, path: float, cross: float, share: float, thickness: float, volume: float}
 */
final readonly class FillReckoning
{
    /** At or above this a section fills comfortably; below one a misrun is to be expected. Common practice. */
    public const COMFORTABLE = 1.5;
    /** Coefficients of heat transfer and flow, until a caster's own pours narrow it. */
    private const RULE_SPREAD = 0.25;
    /** So far over the pour range of thin walls a metal is seldom poured, K: in other moulds, and on foam. Common practice. */
    private const OVER_USUAL_K = [60.0, 350.0];
    /** So near to one the low end of a spread is one; and between these a section counts as filled whatever its spread. */
    private const NEARLY = 0.95;
    private const LEAST_COMFORTABLE = 1.2;
    private const MOST_COMFORTABLE = 3.0;

    /** @var array<string, Way> section id → way of the metal through it, metres; '' for a thinnest wall and a longest run alone */
    public array $ways;

    /**
     * @param float|null $castingVolume m³ of one casting, where known
     * @param float|null $charge kg in the pot, where it is computed already
     */
    public function __construct(
        private Basis $basis,
        private Alloy $alloy,
        private MouldMaterial $mould,
        private ?float $castingVolume,
        private ?float $charge,
    ) {
        $this->ways = self::ways($basis, $castingVolume);
    }

    /** Longest time that still fills every section comfortably, seconds; null when it cannot be told. */
    public function longestPour(): ?float
    {
        $arrival = $this->arrival();
        if (null === $arrival || [] === $this->ways || $this->isFoam() || $this->basis->freezesNothing()) {
            return null;
        }
        $longest = \INF;
        foreach ($this->ways as $way) {
            $life = $this->life($way['modulus'], $arrival->si, $this->mould->transfer->si);
            $longest = min(
                $longest,
                ($life * $this->basis->calibration->factor()->si * $this->reach($way)) / (self::COMFORTABLE * max(1e-6, $way['path'])),
            );
        }

        return is_finite($longest) ? $longest : null;
    }

    /**
     * Seconds in which the foam lets its longest way fill; null in any other mould, where the way or the temperature is not known, and
     * where the metal
     * drives no foam out.
     */
    public function foamFill(): ?Estimate
    {
        $arrival = $this->isFoam() ? $this->arrival() : null;
        $longest = $this->longestWay();
        $front = null === $arrival ? null : $this->front($arrival);
        if (null === $front || $front->lowSi <= 0.0 || $longest <= 0.0) {
            return null;
        }

        return Estimate::through(Dimension::Time, static fn (float $v): float => $longest / max(1e-6, $v), $front);
    }

    /** How fast the metal drives the foam out where it arrives so hot, m/s. */
    public function front(Estimate $arrival): Estimate
    {
        $of = fn (float $kelvin): Estimate => FoamFront::speed(
            Temperature::fromSi(max(1.0, $kelvin)),
            $this->foam(),
            $this->basis->values->count('foam.coats'),
        );
        $middle = $of($arrival->si);
        $share = Estimate::ratio(1.0, $middle->lowSi / max(1e-9, $middle->si), $middle->highSi / max(1e-9, $middle->si));

        return Estimate::through(Dimension::Speed, static fn (float $t, float $share): float => $of($t)->si * $share, $arrival, $share);
    }

    private function longestWay(): float
    {
        return max([$this->basis->solid->way ?? 0.0, ...array_column($this->ways, 'path')]);
    }

    private function foam(): Density
    {
        return Density::fromSi($this->basis->si('foam.density') ?? FoamFront::USUAL_FOAM);
    }

    /**
     * Ratio of a section and how long the metal keeps running in it, each with its spread.
     *
     * @param Way $way
     *
     * @param float|null $grade K that the liquidus may lie off; null for what the alloy says
     * @param float $rule how much of the rule's own spread counts
     *
     * @return array{Estimate, Estimate}
     */
    public function ratioOf(array $way, Estimate $arrival, Estimate $speed, ?float $grade = null, float $rule = 1.0): array
    {
        $grade ??= $this->alloy->meltsWithin;
        $known = $this->basis->calibration->pours > 0;
        // A liquidus that lies off by so much is a superheat that does.
        $arrival = Estimate::between(
            Dimension::Temperature,
            $arrival->si,
            $arrival->lowSi - $grade,
            $arrival->highSi + $grade,
        );
        $spread = $known ? $this->basis->calibration->factor() : Estimate::ratio(1.0);
        $life = Estimate::through(
            Dimension::Time,
            fn (float $t, float $h): float => $this->life($way['modulus'], $t, $h),
            $arrival,
            $this->mould->transfer,
        );
        $ratio = Estimate::through(
            Dimension::Ratio,
            static fn (float $life, float $v, float $f): float => ($life * $v * $f) / max(1e-6, $way['path']),
            $life,
            $speed,
            $spread,
        )->widenedBy($known ? 0.0 : $rule * self::RULE_SPREAD);

        return [$ratio, $life];
    }

    /** Kelvin at which foam of this thickness leaves without folds; the diagnosis weighs the same. */
    public function clearsFoam(float $thickness): float
    {
        return PourTemperatureAdvice::calculate($this->alloy, Length::fromSi($thickness), $this->mould->process, $this->basis->format)
            ->temperature->kelvin();
    }

    /** In lost foam hotter metal also comes faster. */
    public function ratioAt(float $kelvin, float $modulus, float $speed, float $path): float
    {
        $speed = $this->isFoam() ? $this->front(Estimate::exact(Dimension::Temperature, $kelvin))->si : $speed;

        return ($this->life($modulus, $kelvin, $this->mould->transfer->si) * $speed * $this->basis->calibration->factor()->si) /
            max(1e-6, $path);
    }

    /** What the furnace must read, kelvin, for the metal to arrive so hot. */
    public function inFurnace(float $atMould): float
    {
        $carry = $this->basis->si('pour.carry_time');

        return null === $carry
            ? $atMould
            : TemperatureLoss::before(Time::fromSi($carry), Temperature::fromSi($atMould), $this->basis->air(), $this->pot())->kelvin();
    }

    /** In the crucible as the pour began, as sure as it was told; where only minutes were counted, what such metal usually has. */
    public function poured(): ?Estimate
    {
        $told = $this->basis->estimate('pour.temperature');

        $by = $this->basis->values->choice('melt.temperature_by');

        return null === $told ? JudgedTemperature::untold($this->alloy, $by) : JudgedTemperature::of($told, $by);
    }

    /** Temperature of the metal at the mould, with its spread; null where none is told. */
    public function arrival(): ?Estimate
    {
        $poured = $this->poured();
        if (null === $poured) {
            return null;
        }
        $carry = $this->basis->estimate('pour.carry_time') ?? Estimate::exact(Dimension::Time, 0.0);

        return Estimate::through(
            Dimension::Temperature,
            fn (float $t, float $s): float => TemperatureLoss::after(
                Time::fromSi(max(0.0, $s)),
                Temperature::fromSi($t),
                $this->basis->air(),
                $this->pot(),
            )->kelvin(),
            $poured,
            $carry,
        );
    }

    /** The caster's own pot with what is in it: as told, else as computed, else twice the castings. */
    public function pot(): Pot
    {
        $crucible = $this->basis->si('crucible.mass') ?? $this->ownCrucible()?->mass;

        return Pot::usual($this->alloy, Mass::fromSi($this->inPot()), null === $crucible ? null : Mass::fromSi($crucible));
    }

    /** The workshop's crucible for what is melted; null where none is listed. */
    public function ownCrucible(): ?OwnCrucible
    {
        return OwnCrucible::of($this->basis, $this->alloy, $this->inPot());
    }

    private function inPot(): float
    {
        return $this->basis->si('metal.charge')
            ?? $this->charge
            ?? max(0.2, ($this->castingVolume ?? 2e-4) * $this->alloy->densityLiquid->si() * 2 * $this->basis->castings());
    }

    private function life(float $modulus, float $kelvin, float $transfer): float
    {
        $foam = $this->isFoam() ? $this->foam() : null;

        return FluidLife::of(
            $this->alloy,
            $this->mould,
            Length::fromSi($modulus),
            Temperature::fromSi(max(1.0, $kelvin)),
            $this->basis->mouldTemperature(),
            $transfer,
            $foam,
        )->si();
    }

    /** @param Way $way */
    public function speed(array $way, Estimate $fillTime): Estimate
    {
        // The foam leaves at one pace everywhere; elsewhere the stream divides as what is filled through a section.
        $reach = $this->isFoam() ? $this->longestWay() : $this->reach($way);

        return Estimate::through(Dimension::Speed, static fn (float $t): float => $reach / max(0.05, $t), $fillTime);
    }

    /**
     * How far the front of this section would have gone when the casting is full, metres: v = share · V / (t · cross).
     *
     * @param Way $way
     */
    private function reach(array $way): float
    {
        return max(($way['share'] * $way['volume']) / max(1e-9, $way['cross']), $way['path']);
    }

    /**
     * From which ratio on a section fills even at the low end of the spread; own pours that narrow it bring it down.
     */
    public static function comfortable(Estimate $ratio): float
    {
        return max(self::LEAST_COMFORTABLE, min(self::MOST_COMFORTABLE, (self::NEARLY * $ratio->si) / max(1e-9, $ratio->lowSi)));
    }

    /**
     * The least temperature from which on it fills, K; null where none does.
     *
     * @param callable(float): bool $fills
     */
    public function solve(callable $fills): ?float
    {
        $low = $this->alloy->liquidus->kelvin();
        $high = $low + 600;
        if (!$fills($high)) {
            return null;
        }
        while ($high - $low > 0.5) {
            $middle = ($low + $high) / 2;
            if ($fills($middle)) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    /** Whether that is hotter than such a metal is ever poured, K. */
    public function tooHot(float $kelvin): bool
    {
        return $kelvin > $this->alloy->pourThin->kelvin() + $this->overUsual();
    }

    /** Lost foam, which sets the pace itself. */
    public function isFoam(): bool
    {
        return $this->mould->isLostFoam();
    }

    /**
     * @return array<string, array{label: string, modulus: float, path: float, cross: float, share: float, thickness: float,
     *     volume: float}>
     */
    private static function ways(Basis $basis, ?float $castingVolume): array
    {
        $ways = [];
        if (null !== $basis->sections && [] !== $basis->bodies) {
            $volume = $castingVolume ?? 0.0;
            foreach (FillPath::all($basis->sections, $basis->bodies) as $id => $path) {
                $body = $basis->bodies[$id];
                $isMesh = Shape::Mesh === $basis->sections->get($id)?->shape;
                // A mesh has no thinner parts to go by, and foam takes heat from the front all the way through what has the gates.
                $isWhole = $isMesh || (true === $basis->mould?->isLostFoam() && [] === $path->via);
                $far = $isWhole ? $basis->solid->parts[$id]->far ?? null : null;
                $ways[$id] = [
                    'label' => mb_strtolower($basis->sections->get($id)->label ?? $id),
                    'modulus' => self::flowModulus($body->thickness, $body->cross),
                    'path' => $far ?? $path->path,
                    // What a mesh is on the average along its way.
                    'cross' => $isMesh && null !== $far && $far > 0.0 ? $body->volume / $far : $body->cross,
                    'share' => $path->share,
                    'thickness' => $body->thickness,
                    'volume' => $volume,
                ];
            }

            return $ways;
        }
        $wall = $basis->si('casting.wall');
        $run = $basis->si('casting.run');
        if (null === $wall || null === $run || $wall <= 0.0) {
            return [];
        }

        return [
            '' => [
                'label' => 'thinnest wall',
                'modulus' => $wall / 2,
                'path' => $run / $basis->gates(),
                'cross' => 1.0,
                'share' => 0.0,
                'thickness' => $wall,
                'volume' => 0.0,
            ],
        ];
    }

    /** Area over perimeter of a rectangle of this thickness and section. */
    private static function flowModulus(float $thickness, float $cross): float
    {
        $width = max($thickness, $cross / $thickness);

        return ($thickness * $width) / (2 * ($thickness + $width));
    }

    /** So many kelvin over the pour range of thin walls is as hot as such a metal is ever poured. */
    public function overUsual(): float
    {
        return self::OVER_USUAL_K[$this->isFoam() ? 1 : 0];
    }
}
