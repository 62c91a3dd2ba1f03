<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Gating\CannotFill;
use MoltenNotes\Core\Gating\Choke;
use MoltenNotes\Core\Gating\CriticalSpeed;
use MoltenNotes\Core\Gating\EffectiveHead;
use MoltenNotes\Core\Gating\FlowLosses;
use MoltenNotes\Core\Gating\GatingRatio;
use MoltenNotes\Core\Gating\PourTime;
use MoltenNotes\Core\Gating\Reynolds;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\Levels;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Working\StageSheet;

/**
 * The gating: pour time, choke, sizes in the caster's own tools, and what those that were cut really do.
 * What is cut is followed; what is not yet cut is sized.
 */
final class GatingStage
{
    /** Below this nothing flows that surface tension would not hold back. Derived from the least head into a slot. */
    private const LEAST_HEAD_M = 0.001;
    /** Metal that stands over the sprue where its depth is not told. Common practice. */
    public const USUAL_BASIN_M = 0.04;
    /** Of a sprue in a mould that is not chosen yet. Common practice. */
    private const LEAST_BORE_M = 0.01;
    /** Reynolds number from which on a channel is turbulent inside for certain. Common practice. */
    private const SURELY_TURBULENT = 4000.0;
    private const WELL_TIMES_CHOKE = 5.0;
    /** Gates are at most half as thick as what they enter, so that they break off clean and freeze first. Common practice. */
    private const GATE_TO_SECTION = 0.5;

    private readonly StageSheet $sheet;
    private ?Estimate $fillTime = null;
    private ?float $chokeArea = null;
    private ?float $flow = null;

    /**
     * @var array<string, float> sprue_base, sprue_top, runner_width, runner_height, gate_width, gate_thickness: metres, cut or else sized
     */
    private array $sizes = [];

    private function __construct(
        private readonly Basis $basis,
        private readonly Alloy $alloy,
        private readonly float $volume,
        private readonly ?float $longestPour,
    ) {
        $this->sheet = new StageSheet($basis->format);
    }

    /**
     * @param float|null $volume m³ of one casting
     * @param float|null $longestPour seconds that still fill everything comfortably
     */
    public static function compute(Basis $basis, ?float $volume, ?float $longestPour): GatingResult
    {
        if (null === $basis->alloy || null === $volume) {
            $sheet = new StageSheet($basis->format);
            $sheet->lacks(
                'gating',
                null === $basis->alloy ? ['metal.alloy'] : ['casting.sections'],
                null === $basis->alloy ? 'Choose the metal.' : 'The volume of the casting is wanted first.',
            );
            // A logged pour time is enough for the filling, whatever was cut.
            $logged = $basis->estimate('pour.time');

            return self::fromCutsAlone($basis, $sheet, $logged);
        }
        $stage = new self($basis, $basis->alloy, $volume, $longestPour);
        $stage->run();

        return new GatingResult($stage->sheet->result(), $stage->fillTime, $stage->chokeArea, $stage->flow, $stage->sizes);
    }

    /** No volume: speed in the gates can still be told from what was cut. */
    private static function fromCutsAlone(Basis $basis, StageSheet $sheet, ?Estimate $logged): GatingResult
    {
        if (null === $basis->alloy) {
            return new GatingResult($sheet->result(), $logged, null, null, []);
        }
        $stage = new self($basis, $basis->alloy, 0.0, null);
        $stage->asCut($sheet);

        return new GatingResult($sheet->result(), $logged, $stage->chokeArea, $stage->flow, $stage->sizes);
    }

    private function run(): void
    {
        $time = $this->pourTime();
        $head = $this->head();
        if (null === $head) {
            $this->fillTime = $this->basis->estimate('pour.time') ?? $time;

            return;
        }
        $this->size($time, $head);
        $this->asCut($this->sheet, $head);
        $logged = $this->basis->estimate('pour.time');
        if (null !== $logged) {
            $this->fillTime = $logged->widenedBy(0.15);
        }
    }

    private function mass(): float
    {
        return $this->volume * $this->alloy->densityLiquid->si() * $this->basis->castings();
    }

    private function thickness(): float
    {
        $area = 0.0;
        $volume = 0.0;
        foreach ($this->basis->bodies as $body) {
            $area += $body->surface;
            $volume += $body->volume;
        }

        return $area > 0 ? (2 * $volume) / $area : $this->basis->si('casting.wall') ?? 0.006;
    }

