<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Filling\EntryHead;
use MoltenNotes\Core\Filling\FoamFront;
use MoltenNotes\Core\Gating\Choke;
use MoltenNotes\Core\Gating\CriticalSpeed;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Mould\FoamSand;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\Levels;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Working\StageSheet;

/**
 * Gating of lost foam: the foam sets the pace, so nothing is a choke that is wide enough to keep up with it.
 *
 * The time is the longest way over the speed of the front; what is poured in that time has to come through sprue and gates without holding
 * it up;
 * and the cup must never run dry, or the sand falls into the space that the foam left.
 */
final class FoamGating
{
    /** Sprue and gates let this many times the foam's pace through, so that they never set it. Common practice. */
    private const AHEAD = 2.0;
    /** The cup holds this long of pouring. Common practice. */
    private const CUP_SECONDS = 3.0;
    /** A gate is sawn off; thinner than this share of its section it freezes during so slow a pour. Common practice. */
    private const GATE_TO_SECTION = 0.75;
    /** Metal that stands over the highest foam, at least, metres. Common practice. */
    private const LEAST_OVER_M = 0.06;

    private readonly StageSheet $sheet;

    /** @var array<string, float> metres, cut or else as sized */
    private array $sizes = [];

    private function __construct(
        private readonly Basis $basis,
        private readonly Alloy $alloy,
        private readonly ?float $volume,
        private readonly Estimate $foamFill,
    ) {
        $this->sheet = new StageSheet($basis->format);
    }

    /**
     * @param float|null $volume m³ of one casting
     * @param Estimate|null $foamFill seconds that the foam takes to leave, where that is known
     */
    public static function compute(Basis $basis, ?float $volume, ?Estimate $foamFill): GatingResult
    {
        $logged = $basis->estimate('pour.time');
        if (null === $basis->alloy || null === $foamFill) {
            $sheet = new StageSheet($basis->format);
            $sheet->lacks(
                'gating',
                match (true) {
                    null === $basis->alloy => ['metal.alloy'],
                    !$basis->values->has('pour.temperature') => ['pour.temperature'],
                    default => ['casting.sections', 'casting.run'],
                },
                'The foam sets the pace: metal, pour temperature and the way from the gate tell how fast.',
            );

            return new GatingResult($sheet->result(), $logged, null, null, []);
        }
        $stage = new self($basis, $basis->alloy, $volume, $foamFill);
        $time = $stage->run();

        return new GatingResult($stage->sheet->result(), $logged?->widenedBy(0.15) ?? $time, null, null, $stage->sizes);
    }

    /** Seconds until the casting is full: the foam's, or the sprue's where one that is cut cannot keep up. */
    private function run(): Estimate
    {
        $foam = $this->basis->shown(FoamFront::USUAL_FOAM, Dimension::Density);
        foreach (['foam.density' => "Foam of {$foam}.", 'foam.coats' => 'Two coats on the foam.'] as $field => $words) {
            if (!$this->basis->values->has($field)) {
                $this->sheet->assume($words, $field);
            }
        }
        $this->sheet->add(
            code: 'foam_fill',
            label: 'The foam lets it fill in',
            value: $this->foamFill,
            formula: 't = longest way / v_foam',
            inputs: [],
            source: 'fronts of 10 to 40 mm/s in aluminium, by heat, foam and coat',
            mark: Mark::CommonPractice,
        );
        if (null === $this->volume) {
            $this->sheet->lacks('gating', ['casting.sections'], 'The volume of the casting is wanted for sprue, gates and cup.');

            return $this->foamFill;
        }
        $all = $this->volume * $this->basis->castings();
        $pace = Estimate::through(Dimension::Flow, static fn (float $t): float => $all / max(0.05, $t), $this->foamFill);
        $this->cup($pace);
        $this->overFoam();
        $head = $this->basis->si('gating.sprue_height');
        if (null === $head || $head <= 0.0) {
            $this->sheet->lacks('choke', ['gating.sprue_height'], 'Give the head: from the gate up to the metal in the cup.');

            return $this->foamFill;
        }
        $this->sprue($pace, $head);
        $this->gates($pace);

        return $this->keepingUp($all, $head);
    }

    private function cup(Estimate $pace): void
    {
        $volume = Estimate::through(Dimension::Volume, static fn (float $q): float => $q * self::CUP_SECONDS, $pace);
        // As deep as wide: π/4 d³.
        $wide = ceil(((4 * $volume->highSi) / \M_PI) ** (1 / 3) * 200) / 200;
        $this->sheet->add(
            code: 'cup_volume',
            label: 'Cup holds at least',
            value: $volume,
            formula: 'V = 3 s · Q',
            inputs: [$this->sheet->input('Q', 'Metal that the foam lets in', $pace)],
            source: 'three seconds of pouring, so that it neither spills nor runs dry',
            mark: Mark::CommonPractice,
            standing: 'plain',
            note: 'About '.$this->basis->shown($wide, Dimension::Length).' wide and as deep holds the fast end of it. It stands on '
                .'something else than the sand beside the foam.',
        );
    }

