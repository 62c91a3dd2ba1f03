<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Measurement;

/**
 * What a test of a heap found, each measure as it was weighed or as it was read.
 *
 * Compactability = (loose − rammed) / loose height. Permeability P = V·H/(p·A·t) with 2000 cm³ of air through a core of H 5.08 cm and A
 * 20.268 cm², p in g/cm², t in minutes (AFS Mold & Core Test Handbook, recalled from memory).
 */
final readonly class SandTest
{
    private const AIR_CM3 = 2000.0;
    private const CORE_CM = 5.08;
    private const CORE_CM2 = 20.268;
    private const PA_PER_G_CM2 = 98.0665;
    /** Home-made tubes and cores against those of the standard; common practice. */
    private const READ_WITHIN = ['compactability' => 0.06, 'permeability' => 0.12, 'fineness' => 0.03];
    /** What was told as a number, without how it was found, in points of the share; common practice. */
    private const TOLD_WITHIN = ['moisture' => 0.003, 'clay' => 0.007, 'loss_on_ignition' => 0.003];
    /** Half-width of a moisture that tells wet sand from right, in points of the share; a quarter of its band. */
    private const GOOD_MOISTURE = 0.005;
    /** First and second weight, and what the two give. */
    private const PAIRS = [
        'moisture' => ['wet', 'dried'],
        'clay' => ['wash_before', 'wash_after'],
        'loss_on_ignition' => ['fire_before', 'fire_after'],
    ];

    /**
     * @param float $at seconds since 1970
     * @param array<string, Estimate> $readings measure → what was found; shares and numbers
     * @param string|null $squeeze dry, good or wet
     */
    private function __construct(
        public float $at,
        public array $readings,
        public ?string $squeeze,
        public ?SieveTest $sieve,
        private Mass $step,
    ) {
    }

    /**
     * @param array<string, mixed> $columns as the table of movements has them
     * @param Mass $step of the scale
     *
     * @throws ImpossibleTest when what was weighed cannot belong together, with the column that says so
     */
    public static function from(float $at, array $columns, Mass $step): self
    {
        $readings = [];
        foreach (self::PAIRS as $measure => [$first, $second]) {
            $before = self::mass($columns[$first] ?? null);
            $after = self::mass($columns[$second] ?? null);
            $told = $columns[$measure] ?? null;
            if (null !== $before && null !== $after) {
                $readings[$measure] = Weighing::lost($before, $after, $step, $second);
            } elseif ((null === $before) !== (null === $after)) {
                throw ImpossibleTest::halfAPair(null === $before ? $first : $second, 'Give both weights, before and after.');
            } elseif ($told instanceof Measurement) {
                $read = Estimate::of($told);
                $own = self::TOLD_WITHIN[$measure];
                $readings[$measure] = $read->isExact() ? Estimate::ratio($read->si, $read->si - $own, $read->si + $own) : $read;
            }
        }
        $compactability = self::compactability($columns);
        if (null !== $compactability) {
            $readings['compactability'] = $compactability;
        }
        $permeability = self::permeability($columns);
        if (null !== $permeability) {
            $readings['permeability'] = $permeability;
        }
        $sieve = self::sieve($columns['sieves'] ?? null);
        $fineness = $columns['fineness'] ?? null;
        if (null !== $sieve) {
            $readings['fineness'] = Estimate::ratio($sieve->fineness)->widenedBy(self::READ_WITHIN['fineness']);
        } elseif (is_int($fineness)) {
            $readings['fineness'] = Estimate::ratio((float) $fineness)->widenedBy(self::READ_WITHIN['fineness']);
        }
        $squeeze = $columns['squeeze'] ?? null;

        return new self($at, $readings, is_string($squeeze) ? $squeeze : null, $sieve, $step);
    }

    /**
     * How much to weigh next time for a moisture that is good to half a point; null where this one is, or was not weighed. Derived from
     * the step of the scale.
     */
    public function betterSample(): ?Mass
    {
        $moisture = $this->readings['moisture'] ?? null;

        return null === $moisture || $moisture->highSi - $moisture->si <= 1.2 * self::GOOD_MOISTURE
            ? null
            : Weighing::sampleFor($this->step, self::GOOD_MOISTURE);
    }

    /** Whether it says anything at all. */
    public function isBlank(): bool
    {
        return [] === $this->readings && null === $this->squeeze;
    }

    /** @param array<string, mixed> $columns */
    private static function compactability(array $columns): ?Estimate
    {
        $loose = $columns['loose'] ?? null;
        $rammed = $columns['rammed'] ?? null;
        $told = $columns['compactability'] ?? null;
        if ($loose instanceof Measurement && $rammed instanceof Measurement) {
            if ($rammed->si() > $loose->si()) {
                throw ImpossibleTest::grew('rammed');
            }

            return Estimate::through(
                Dimension::Ratio,
                static fn (float $a, float $b): float => max(0.0, ($a - $b) / $a),
                Estimate::of($loose),
                Estimate::of($rammed),
            )->widenedBy(self::READ_WITHIN['compactability']);
        }
        if (($loose instanceof Measurement) !== ($rammed instanceof Measurement)) {
            throw ImpossibleTest::halfAPair($loose instanceof Measurement ? 'rammed' : 'loose', 'Give both heights, loose and rammed.');
        }

        return $told instanceof Measurement ? Estimate::of($told)->widenedBy(self::READ_WITHIN['compactability']) : null;
    }

    /** @param array<string, mixed> $columns */
    private static function permeability(array $columns): ?Estimate
    {
        $seconds = $columns['seconds'] ?? null;
        $pressure = $columns['pressure'] ?? null;
        $told = $columns['permeability'] ?? null;
        if ($seconds instanceof Measurement && $pressure instanceof Measurement) {
            return Estimate::through(
                Dimension::Ratio,
                static fn (float $s, float $p): float => (self::AIR_CM3 * self::CORE_CM)
                    / (($p / self::PA_PER_G_CM2) * self::CORE_CM2 * ($s / 60)),
                Estimate::of($seconds),
                Estimate::of($pressure),
            )->widenedBy(self::READ_WITHIN['permeability']);
        }
        if (($seconds instanceof Measurement) !== ($pressure instanceof Measurement)) {
            throw ImpossibleTest::halfAPair(
                $seconds instanceof Measurement ? 'pressure' : 'seconds',
                'Give both the time and the pressure of the air.',
            );
        }

        return is_int($told) ? Estimate::ratio((float) $told)->widenedBy(self::READ_WITHIN['permeability']) : null;
    }

    private static function sieve(mixed $sieves): ?SieveTest
    {
        $retained = [];
        foreach (is_array($sieves) ? $sieves : [] as $mesh => $mass) {
            if ($mass instanceof Measurement) {
                $retained[(string) $mesh] = Mass::fromSi($mass->si());
            }
        }

        return [] === $retained ? null : SieveTest::of($retained);
    }

    private static function mass(mixed $weight): ?Mass
    {
        return $weight instanceof Measurement ? Mass::fromSi($weight->si()) : null;
    }
}