    /** Every rule that applies side by side; the time aimed at is the caster's, else the rule bounded by what still fills. */
    private function pourTime(): Estimate
    {
        if ([] === $this->basis->bodies) {
            $told = $this->basis->values->has('casting.wall');
            $mean = $this->basis->shown($this->thickness(), Dimension::Length);
            $this->sheet->assume(
                "Average thickness {$mean}".($told ? ', that of the thinnest wall.' : '.'),
                $told ? 'casting.sections' : 'casting.wall',
            );
        }
        $rules = PourTime::rules($this->alloy, $this->mass(), $this->thickness() * 1000, $this->basis->fill());
        foreach ($rules as $rule) {
            $this->sheet->add(
                code: 'pour_time_'.$rule['rule'],
                label: "Pour time, {$rule['label']}",
                value: Estimate::between(Dimension::Time, $rule['seconds'], $rule['seconds'] * 0.75, $rule['seconds'] * 1.25),
                formula: $rule['formula'],
                inputs: [
                    $this->sheet->input('W', 'Metal in the castings', Estimate::exact(Dimension::Mass, $this->mass())),
                    $this->sheet->input('T', 'Average thickness', Estimate::exact(Dimension::Length, $this->thickness())),
                ],
                source: $rule['source'],
                mark: $rule['mark'],
            );
        }
        if ('iron' === $this->family()->pourRule && $this->mass() > PourTime::IRON_RULES_TO_KG) {
            $this->sheet->assume(
                'The rules for iron and steel end at '.
                    $this->basis->shown(PourTime::IRON_RULES_TO_KG, Dimension::Mass).
                    '; beyond it the time at that mass is shown.',
            );
        }
        $usual = $rules[0]['seconds'];
        $typed = $this->basis->estimate('gating.fill_time');
        $light = 'warm' === $this->family()->heatsSand;
        $seconds = match (true) {
            null !== $typed => $typed->si,
            null === $this->longestPour => $usual,
            $light => max(0.5, $this->longestPour < $usual ? $this->longestPour : min($this->longestPour, 3 * $usual)),
            default => min($usual, max(0.5, $this->longestPour)),
        };
        $why = match (true) {
            null !== $typed => '',
            null !== $this->longestPour && $this->longestPour < $usual => 'Shorter than the rule: longer, and a section stops short.',
            $light && null !== $this->longestPour && $seconds > $usual => 'Longer than the rule: light metal may come slowly while '.
                'everything still fills.',
            default => '',
        };
        $aim = $typed ?? Estimate::between(Dimension::Time, $seconds, $seconds * 0.8, $seconds * 1.2);
        $this->sheet->add(
            code: 'pour_time',
            label: 'Pour time aimed at',
            value: $aim,
            formula: null === $typed ? 'the first rule, bounded by the filling' : 'as typed',
            inputs: null === $this->longestPour
                ? [$this->sheet->input('t', 'By the first rule', Estimate::exact(Dimension::Time, $usual))]
                : [$this->sheet->input('t_max', 'Longest that fills comfortably', Estimate::exact(Dimension::Time, $this->longestPour))],
            source: 'the rules side by side',
            mark: Mark::Derived,
            standing: 'plain',
            note: $why,
        );

        return $aim;
    }

