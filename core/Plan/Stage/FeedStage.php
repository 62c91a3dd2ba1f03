<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\FreezingClass;
use MoltenNotes\Core\Feeding\FreezingTime;
use MoltenNotes\Core\Feeding\Riser;
use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\RiserSeat;
use MoltenNotes\Core\Plan\Size;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Working\StageResult;
use MoltenNotes\Core\Working\StageSheet;

/** Will it feed: which section freezes when, which are cut off, and what riser, neck or chill each asks for. */
final class FeedStage
{
    /** Sections closer than this freeze together: neither cuts the other off. */
    private const TOGETHER = 0.95;
    /** How far the freezing times of the grades of a family lie apart. Derived from the table of alloys, rough. */
    private const GRADE_UNKNOWN = 0.2;
    /** A section of less than this share of the casting is a detail of it. Common practice. */
    private const DETAIL = 0.1;
    /** So much thicker than the thinnest, a place is clearly a heavy one. Common practice. */
    private const HEAVIER = 1.4;
    /** Heaviest part where none is told, for the drawing only. */
    private const USUAL_HEAVY_M = 0.016;

    private readonly StageSheet $sheet;
    private readonly RiserAdvice $advice;

    /** @var array<string, float> section id → modulus in metres, chills counted */
    private readonly array $moduli;

    private function __construct(
        private readonly Basis $basis,
        private readonly Alloy $alloy,
        private readonly MouldMaterial $mould,
        private readonly SectionModuli $cooling,
    ) {
        $this->sheet = new StageSheet($basis->format);
        $this->moduli = $cooling->moduli;
        $this->advice = new RiserAdvice($basis, $alloy, $this->sheet, $this->moduli);
    }

    /**
     * @param Estimate|null $arrival temperature of the metal at the mould
     * @param array<string, float> $sizes of the gating, metres
     */
    public static function compute(Basis $basis, ?Estimate $arrival, array $sizes): FeedResult
    {
        $cooling = SectionModuli::of($basis);
        $result = self::result($basis, $cooling, $arrival, $sizes);

        return new FeedResult($result, self::risers($basis, $result, $cooling->moduli), $cooling->moduli);
    }

    /** @param array<string, float> $sizes */
    private static function result(Basis $basis, SectionModuli $cooling, ?Estimate $arrival, array $sizes): StageResult
    {
        if (null === $basis->alloy || null === $basis->mould) {
            $sheet = new StageSheet($basis->format);
            $sheet->lacks(
                'feeding',
                [null === $basis->alloy ? 'metal.alloy' : 'mould.process'],
                null === $basis->alloy ? 'Choose the metal.' : 'Choose the mould process.',
            );

            return $sheet->result();
        }
        $stage = new self($basis, $basis->alloy, $basis->mould, $cooling);
        if ($basis->freezesNothing()) {
            $stage->sheet->lacks(
                'feeding',
                ['mould.temperature'],
                'The mould is as hot as the metal’s solidus: nothing freezes in it, so no freezing time can be told.',
            );

            return $stage->sheet->result();
        }
        $stage->run($arrival, $sizes);

        return $stage->sheet->result();
    }

    /** @param array<string, float> $sizes */
    private function run(?Estimate $arrival, array $sizes): void
    {
        if (null === $this->basis->sections || [] === $this->basis->bodies) {
            $this->fromHeaviest($arrival);

            return;
        }
        $metal = $this->metal($arrival);
        $this->freezingTimes($metal);
        $feeders = $this->feeders($sizes);
        $mesh = $this->basis->sections->mesh();
        if (null !== $mesh && null !== $this->basis->solid) {
            $this->thickPlaces($mesh->id, $this->basis->solid, $feeders, $metal);

            return;
        }
        foreach ($this->basis->sections->all() as $section) {
            if (isset($this->moduli[$section->id])) {
                $this->feed($section->id, $feeders, $metal);
            }
        }
        if (null !== $this->basis->solid) {
            JunctionFigures::add($this->basis, $this->sheet, $this->basis->solid);
        }
    }

    private function metal(?Estimate $arrival): Temperature
    {
        if (null === $arrival) {
            $this->sheet->assume(
                'Poured '.$this->basis->shown(80.0, Dimension::TemperatureDifference).' above the liquidus.',
                'pour.temperature',
            );

            return Temperature::fromSi($this->alloy->liquidus->kelvin() + 80);
        }

        return Temperature::fromSi(max($arrival->si, $this->alloy->liquidus->kelvin()));
    }

