<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Finishing;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Table;
use MoltenNotes\Core\Working\Working;
use MoltenNotes\Core\Working\WorkingInput;

/**
 * The route of finishing for one casting, in the right order, with the time of each step, its grits, holds, chips and cautions.
 *
 * t = t_setup + k · A (or V), with k by family of metals (Data/work.php, common practice, ± a half). Chips: kerf · A · ρ and allowance ·
 * area · ρ (derived). Order: Data/steps.php, common practice.
 */
final readonly class Route
{
    private const SETUP_MIN = ['cut_gates' => 4.0, 'rough_machine' => 15.0, 'finish_machine' => 15.0, 'sand' => 3.0, 'polish' => 5.0];
    /** Where nobody said how much is machined, and how much is left on; m² and m, common practice. */
    private const USUAL_MACHINED_SHARE = 0.08;
    private const USUAL_ALLOWANCE_M = 0.0015;
    /** What sticks to bench and wheel, and what is cut a little wider. */
    private const CHIPS_WITHIN = 0.3;
    private const OVEN_LOAD_MIN = 15.0;
    private const OVEN_RISE_S = 3600.0;
    /** Ends a look is sanded to: grit. */
    private const LAST_GRIT = ['as_cast' => 120, 'painted' => 120, 'polished' => 400, 'patinated' => 320];
    /** What of the skin is sanded where it is to stay as cast: edges and gate scars. */
    private const AS_CAST_SHARE = 0.15;

    /**
     * @param list<RouteStep> $steps in their order
     * @param Estimate $hands s of all steps
     * @param Estimate $waits s that go by themselves
     * @param list<string> $missing what would make it surer
     */
    private function __construct(public array $steps, public Estimate $hands, public Estimate $waits, public array $missing)
    {
    }

    /** Source: as the class says. What is not known is taken as is usual, and named. */
    public static function of(RouteFacts $facts, QuantityFormatter $format): self
    {
        $steps = [];
        $hands = $waits = Estimate::exact(Dimension::Time, 0.0);
        foreach (self::table() as $row) {
            $step = self::step($row, $facts, $format);
            if (null !== $step) {
                $steps[] = $step;
                $hands = $hands->plus($step->hands);
                $waits = null === $step->waits ? $waits : $waits->plus($step->waits);
            }
        }
        $missing = array_values(array_filter([
            null === $facts->alloy ? 'the metal' : null,
            null === $facts->face ? 'its sections or a mesh, for its skin' : null,
            null === $facts->cut ? 'gates and riser, for the cuts' : null,
            null === $facts->purpose ? 'what it is for' : null,
        ]));

        return new self($steps, $hands, $waits, $missing);
    }

    /** @return list<string> codes of all steps, in their order */
    public static function codes(): array
    {
        return array_column(self::table(), 'code');
    }

    /** @return list<array{code: string, label: string}> all steps, in their order */
    public static function labels(): array
    {
        return array_map(static fn (array $row): array => ['code' => $row['code'], 'label' => $row['label']], self::table());
    }

    /** @param array{code: string, label: string, only: string, hold: string, why: string} $row */
    private static function step(array $row, RouteFacts $facts, QuantityFormatter $format): ?RouteStep
    {
        $look = $facts->look();
        $repairs = self::repairsAt($row['code'], $facts);
        $applies = match ($row['only']) {
            'always' => true,
            'machined' => $facts->isMachined(),
            'treated' => null !== Treatment::find($facts->treatment),
            'polished' => 'polished' === $look,
            'patinated' => 'patinated' === $look,
            'painted' => 'painted' === $look,
            'filled' => false,
            'fitted' => !in_array($facts->fit, [null, 'none'], true),
            default => throw new \LogicException("No step is only for {$row['only']}."),
        };
        if (!$applies && [] === $repairs) {
            return null;
        }
        $work = HandWork::of($facts->alloy?->family);
        $made = match ($row['code']) {
            'cut_gates' => self::cutGates($facts, $work, $format),
            'rough_machine' => self::machine($facts, $work, $format, true),
            'finish_machine' => self::machine($facts, $work, $format, false),
            'heat_treat' => self::heatTreat($facts, $format),
            'sand' => self::sand($facts, $work, $format),
            'polish' => self::polish($facts, $work, $format),
            'inspect' => self::plain('Into each cut, over every face, with a lamp from the side; tap it: a crack does not ring.', 5, 10),
            'patina' => self::plain('Degrease, warm, brush on thinly, rinse, wax while it is warm.', 30, 60, [4, 24], [
                'Patina salts are poison, and their fumes are not for breathing: gloves, moving air; the rest goes to those who take it.',
            ]),
            'fill' => self::plain('', 0, 0, [4, 24]),
            'paint' => self::plain('Primer and two coats, thin.', 30, 60, [24, 72]),
            'fit' => self::plain(self::fitWords($facts->fit), 15, 45),
            'sign_off' => self::plain('', 2, 5),
            default => throw new \LogicException("No such step: {$row['code']}."),
        };
        if (!$applies) {
            $made = self::plain('', 0, 0, 'fill' === $row['code'] ? [4, 24] : null);
        }
        $hands = $made['hands'];
        foreach ($repairs as $repair) {
            $hands = $hands->plus($repair->hands);
            if ('' !== $repair->caution) {
                $made['cautions'][] = $repair->caution;
            }
        }

        return new RouteStep(
            $row['code'],
            $row['label'],
            trim($made['words'].' '.implode(' ', array_map(static fn (Repair $one): string => $one->words, $repairs))),
            $row['hold'],
            $row['why'],
            $hands,
            $made['waits'],
            $made['chips'] ?? null,
            array_values(array_unique($made['cautions'])),
            $made['grits'] ?? [],
            array_map(static fn (Repair $one): string => $one->label, $repairs),
            $made['working'] ?? null,
        );
    }

    /** @return list<Repair> that are chosen, and done at this step */
    private static function repairsAt(string $step, RouteFacts $facts): array
    {
        $repairs = [];
        foreach (array_unique($facts->faults) as $fault) {
            foreach (Repair::of($fault, $facts->alloy?->family, $facts->purpose, $facts->look()) as $one) {
                if ($step === $one->step && in_array($one->code, $facts->mended, true)) {
                    $repairs[$one->code] = $one;
                }
            }
        }

        return array_values($repairs);
    }

    /**
     * @return array{words: string, hands: Estimate, waits: Estimate|null, chips: Estimate|null, cautions: list<string>, working: Working}
     */
    private static function cutGates(RouteFacts $facts, HandWork $work, QuantityFormatter $format): array
    {
        $area = $facts->cut ?? Estimate::between(Dimension::Area, 6e-4, 2e-4, 20e-4);
        $setup = self::SETUP_MIN['cut_gates'] * max(1, $facts->cuts);
        $hands = self::minutes($setup, $area->times(1e4), $work->saw);
        $chips = self::chips($facts, $area->times($work->kerfMm / 1000));
        $cuts = 1 === $facts->cuts ? 'one cut' : max(1, $facts->cuts).' cuts';
        $large = null === $facts->cut ? 'as large as such gates usually are' : $format->estimate($area).' in all';

        return [
            'words' => ucfirst("{$cuts}, {$large}. Saw beside the face, then grind to it."),
            'hands' => $hands,
            'waits' => null,
            'chips' => $work->isDear ? $chips : null,
            'cautions' => [self::dust($facts, $work), 'Eyes, ears, and gloves off at anything that turns.'],
            'working' => self::working($hands, 't₀ n + k A', [
                new WorkingInput('n', 'Cuts', (string) max(1, $facts->cuts), 'computed'),
                new WorkingInput('A', 'Cut through', $format->estimate($area), null === $facts->cut ? 'default' : 'computed'),
                new WorkingInput('k', 'Of such metal', "{$work->saw} min a cm²", 'table'),
            ], $format),
        ];
    }

    /**
     * @return array{words: string, hands: Estimate, waits: Estimate|null, chips: Estimate|null, cautions: list<string>, working: Working}
     */
    private static function machine(RouteFacts $facts, HandWork $work, QuantityFormatter $format, bool $isRough): array
    {
        $face = $facts->face ?? Estimate::between(Dimension::Area, 0.03, 0.01, 0.08);
        $area = $facts->machined ?? $face->times(self::USUAL_MACHINED_SHARE);
        $left = $facts->allowance?->si() ?? self::USUAL_ALLOWANCE_M;
        // The last half millimetre is left for the fine cut.
        $depth = $isRough ? max(0.0, $left - 0.0005) : min($left, 0.0005);
        $volume = $area->times($depth);
        $cm3 = Estimate::between(Dimension::Ratio, $volume->si * 1e6, $volume->lowSi * 1e6, $volume->highSi * 1e6);
        $setup = self::SETUP_MIN[$isRough ? 'rough_machine' : 'finish_machine'];
        $hands = self::minutes($setup, $cm3, $isRough ? $work->mill : 3 * $work->mill);
        $told = $format->estimate($area);

        return [
            'words' => ($isRough ? "Down to half a millimetre above size: {$told}." : "To size: {$told}.")
                .(null === $facts->machined ? ' How much is machined nobody said: as is usual.' : ''),
            'hands' => $hands,
            'waits' => null,
            'chips' => $work->isDear ? self::chips($facts, Estimate::between(
                Dimension::Volume,
                $volume->si,
                $volume->lowSi,
                $volume->highSi,
            )) : null,
            'cautions' => [self::dust($facts, $work)],
            'working' => self::working($hands, 't₀ + k A d', [
                new WorkingInput('A', 'Machined', $told, null === $facts->machined ? 'default' : 'typed'),
                new WorkingInput('d', 'Taken off', round(1000 * $depth, 2).' mm', null === $facts->allowance ? 'default' : 'typed'),
                new WorkingInput('k', 'Of such metal', round($isRough ? $work->mill : 3 * $work->mill, 1).' min a cm³', 'table'),
            ], $format),
        ];
    }

    /** @return array{words: string, hands: Estimate, waits: Estimate|null, cautions: list<string>} */
    private static function heatTreat(RouteFacts $facts, QuantityFormatter $format): array
    {
        $treatment = Treatment::find($facts->treatment);
        if (null === $treatment) {
            return self::plain('', 0, 0);
        }
        $waits = Estimate::exact(Dimension::Time, 0.0);
        $stages = $treatment->stages($facts->wall);
        foreach ($stages as $stage) {
            $waits = $waits->plus($stage->hold)->plus(
                Estimate::between(Dimension::Time, self::OVEN_RISE_S, self::OVEN_RISE_S / 2, 2 * self::OVEN_RISE_S),
            );
        }
        $words = null !== $facts->alloy && !in_array($facts->alloy->code, $treatment->alloys, true)
            ? "{$treatment->name} is not for {$facts->alloy->name}: choose another, or none."
            : "{$treatment->name}: {$treatment->gives}.";
        $load = self::OVEN_LOAD_MIN * count($stages);

        return [
            'words' => $words,
            'hands' => Estimate::between(Dimension::Time, 60 * $load, 40 * $load, 120 * $load),
            'waits' => $waits,
            'cautions' => $treatment->cautions,
        ];
    }

    /** @return array{words: string, hands: Estimate, waits: null, cautions: list<string>, grits: list<int>, working: Working} */
    private static function sand(RouteFacts $facts, HandWork $work, QuantityFormatter $format): array
    {
        $look = $facts->look();
        $first = Grits::first(($facts->skin[0] + $facts->skin[1]) / 2);
        $grits = Grits::between($first, self::LAST_GRIT[$look] ?? 120);
        $share = 'as_cast' === $look ? self::AS_CAST_SHARE : 1.0;
        $face = ($facts->face ?? Estimate::between(Dimension::Area, 0.03, 0.01, 0.08))->times($share);
        $hands = self::minutes(self::SETUP_MIN['sand'] * count($grits), $face->times(1e2), $work->sand * count($grits));
        $words = 'as_cast' === $look || 'painted' === $look
            ? 'Blast or wire-brush the skin; sand '.('as_cast' === $look ? 'gate scars and edges' : 'it').' through the grits.'
            : 'All of it, grit after grit, each until the scratches of the one before are gone.';

        return [
            'words' => $words,
            'hands' => $hands,
            'waits' => null,
            'cautions' => [
                self::dust($facts, $work),
                'Dust of sanding, sand and wheels is not for breathing: mask, and moving air or water.',
            ],
            'grits' => $grits,
            'working' => self::working($hands, 'n (t₀ + k A)', [
                new WorkingInput('n', 'Grits', implode(', ', $grits), 'computed'),
                new WorkingInput('A', 'Sanded', $format->estimate($face), null === $facts->face ? 'default' : 'computed'),
                new WorkingInput('k', 'Of such metal', "{$work->sand} min a dm²", 'table'),
            ], $format),
        ];
    }

    /** @return array{words: string, hands: Estimate, waits: null, cautions: list<string>, working: Working} */
    private static function polish(RouteFacts $facts, HandWork $work, QuantityFormatter $format): array
    {
        $face = $facts->face ?? Estimate::between(Dimension::Area, 0.03, 0.01, 0.08);
        $hands = self::minutes(self::SETUP_MIN['polish'], $face->times(1e2), $work->polish);

        return [
            'words' => 'Cut, then colour; a wheel for each compound and each metal.',
            'hands' => $hands,
            'waits' => null,
            'cautions' => ['A wheel throws what it catches: hold it below the middle, no gloves, no loose sleeves, a mask.'],
            'working' => self::working($hands, 't₀ + k A', [
                new WorkingInput('A', 'Polished', $format->estimate($face), null === $facts->face ? 'default' : 'computed'),
                new WorkingInput('k', 'Of such metal', "{$work->polish} min a dm²", 'table'),
            ], $format),
        ];
    }

    /** What is minded of its dust; of a metal that nobody said, that it is to be said. */
    private static function dust(RouteFacts $facts, HandWork $work): string
    {
        return null === $facts->alloy ? 'Say which metal it is: each has a dust of its own to be minded.' : $work->dust;
    }

    private static function fitWords(?string $fit): string
    {
        return match ($fit) {
            'eye' => 'Taper the eye both ways from its middle, 1 in 20; the handle from below, wedged above, grain along the blow.',
            'pressed' => 'Warm the outer, cool the inner; a thousandth of the bore is press enough. Never with a hammer on cast iron.',
            'thread' => 'Tap cast metal dry or with paraffin; coarse threads, one and a half times as deep as wide in aluminium.',
            'bolted' => 'Spot-face under each head: a bolt on a cast skin bends.',
            default => '',
        };
    }

    /**
     * @param array{int, int}|null $hours that it takes by itself
     * @param list<string> $cautions
     *
     * @return array{words: string, hands: Estimate, waits: Estimate|null, cautions: list<string>}
     */
    private static function plain(string $words, float $least, float $most, ?array $hours = null, array $cautions = []): array
    {
        return [
            'words' => $words,
            'hands' => Estimate::between(Dimension::Time, 30 * ($least + $most), 60 * $least, 60 * $most),
            'waits' => null === $hours
                ? null
                : Estimate::between(Dimension::Time, 1800 * array_sum($hours), 3600 * $hours[0], 3600 * $hours[1]),
            'cautions' => $cautions,
        ];
    }

    /** t = t₀ + k x, ± what hands differ by; x in what k is for. */
    private static function minutes(float $setup, Estimate $of, float $k): Estimate
    {
        $time = static fn (float $x): float => 60 * ($setup + $k * $x);

        return Estimate::between(Dimension::Time, $time($of->si), $time($of->lowSi), $time($of->highSi))->widenedBy(HandWork::WITHIN);
    }

    private static function chips(RouteFacts $facts, Estimate $volume): ?Estimate
    {
        $rho = $facts->alloy?->densitySolid->si();

        return null === $rho ? null : Estimate::between(
            Dimension::Mass,
            $volume->si * $rho,
            $volume->lowSi * $rho,
            $volume->highSi * $rho,
        )->widenedBy(self::CHIPS_WITHIN);
    }

    /** @param list<WorkingInput> $inputs */
    private static function working(Estimate $hands, string $formula, array $inputs, QuantityFormatter $format): Working
    {
        return new Working(
            $formula,
            $inputs,
            $format->rough($hands),
            $format->span($hands),
            'a bench with hand tools; ± a half for hands and tools',
            Mark::CommonPractice,
        );
    }

    /** @return list<array{code: string, label: string, only: string, hold: string, why: string}> */
    private static function table(): array
    {
        /** @var list<array{code: string, label: string, only: string, hold: string, why: string}> $rows */
        $rows = Table::rows(__DIR__.'/Data/steps.php', ['code', 'label', 'only', 'hold', 'why']);

        return $rows;
    }
}