    private function head(): ?float
    {
        $head = $this->basis->si('gating.sprue_height');
        if (null === $head) {
            $this->sheet->lacks('choke', ['gating.sprue_height'], 'Give the head: from the gate up to the metal in cup or basin.');

            return null;
        }
        if ($head < self::LEAST_HEAD_M) {
            $this->sheet->warn('cannot_fill', 'There is no head of metal: nothing drives it into the mould.', 'bad');
            $this->sheet->lacks(
                'choke',
                ['gating.sprue_height'],
                'A head of at least '.$this->basis->shown(self::LEAST_HEAD_M, Dimension::Length).' is wanted to size anything.',
            );

            return null;
        }
        $fill = $this->basis->fill();
        $levels = Levels::of($this->basis);
        [$height, $above] = [$levels->height, $levels->above];
        if (!$levels->aboveKnown && in_array($fill, ['parting', 'step'], true) && $height > 0) {
            $this->sheet->assume('Half of the casting stands above the gates.', 'casting.above');
        }
        try {
            $effective = EffectiveHead::of('step' === $fill ? 'parting' : $fill, $head, $height, $above);
        } catch (CannotFill $cannot) {
            $this->sheet->warn(
                'cannot_fill',
                'The casting rises '.
                    $this->basis->shown($cannot->height, Dimension::Length).
                    ' above the gate, the metal in the basin only '.
                    $this->basis->shown($cannot->head, Dimension::Length).
                    ': the top cannot fill.',
                'bad',
            );

            return null;
        }
        $this->sheet->add(
            code: 'head',
            label: 'Effective head',
            value: Estimate::exact(Dimension::Length, $effective),
            formula: match ($fill) {
                'top' => 'H_e = H',
                'bottom' => 'H_e = H − C/2',
                default => 'H_e = H − p²/(2C)',
            },
            inputs: [
                $this->sheet->input('H', 'Head', Estimate::exact(Dimension::Length, $head), 'typed'),
                $this->sheet->input('C', 'Height of the casting', Estimate::exact(Dimension::Length, $height)),
                $this->sheet->input('p', 'Above the gates', Estimate::exact(Dimension::Length, $above)),
            ],
            source: 'American Foundry Society practice; exact form where the casting rises above ¾ of the head',
            mark: Mark::RecalledFromMemory,
        );

        return $effective;
    }

    /** What sprue, foot and filter as told leave of the speed. */
    public static function losses(Basis $basis): Estimate
    {
        return FlowLosses::coefficient(
            'straight' !== $basis->values->choice('gating.sprue_shape'),
            'none' === $basis->values->choice('gating.well'),
            true === $basis->values->flag('gating.filter'),
        );
    }

    /** Sizes that are not cut yet. */
    private function size(Estimate $time, float $head): void
    {
        $c = self::losses($this->basis);
        $choke = Estimate::through(
            Dimension::Area,
            fn (float $t, float $c): float => Choke::area($this->mass(), $this->alloy->densityLiquid->si(), max(0.1, $t), $c, $head),
            $time,
            $c,
        );
        $this->sheet->add(
            code: 'choke',
            label: 'Choke',
            value: $choke,
            formula: 'A = W / (ρ t c √(2 g H_e))',
            inputs: [
                $this->sheet->input('W', 'Metal in the castings', Estimate::exact(Dimension::Mass, $this->mass())),
                $this->sheet->input('ρ', 'Liquid metal', Estimate::exactly($this->alloy->densityLiquid), 'table'),
                $this->sheet->input('t', 'Pour time', $time),
                $this->sheet->input(
                    'c',
                    'straight' === $this->basis->values->choice('gating.sprue_shape') ? 'Straight sprue' : 'Tapered sprue',
                    $c,
                    'table',
                ),
                $this->sheet->input('H_e', 'Effective head', Estimate::exact(Dimension::Length, $head)),
            ],
            source: 'American Foundry Society practice; P. N. Rao',
            mark: Mark::RecalledFromMemory,
        );
        $ratio = GatingRatio::of($this->basis->school(), $this->family());
        if (!$this->basis->values->has('gating.school')) {
            $this->sheet->assume('School of gating: '.$this->basis->school().', '.$ratio->words().'.', 'gating.school');
        }
        $this->sizeSprue($choke->si * $ratio->timesChoke($ratio->sprue), $ratio);
        // Everything behind the sprue follows what it really lets through: it was rounded up, or is cut already.
        $sprue = (\M_PI * $this->sizes['sprue_base'] ** 2) / 4 / $ratio->timesChoke($ratio->sprue);
        $really = $this->basis->values->has('gating.sprue') ? $sprue : max($choke->si, $sprue);
        $this->sizeRunner($really * $ratio->timesChoke($ratio->runner), $ratio);
        $gates = $really * $ratio->timesChoke($ratio->gates);
        $flow = Choke::flow($really, self::losses($this->basis)->si, $head);
        $calm = 'pressurised' === $this->basis->school() ? 0.0 : $flow / CriticalSpeed::of($this->alloy)->si();
        $this->sizeGates(max($gates, $calm), $calm > $gates, $ratio);
    }