    /** Only the heaviest section is known: as a bar of that thickness. */
    private function fromHeaviest(?Estimate $arrival): void
    {
        $heaviest = $this->basis->si('casting.heaviest');
        if (null === $heaviest) {
            $this->sheet->lacks(
                'feeding',
                ['casting.sections', 'casting.heaviest'],
                'Describe the casting in sections, or give its heaviest.',
            );

            return;
        }
        $modulus = $heaviest / 4;
        $wanted = Riser::byModulus(Length::fromSi($modulus), RiserAdvice::kind($this->basis));
        $this->sheet->assume('The heaviest part freezes like a long bar.', 'casting.sections');
        $this->sheet->add(
            code: 'freezing_time',
            label: 'Heaviest part solid after',
            value: $this->lastLiquid($modulus, $this->metal($arrival)),
            formula: 't = B M²',
            inputs: [$this->sheet->input('M', 'Modulus', Estimate::exact(Dimension::Length, $modulus))],
            source: 'N. Chvorinov; last-liquid form derived',
            mark: Mark::RecalledFromMemory,
        );
        $this->sheet->add(
            code: 'riser_diameter',
            label: 'Riser wanted',
            value: Estimate::exact(Dimension::Length, $wanted->si()),
            formula: RiserAdvice::formula(RiserAdvice::kind($this->basis)),
            inputs: [$this->sheet->input('M', 'Modulus', Estimate::exact(Dimension::Length, $modulus))],
            source: 'R. Wlodawer',
            mark: Mark::RecalledFromMemory,
        );
        $this->compareRiser($modulus, '', 'the heaviest part');
    }

    /**
     * Risers as they stand in the mould: to the size told, else the size wanted, else the size the rule gives for what they stand on.
     *
     * @param array<string, float> $moduli
     *
     * @return list<RiserSeat>
     */
    private static function risers(Basis $basis, StageResult $result, array $moduli): array
    {
        if (!$basis->hasRisers()) {
            return [];
        }
        $seats = self::seats($basis, $moduli);

        return array_map(
            static function (string $id) use ($basis, $result, $moduli): RiserSeat {
                $modulus = $moduli[$id] ?? ($basis->si('casting.heaviest') ?? self::USUAL_HEAVY_M) / 4;
                $rule = Riser::byModulus(Length::fromSi($modulus), RiserAdvice::kind($basis))->si();
                $diameter = self::size($basis, $result, 'feeding.riser_diameter', 'riser_diameter', $id, $rule);
                $height = $basis->si('feeding.riser_height');

                return new RiserSeat(
                    $id,
                    $diameter,
                    null === $height ? Size::usual($diameter->metres) : Size::told($height),
                    self::size(
                        $basis,
                        $result,
                        'feeding.neck',
                        'riser_neck',
                        $id,
                        min(4 * Riser::NECK_FACTOR * $modulus, RiserAdvice::room($basis, $id)),
                    ),
                    RiserAdvice::kind($basis),
                );
            },
            [] === $seats ? [''] : $seats,
        );
    }

    private function freezingTimes(Temperature $metal): void
    {
        $order = $this->moduli;
        asort($order);
        $place = 0;
        foreach ($order as $id => $modulus) {
            ++$place;
            $label = mb_strtolower($this->basis->sections?->get($id)->label ?? $id);
            $this->sheet->add(
                code: 'freezing_time',
                label: "Solid after, {$label}",
                value: $this->lastLiquid($modulus, $metal),
                formula: 't = B M²',
                inputs: [
                    $this->sheet->input('M', 'Volume over cooled area', Estimate::exact(Dimension::Length, $modulus)),
                    $this->sheet->input('T', 'Metal in the mould', Estimate::exactly($metal)),
                    $this->sheet->input(
                        't₀',
                        'Plain rule, without the freezing range',
                        Estimate::exactly(
                            FreezingTime::chvorinov(
                                $this->alloy,
                                $this->mould,
                                Length::fromSi($modulus),
                                $metal,
                                $this->basis->coolsAgainst(),
                            ),
                        ),
                    ),
                ],
                source: 'N. Chvorinov 1940; last-liquid form derived',
                mark: Mark::RecalledFromMemory,
                standing: 'plain',
                note: match ($place) {
                    1 => 'Freezes first.',
                    count($order) => 'Freezes last.',
                    default => '',
                },
                subject: $id,
            );
        }
    }

    private function lastLiquid(float $modulus, Temperature $metal): Estimate
    {
        $seconds = FreezingTime::lastLiquid(
            $this->alloy,
            $this->mould,
            Length::fromSi($modulus),
            $metal,
            $this->basis->coolsAgainst(),
        )->si();

        // Within 10 % of a numerical solution for clean sand; a caster's own sand is known to a quarter.
        $time = Estimate::between(Dimension::Time, $seconds, $seconds * 0.75, $seconds * 1.3);

        return $this->alloy->isGradeUnknown() ? $time->widenedBy(self::GRADE_UNKNOWN) : $time;
    }

