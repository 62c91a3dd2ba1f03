<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Working\Figure;

/**
 * The section through the mould, to scale, from the values of a record. What is not known is drawn to a usual size and marked as assumed.
 * Units: millimetres; y = 0 is the parting line (for one-piece moulds the foot of the casting).
 */
final readonly class MouldSection
{
    /** A risk in a word or two, for the drawing. */
    private const SHORT = [
        'fill_ratio' => 'may not fill',
        'hot_spot' => 'hot spot',
        'high_point' => 'no vent',
        'gate_speed' => 'gate jets',
        'feeder_ratio' => 'feeder too small',
        'entry_head' => 'head too low',
        'meeting' => 'streams meet',
        'steam' => 'steam',
        'cope_weights' => 'cope may lift',
        'gate_freezes' => 'gate freezes first',
        'vent_share' => 'too few vents',
        'crucible_holds' => 'crucible too small',
        'at_mould' => 'too cold',
        'cannot_fill' => 'head too low',
        'needed_at_mould' => 'no heat fills it',
        'process_metal' => 'mould does not bear it',
        'mould_limit' => 'too hot for the mould',
        'mould_too_hot' => 'mould too hot',
        'mould_damp' => 'mould may be damp',
        'boils' => 'metal boils',
        'not_liquid' => 'not all liquid',
        'draws_air' => 'sprue draws air',
        'window' => 'no window',
        'feeding_distance' => 'riser too far',
        'filter_cold' => 'filter freezes',
        'binder_gas' => 'binder gas',
        'core_gas' => 'core gas',
        'coat_steam' => 'coat not dry',
        'investment_gas' => 'plaster not dry',
        'foam_head' => 'cup too low',
        'fill_time' => 'too narrow',
        'sand_cover' => 'little sand over it',
    ];

    private SectionMeasures $at;

    /** @var list<SectionPart> */
    private array $parts;

    /** @var list<array{from: array{float, float}, to: array{float, float}, label: string, field: string}> */
    private array $dimensions;

    private SectionPlaces $places;

    private function __construct(Basis $basis, private CastingPlan $plan, ?float $cut)
    {
        $this->at = new SectionMeasures($basis, $plan, $cut);
        $casting = new CastingOutline($this->at);
        $gating = new GatingOutline($this->at);
        $feeding = new FeedOutline($this->at);
        $this->parts = [...$casting->parts, ...$gating->parts, ...$feeding->parts];
        $this->dimensions = [...$casting->dimensions, ...$gating->dimensions];
        $this->places = new SectionPlaces($this->at, $this->parts);
    }

    /**
     * @param CastingPlan $plan of the same basis: its assembly is drawn, its risks are written on it
     * @param float|null $cut where the casting is cut, as SectionLayout::of takes it
     */
    public static function of(Basis $basis, CastingPlan $plan, ?float $cut = null): self
    {
        return new self($basis, $plan, $cut);
    }

    /** @return list<SectionPart> */
    public function parts(): array
    {
        return $this->parts;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $top = $this->at->top();
        $bottom = min($this->at->foot, $this->at->onePiece ? 0.0 : -$this->at->gateHeight * 3) - SectionMeasures::CLEARANCE_MM;

        return [
            'unit' => 'mm',
            'ground' => MouldProcess::find($this->at->values->choice('mould.process'))->drawn ?? 'sand',
            'one_piece' => $this->at->onePiece,
            'bounds' => [
                'left' => -$this->at->bore / 2 - SectionMeasures::CLEARANCE_MM,
                'right' => $this->right() + SectionMeasures::CLEARANCE_MM,
                'top' => $top,
                'bottom' => $bottom,
            ],
            'parts' => array_map(static fn (SectionPart $part): array => $part->toArray(), $this->parts),
            'dimensions' => $this->dimensions,
            'places' => $this->places->places(),
            'risks' => $this->risks(),
        ];
    }

    /** The casting's right end, or that of a riser beside it. */
    private function right(): float
    {
        $right = $this->at->left + $this->at->length;
        foreach ($this->parts as $part) {
            $right = 'riser' === $part->kind ? max($right, ...array_column($part->outline, 0)) : $right;
        }

        return $right;
    }

    /**
     * @return list<array{words: string, short: string, standing: string, subject: string, at: array{float, float}, stage: string,
     *     code: string}> risks of the plan, each at the part it is about
     */
    private function risks(): array
    {
        $risks = [];
        $seen = [];
        foreach ($this->plan->risks() as $risk) {
            $words = self::SHORT[$risk['code']] ?? null;
            $key = $risk['code'].$risk['subject'];
            if (null === $words || isset($seen[$key])) {
                continue;
            }
            $seen[$key] = true;
            $figure = $this->plan->behind($risk['stage'], $risk['code'], $risk['subject']);
            $number = null === $figure ? '' : ' '.$this->brief($figure);
            $risks[] = [
                'words' => $risk['words'],
                'short' => $words.$number,
                'standing' => $risk['standing'],
                'subject' => $risk['subject'],
                'at' => $this->places->anchor($risk['code'], $risk['subject']),
                'stage' => $risk['stage'],
                'code' => $risk['code'],
            ];
        }

        return $risks;
    }

    private function brief(Figure $figure): string
    {
        return Dimension::Ratio === $figure->value->dimension
            ? number_format($figure->value->si, $figure->value->si < 10 ? 1 : 0, '.', '').' ×'
            : $this->at->format->rough($figure->value);
    }
}