    private function sizeSprue(float $area, GatingRatio $ratio): void
    {
        $bore = sqrt((4 * $area) / \M_PI);
        $least = $this->basis->mould?->leastBore() ?? self::LEAST_BORE_M;
        $floored = max($bore, $least);
        $owned = $this->basis->workshop->cutterFor($floored, 'drill', 'tube');
        $size = $owned?->si() ?? ceil($floored * 1000) / 1000;
        $this->sizes['sprue_base'] = $this->basis->si('gating.sprue') ?? $size;
        $this->sheet->add(
            code: 'sprue_base',
            label: 'Sprue bore at the base',
            value: Estimate::exact(Dimension::Length, $size),
            formula: 'd = √(4A/π), rounded up',
            inputs: [
                $this->sheet->input('A', "Choke × {$ratio->timesChoke($ratio->sprue)}", Estimate::exact(Dimension::Area, $area)),
                $this->sheet->input('d', 'Exactly', Estimate::exact(Dimension::Length, $bore)),
            ],
            source: null === $owned ? 'rounded up' : 'your own drills and tubes',
            mark: Mark::Derived,
            standing: 'plain',
            note: $bore < $least ? 'A narrower one cannot be kept full by hand.' : '',
        );
        $basin = $this->basis->si('gating.basin_depth') ?? self::USUAL_BASIN_M;
        if (!$this->basis->values->has('gating.basin_depth')) {
            $this->sheet->assume($this->basis->shown($basin, Dimension::Length).' of metal stand over the sprue.', 'gating.basin_depth');
        }
        $this->sizeSprueTop($basin);
        if ('well' === $this->basis->values->choice('gating.well')) {
            $this->sheet->add(
                code: 'well',
                label: 'Sprue well, area',
                value: Estimate::exact(Dimension::Area, self::WELL_TIMES_CHOKE * $area),
                formula: 'A = 5 × choke, twice as deep as the runner',
                inputs: [$this->sheet->input('A', 'Choke', Estimate::exact(Dimension::Area, $area))],
                source: 'American Foundry Society practice',
                mark: Mark::RecalledFromMemory,
            );
        }
    }

    private function sizeSprueTop(float $basin): void
    {
        $taper = Choke::taper(Levels::of($this->basis)->head, $basin);
        $straight = 'straight' === $this->basis->values->choice('gating.sprue_shape');
        $top = $this->sizes['sprue_base'] * sqrt($taper ?? 1.0);
        $this->sizes['sprue_top'] = $this->basis->si('gating.sprue_top') ?? ($straight ? $this->sizes['sprue_base'] : $top);
        if (null === $taper) {
            $this->sheet->warn(
                'draws_air',
                'No metal stands over the sprue: it draws air, however it is tapered. Keep the cup full.',
                'bad',
            );
            $this->sheet->lacks('sprue_top', ['gating.basin_depth'], 'How deep metal stands over the sprue is wanted for its taper.');

            return;
        }
        $this->sheet->add(
            code: 'sprue_top',
            label: 'Sprue bore at the top',
            value: Estimate::exact(Dimension::Length, $straight ? $this->sizes['sprue_base'] : ceil($top * 1000) / 1000),
            formula: $straight ? 'as wide as at its foot' : 'A_top/A_base = √(H/h)',
            inputs: [
                $this->sheet->input('H', 'Head', Estimate::exact(Dimension::Length, Levels::of($this->basis)->head), 'typed'),
                $this->sheet->input(
                    'h',
                    'Metal over the sprue',
                    Estimate::exact(Dimension::Length, $basin),
                    $this->basis->values->has('gating.basin_depth') ? 'typed' : 'default',
                ),
            ],
            source: 'continuity and Bernoulli',
            mark: Mark::Published,
        );
    }