    /**
     * Where liquid metal stands ready and for how much modulus.
     *
     * @param array<string, float> $sizes
     *
     * @return array<string, float> section id it stands on → modulus of the feeder
     */
    private function feeders(array $sizes): array
    {
        $kind = $this->basis->values->choice('feeding.riser');
        $feeders = [];
        $diameter = $this->basis->si('feeding.riser_diameter');
        $height = $this->basis->si('feeding.riser_height') ?? $diameter;
        if (null !== $diameter && null !== $height && in_array($kind, ['open', 'blind', null], true)) {
            foreach (self::seats($this->basis, $this->moduli) as $id) {
                $feeders[$id] = $this->advice->modulusOf($diameter, $height) * $this->advice->sleeve();
            }
        }
        if ('sprue' === $kind) {
            // The gate must stay open as long as the sprue feeds through it: the thinner of the two counts.
            $bore = $this->basis->si('gating.sprue') ?? ($sizes['sprue_base'] ?? 0.014);
            $gate = ($this->basis->si('gating.gate_thickness') ?? ($sizes['gate_thickness'] ?? 0.004)) / 2;
            foreach ($this->basis->sections?->gated() ?? [] as $id) {
                $feeders[$id] = max($feeders[$id] ?? 0.0, min($bore / 4, $gate * 1.2));
                if ($gate < ($this->moduli[$id] ?? 0.0)) {
                    $this->sheet->warn(
                        'gate_freezes',
                        'The sprue cannot feed: its gate freezes before the section behind it.',
                        'risky',
                        $id,
                    );
                }
            }
        }

        return $feeders;
    }

    /**
     * @param FieldKey $field
     * @param FigureCode $code
     */
    private static function size(Basis $basis, StageResult $result, string $field, string $code, string $id, float $usual): Size
    {
        $told = $basis->si($field);
        $figure = $result->figure($code, $id);

        return match (true) {
            null !== $told => Size::told($told),
            null !== $figure => Size::computed($figure->value->si),
            default => Size::usual($usual),
        };
    }

    /**
     * @param array<string, float> $moduli
     *
     * @return list<string> sections a riser stands on; the heaviest where it is only said that one does
     */
    private static function seats(Basis $basis, array $moduli): array
    {
        $seats = [];
        foreach ($basis->sections?->all() ?? [] as $section) {
            if ($section->riser && isset($moduli[$section->id])) {
                $seats[] = $section->id;
            }
        }
        if ([] === $seats && [] !== $moduli && false !== $basis->values->flag('feeding.at_heaviest')) {
            arsort($moduli);
            $seats[] = array_key_first($moduli);
        }

        return $seats;
    }

    /**
     * Of a mesh, every place that is thicker than all round it, and whether it can draw from a riser.
     *
     * @param array<string, float> $feeders
     */
    private function thickPlaces(string $id, CastingGeometry $solid, array $feeders, Temperature $metal): void
    {
        if (isset($feeders[$id])) {
            $this->advice->compare($feeders[$id], $this->moduli[$id], $id, 'the thickest place');
        }
        $wall = $this->basis->bodies[$id]->thickness;
        foreach ($solid->hotSpots as $spot) {
            if (isset($feeders[$id]) && $spot->isFed()) {
                continue;
            }
            if ($spot->thickness < self::HEAVIER * $wall && FreezingClass::Long === $this->alloy->freezing) {
                $words = 'Even walls: this alloy spreads its shrinkage as fine pores; no riser helps much.';
                $this->sheet->warn('dispersed', $words, 'risky', $id);
                continue;
            }
            $where = 'Thick place of '.$this->basis->shown($spot->thickness, Dimension::Length).', '
                .$this->basis->shown($spot->place[2] ?? 0.0, Dimension::Length).' over the lowest point: ';
            $words = isset($feeders[$id]) && null !== $spot->neck
                ? 'the neck of '.$this->basis->shown($spot->neck, Dimension::Length).' to the riser freezes first.'
                : 'nothing feeds it.';
            $this->sheet->warn('hot_spot', $where.$words.' Set a riser over it, chill it, or let metal in there.', 'risky', $id);
        }
        $this->wantedRiser($id, 'the thickest place', $metal);
    }