    /** Metal over the highest foam: against the sand that wants to fall in, and to push into the thinnest slot. */
    private function overFoam(): void
    {
        $cover = FoamSand::cover($this->basis->si('foam.cover'), $this->basis->solid);
        $density = $this->alloy->densityLiquid->si();
        $against = FoamSand::holdsBack($cover, $density);
        $thinnest = min([\INF, ...array_values(array_map(static fn ($body): float => $body->thickness, $this->basis->bodies))]);
        $enter = is_finite($thinnest) ? EntryHead::of($this->alloy, Length::fromSi($thinnest))->si() : 0.0;
        $wanted = ceil(max(self::LEAST_OVER_M, $against, $enter) * 200) / 200;
        $levels = Levels::of($this->basis);
        $over = $levels->headKnown ? $levels->head - $levels->above : null;
        $short = null !== $over && $over < $wanted - 1e-4;
        $this->sheet->add(
            code: 'foam_head',
            label: 'Metal to keep over the highest foam',
            value: Estimate::exact(Dimension::Length, $wanted),
            formula: 'h = max(ρ_sand d / ρ, h_entry, '.$this->basis->shown(self::LEAST_OVER_M, Dimension::Length).')',
            inputs: [
                $this->sheet->input(
                    'd',
                    'Sand over the foam',
                    Estimate::exact(Dimension::Length, $cover),
                    $this->basis->values->has('foam.cover') ? 'typed' : 'default',
                ),
                $this->sheet->input('ρ d', 'Against the weight of the sand', Estimate::exact(Dimension::Length, $against)),
                $this->sheet->input('h_entry', 'To enter the thinnest section', Estimate::exact(Dimension::Length, $enter)),
            ],
            source: 'hydrostatics; below it the sand falls into the space that the foam left',
            mark: Mark::Derived,
            standing: $short ? 'risky' : 'plain',
            note: $short
                ? 'The head leaves '.$this->basis->shown(max(0.0, $over), Dimension::Length).' over the highest foam: raise the cup.'
                : 'From the first drop to the last: a cup that runs dry lets the sand fall in.',
        );
    }

    private function sprue(Estimate $pace, float $head): void
    {
        $area = (self::AHEAD * $pace->highSi) / Choke::flow(1.0, GatingStage::losses($this->basis)->si, $head);
        $bore = sqrt((4 * $area) / \M_PI);
        $size = ceil(max($bore, $this->basis->mould?->leastBore() ?? 0.0) * 1000) / 1000;
        $this->sizes['sprue_base'] = $this->basis->si('gating.sprue') ?? $size;
        $this->sizes['sprue_top'] = $this->basis->si('gating.sprue_top') ?? $this->sizes['sprue_base'];
        $this->sheet->add(
            code: 'sprue_base',
            label: 'Sprue, at least',
            value: Estimate::exact(Dimension::Length, $size),
            formula: 'A = 2 Q / (c √(2 g H))',
            inputs: [
                $this->sheet->input('Q', 'Metal that the foam lets in', $pace),
                $this->sheet->input('H', 'Head', Estimate::exact(Dimension::Length, $head), 'typed'),
            ],
            source: 'wide enough that the foam, not the sprue, sets the pace',
            mark: Mark::Derived,
            standing: 'plain',
            note: 'Wider does no harm: the foam holds the metal back.',
        );
    }

    private function gates(Estimate $pace): void
    {
        $count = $this->basis->gatesInMould();
        $thick = max(0.0015, round(self::GATE_TO_SECTION * GateSeat::thickness($this->basis), 4));
        $calm = (self::AHEAD * $pace->highSi) / CriticalSpeed::of($this->alloy)->si();
        $wanted = max(2 * $thick, ceil(($calm / $count / $thick) * 1000) / 1000);
        $width = min($wanted, max(0.001, floor(GateSeat::room($this->basis) * 1000) / 1000));
        $this->sizes['gate_thickness'] = $this->basis->si('gating.gate_thickness') ?? $thick;
        $this->sizes['gate_width'] = $this->basis->si('gating.gate_width') ?? $width;
        $section = $this->sheet->input('T', 'Section it enters', Estimate::exact(Dimension::Length, GateSeat::thickness($this->basis)));
        $this->sheet->add(
            code: 'gate_thickness',
            label: 'Gate thickness',
            value: Estimate::exact(Dimension::Length, $thick),
            formula: 't = ¾ of what it enters',
            inputs: [$section],
            source: 'open as long as the slow pour lasts; sawn off afterwards',
            mark: Mark::CommonPractice,
        );
        $this->sheet->add(
            code: 'gate_width',
            label: 1 === $count ? 'Gate width' : "Width of each of {$count} gates",
            value: Estimate::exact(Dimension::Length, $width),
            formula: 'w = 2 Q / (v n t), at least 2 t',
            inputs: [$this->sheet->input('Q', 'Metal that the foam lets in', $pace), $section],
            source: 'calm, and never what holds the metal up',
            mark: Mark::Derived,
        );
    }

    /** Whether what is cut keeps up with the foam; where it does not, it sets the pace. */
    private function keepingUp(float $volume, float $head): Estimate
    {
        $sprue = (\M_PI * $this->sizes['sprue_base'] ** 2) / 4;
        $gates = $this->sizes['gate_width'] * $this->sizes['gate_thickness'] * $this->basis->gatesInMould();
        $area = min($sprue, $gates);
        $time = Estimate::through(
            Dimension::Time,
            static fn (float $foam, float $c): float => max($foam, $volume / max(1e-12, Choke::flow($area, $c, $head))),
            $this->foamFill,
            GatingStage::losses($this->basis),
        );
        $held = $time->si > 1.05 * $this->foamFill->si;
        $narrow = $sprue < $gates ? 'sprue' : 'gates';
        $this->sheet->add(
            code: 'fill_time',
            label: 'So it fills in',
            value: $time,
            formula: 't = max(t_foam, V / Q_cut)',
            inputs: [
                $this->sheet->input('t_foam', 'The foam’s own time', $this->foamFill),
                $this->sheet->input('A', "Narrowest: the {$narrow}", Estimate::exact(Dimension::Area, $area)),
            ],
            source: 'the slower of the two',
            mark: Mark::Derived,
            standing: $held ? 'risky' : 'plain',
            note: $held ? "The {$narrow} hold the metal up: the front waits on the foam and cools. Make them wider." : '',
        );

        return $time;
    }
}