    private function sizeRunner(float $area, GatingRatio $ratio): void
    {
        // A runner about as wide as high, a little wider.
        $height = sqrt($area / 1.3);
        $owned = $this->basis->workshop->cutterFor($height, 'bar');
        $height = $owned?->si() ?? ceil($height * 1000) / 1000;
        $width = ceil(($area / $height) * 1000) / 1000;
        $this->sizes['runner_height'] = $this->basis->si('gating.runner_height') ?? $height;
        $this->sizes['runner_width'] = $this->basis->si('gating.runner_width') ?? $width;
        $input = $this->sheet->input('A', "Choke × {$ratio->timesChoke($ratio->runner)}", Estimate::exact(Dimension::Area, $area));
        $this->sheet->add(
            code: 'runner_height',
            label: 'Runner height',
            value: Estimate::exact(Dimension::Length, $height),
            formula: 'h = √(A/1.3)',
            inputs: [$input],
            source: null === $owned ? 'rounded up' : 'your own bars',
            mark: Mark::Derived,
        );
        $this->sheet->add(
            code: 'runner_width',
            label: 'Runner width',
            value: Estimate::exact(Dimension::Length, $width),
            formula: 'w = A/h',
            inputs: [$input],
            source: 'rounded up',
            mark: Mark::Derived,
        );
    }

    private function sizeGates(float $area, bool $forCalm, GatingRatio $ratio): void
    {
        $count = $this->basis->gatesInMould();
        $section = GateSeat::thickness($this->basis);
        $thick = max(0.0015, self::GATE_TO_SECTION * $section);
        $each = $area / $count;
        $wanted = ceil(($each / $thick) * 1000) / 1000;
        // No gate is wider than what it enters; several share its sides.
        $room = max(0.001, floor(GateSeat::room($this->basis) * 1000) / 1000);
        $width = min($wanted, $room);
        $this->sizes['gate_thickness'] = $this->basis->si('gating.gate_thickness') ?? $thick;
        $this->sizes['gate_width'] = $this->basis->si('gating.gate_width') ?? $width;
        $this->sheet->add(
            code: 'gate_thickness',
            label: 'Gate thickness',
            value: Estimate::exact(Dimension::Length, $thick),
            formula: 't ≤ ½ of what it enters',
            inputs: [$this->sheet->input('T', 'Section it enters', Estimate::exact(Dimension::Length, $section))],
            source: 'breaks off clean, freezes first',
            mark: Mark::CommonPractice,
        );
        $this->sheet->add(
            code: 'gate_width',
            label: 1 === $count ? 'Gate width' : "Width of each of {$count} gates",
            value: Estimate::exact(Dimension::Length, $width),
            formula: 'w = ΣA / (n t)',
            inputs: [
                $this->sheet->input(
                    'ΣA',
                    $forCalm ? 'So that the metal stays calm' : "Choke × {$ratio->timesChoke($ratio->gates)}",
                    Estimate::exact(Dimension::Area, $area),
                ),
            ],
            source: $forCalm ? 'J. Campbell, speed limit' : 'P. N. Rao, gating ratios',
            mark: Mark::RecalledFromMemory,
            standing: 'plain',
            note: match (true) {
                $width < $wanted => 'As wide as the section has room for; '.$this->basis->shown($wanted, Dimension::Length)
                    .' would be wanted. More gates, or a narrower sprue, make up for it.',
                $forCalm => 'Wider than the ratio asks, to stay under the speed at which the surface breaks.',
                default => '',
            },
        );
    }