    /** @param array<string, float> $feeders */
    private function feed(string $id, array $feeders, Temperature $metal): void
    {
        $own = $this->moduli[$id];
        $label = mb_strtolower($this->basis->sections?->get($id)->label ?? $id);
        if (isset($feeders[$id])) {
            $this->advice->compare($feeders[$id], $own, $id, $label);
            $this->advice->reach($id, $label);
            $this->wantedRiser($id, $label, $metal);

            return;
        }
        $blocked = $this->blockedOnTheWay($id, $feeders);
        if (null === $blocked) {
            return;
        }
        $standing = $this->matters($id) ? 'bad' : 'risky';
        $words =
            '' === $blocked
                ? ucfirst($label).': nothing feeds it, and it freezes last of its neighbours.'
                : ucfirst($label).
                    ': cut off when '.
                    mb_strtolower($this->basis->sections?->get($blocked)->label ?? $blocked).
                    ' freezes.';
        if (FreezingClass::Long === $this->alloy->freezing && !$this->matters($id)) {
            $this->sheet->warn(
                'dispersed',
                ucfirst($label).': this alloy spreads its shrinkage as fine pores; no riser helps much.',
                'risky',
                $id,
            );

            return;
        }
        $helps = $this->isFoam() ? ' Let metal in there, or make it lighter.' : ' Set a riser there, chill it, or let metal in there.';
        $this->sheet->warn('hot_spot', $words.$helps, $standing, $id);
        $this->wantedRiser($id, $label, $metal);
        if (!$this->isFoam()) {
            $this->chill($id, $label, $blocked);
        }
    }

    /** What of a heavy part has to lie on a chill for it to freeze no later than what cuts it off. */
    private function chill(string $id, string $label, string $blocked): void
    {
        $neighbours = $this->basis->sections?->neighbours()[$id] ?? [];
        $around = array_filter(
            $this->moduli,
            static fn (string $one): bool => $one === $blocked || ('' === $blocked && in_array($one, $neighbours, true)),
            \ARRAY_FILTER_USE_KEY,
        );
        if ([] !== $around && $this->matters($id)) {
            (new ChillAdvice($this->basis, $this->sheet, $this->cooling))->wanted($id, $label, max($around));
        }
    }

    private function isFoam(): bool
    {
        return $this->mould->isLostFoam();
    }

    /** A hot spot worth a riser is clearly heavier than the thinnest section. */
    private function matters(string $id): bool
    {
        $volume = fn (string $one): float => ($this->basis->bodies[$one]->volume ?? 0.0) * ($this->basis->sections?->get($one)->count ?? 1);
        $all = array_sum(array_map($volume, array_keys($this->moduli)));
        // Letters and other thin details freeze first and starve nobody.
        $walls = array_filter($this->moduli, static fn (string $one): bool => $volume($one) >= self::DETAIL * $all, \ARRAY_FILTER_USE_KEY);

        return $this->moduli[$id] > self::HEAVIER * min([\INF, ...array_values($walls)]);
    }

    /**
     * The section whose early freezing cuts this one off from every feeder; '' when there is none to be reached; null when it is fed.
     *
     * @param array<string, float> $feeders
     */
    private function blockedOnTheWay(string $id, array $feeders): ?string
    {
        $neighbours = $this->basis->sections?->neighbours() ?? [];
        $own = $this->moduli[$id];
        $queue = [$id];
        $seen = [$id => true];
        $blocker = null;
        while ([] !== $queue) {
            $at = array_shift($queue);
            foreach ($neighbours[$at] ?? [] as $next) {
                if (isset($seen[$next]) || !isset($this->moduli[$next])) {
                    continue;
                }
                $seen[$next] = true;
                if ($this->moduli[$next] < self::TOGETHER * $own) {
                    // Feeders behind a section that freezes first are of no use to this one.
                    $blocker ??= $next;
                    continue;
                }
                if (isset($feeders[$next])) {
                    return null;
                }
                // What freezes later feeds what freezes earlier, without any riser.
                if ($this->moduli[$next] > $own / self::TOGETHER) {
                    return null;
                }
                $queue[] = $next;
            }
        }

        return $blocker ?? '';
    }

    private function wantedRiser(string $id, string $label, Temperature $metal): void
    {
        // On foam the coldest metal would stand in a riser: it is fed through its gates, unless the caster has one.
        if ($this->isFoam() && !$this->basis->hasRisers()) {
            return;
        }
        if (!$this->matters($id) && count($this->moduli) > 1) {
            return;
        }
        $this->advice->wanted($id, $label, $metal);
    }

    private function compareRiser(float $modulus, string $id, string $label): void
    {
        $diameter = $this->basis->si('feeding.riser_diameter');
        if (null !== $diameter && 'none' !== $this->basis->values->choice('feeding.riser')) {
            $this->advice->compare(
                $this->advice->modulusOf($diameter, $this->basis->si('feeding.riser_height') ?? $diameter),
                $modulus,
                $id,
                $label,
            );
        }
    }
}