    /** What the channels that are cut (else sized) do: the smallest of the three is the choke. */
    private function asCut(StageSheet $sheet, ?float $head = null): void
    {
        $bore = $this->basis->si('gating.sprue') ?? ($this->sizes['sprue_base'] ?? null);
        $width = $this->basis->si('gating.gate_width') ?? ($this->sizes['gate_width'] ?? null);
        $thick = $this->basis->si('gating.gate_thickness') ?? ($this->sizes['gate_thickness'] ?? null);
        $head ??= $this->basis->si('gating.sprue_height');
        if (null === $bore || null === $width || null === $thick || null === $head || $head < self::LEAST_HEAD_M) {
            return;
        }
        $sprue = (\M_PI * $bore ** 2) / 4;
        $gates = $width * $thick * $this->basis->gatesInMould();
        // A runner that nobody measured is taken to be as wide as it is sized.
        $cut = [
            $this->basis->si('gating.runner_width') ?? ($this->sizes['runner_width'] ?? null),
            $this->basis->si('gating.runner_height') ?? ($this->sizes['runner_height'] ?? null),
        ];
        $runner = null === $cut[0] || null === $cut[1] ? \INF : $cut[0] * $cut[1];
        $this->chokeArea = min($sprue, $gates, $runner);
        $where = $this->chokeArea === $gates ? 'gates' : ($this->chokeArea === $sprue ? 'sprue' : 'runner');
        $c = self::losses($this->basis);
        $area = $this->chokeArea;
        $flow = Estimate::through(Dimension::Flow, static fn (float $c): float => Choke::flow($area, $c, $head), $c);
        $this->flow = $flow->si;
        $sheet->add(
            code: 'flow',
            label: 'Flow',
            value: $flow,
            formula: 'Q = c A √(2 g H)',
            inputs: [
                $sheet->input('A', "Narrowest: the {$where}", Estimate::exact(Dimension::Area, $area)),
                $sheet->input('H', 'Effective head', Estimate::exact(Dimension::Length, $head)),
                $sheet->input('c', 'Losses', $c, 'table'),
            ],
            source: 'P. N. Rao, Manufacturing Technology',
            mark: Mark::RecalledFromMemory,
        );
        if ($this->volume > 0) {
            $all = $this->volume * $this->basis->castings();
            $time = Estimate::through(Dimension::Time, static fn (float $q): float => $all / $q, $flow);
            $this->fillTime = $time;
            $sheet->add(
                code: 'fill_time',
                label: 'So it fills in',
                value: $time,
                formula: 't = V / Q',
                inputs: [$sheet->input('V', 'Castings', Estimate::exact(Dimension::Volume, $all)), $sheet->input('Q', 'Flow', $flow)],
                source: 'what is cut',
                mark: Mark::Derived,
            );
        }
        $this->speeds($sheet, $flow, $gates, $width, $thick);
        GatingChecks::add($this->basis, $sheet, $this->alloy, $flow->si, $area, $this->sizes);
    }

    private function family(): MetalFamily
    {
        return MetalFamily::of($this->alloy);
    }

    private function speeds(StageSheet $sheet, Estimate $flow, float $gates, float $width, float $thick): void
    {
        $speed = Estimate::through(Dimension::Speed, static fn (float $q): float => $q / $gates, $flow);
        $limit = CriticalSpeed::of($this->alloy);
        $inputs = [$sheet->input('Q', 'Flow', $flow), $sheet->input('ΣA', 'All gates', Estimate::exact(Dimension::Area, $gates))];
        $share = $speed->si / $limit->si();
        $sheet->add(
            code: 'gate_speed',
            label: 'Speed in the gates',
            value: $speed,
            formula: 'v = Q / ΣA',
            inputs: [
                ...$inputs,
                $sheet->input('limit', "Surface of {$this->alloy->name} breaks above", Estimate::exactly($limit), 'table'),
            ],
            source: 'continuity; limit J. Campbell, Complete Casting Handbook',
            mark: Mark::RecalledFromMemory,
            standing: $share > 1.3 ? 'bad' : ($share > 1 ? 'risky' : 'good'),
            note: $share > 1 ? 'The gates jet: '.round($share, 1).' times the speed at which the surface breaks.' : '',
        );
        $sheet->add(
            code: 'gate_speed_share',
            label: 'Gate speed against the limit',
            value: Estimate::between(Dimension::Ratio, $share, $speed->lowSi / $limit->si(), $speed->highSi / $limit->si()),
            formula: 'v / v_limit',
            inputs: $inputs,
            source: 'J. Campbell, Complete Casting Handbook',
            mark: Mark::RecalledFromMemory,
        );
        $wide = (2 * $width * $thick) / ($width + $thick);
        $reynolds = Reynolds::of($this->alloy->densityLiquid->si(), $speed->si, $wide, $this->family()->viscosity);
        // Nearly every channel of a hand pour is turbulent inside: said only where one is not, or hardly.
        if ($reynolds > self::SURELY_TURBULENT) {
            return;
        }
        $sheet->add(
            code: 'reynolds',
            label: 'Reynolds number in a gate',
            value: Estimate::ratio(round($reynolds, -2), $reynolds * 0.8, $reynolds * 1.2),
            formula: 'Re = ρ v d / η',
            inputs: [$sheet->input('v', 'Speed', $speed)],
            source: 'viscosities T. Iida, R. I. L. Guthrie',
            mark: Mark::RecalledFromMemory,
            standing: 'plain',
            note: $reynolds > 2000 ? 'Hardly turbulent.' : 'Laminar: slow enough that skins may fold where streams meet.',
        );
    }
}
