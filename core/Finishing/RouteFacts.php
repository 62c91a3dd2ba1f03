<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Finishing;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;

/** What the route of a casting hangs on. */
final readonly class RouteFacts
{
    /** Gates are cut where they are thickest, or beside it. */
    private const CUT_WITHIN = 0.2;

    /**
     * @param string|null $purpose works, shows, seals, machined; null where nobody said
     * @param string|null $look as_cast, painted, polished, patinated; null takes what the purpose asks for
     * @param string|null $treatment code; "none" or null for none
     * @param string|null $fit what is fitted
     * @param array{float, float} $skin mean height of the roughness as cast, µm
     * @param Estimate|null $face m² of the casting's skin
     * @param Estimate|null $cut m² of gates, necks and sprue that are cut through
     * @param int $cuts how many
     * @param Estimate|null $machined m² to be machined; null where nobody said
     * @param Length|null $allowance left on
     * @param Length|null $wall the thickest
     * @param list<string> $faults defects that were found
     * @param list<string> $mended repairs that are chosen, by code
     * @param int $castings of the mould
     */
    public function __construct(
        public ?Alloy $alloy,
        public ?string $purpose,
        public ?string $look,
        public ?string $treatment,
        public ?string $fit,
        public array $skin,
        public ?Estimate $face,
        public ?Estimate $cut,
        public int $cuts,
        public ?Estimate $machined,
        public ?Length $allowance,
        public ?Length $wall,
        public array $faults = [],
        public array $mended = [],
        public int $castings = 1,
    ) {
    }

    /**
     * From a record and its plan; what the plan cannot tell is left open.
     *
     * @param list<string> $faults
     * @param list<string> $mended
     */
    public static function ofPlan(Basis $basis, CastingPlan $plan, ?string $purpose, array $faults, array $mended): self
    {
        $values = $basis->values;
        $assembly = $plan->assembly;
        [$width, $thick] = [$assembly->gating['gate_width'] ?? null, $assembly->gating['gate_thickness'] ?? null];
        $gates = $basis->gatesInMould();
        $cut = null === $width || null === $thick ? null : $gates * $width->metres * $thick->metres;
        $cuts = null === $cut ? 0 : $gates;
        foreach ($assembly->risers as $riser) {
            $cut = ($cut ?? 0.0) + \M_PI / 4 * $riser->neck->metres ** 2;
            ++$cuts;
        }
        $process = MouldProcess::find($values->choice('mould.process'));
        $machined = $values->measurement('finish.machined');
        $allowance = $values->measurement('finish.allowance');
        $modulus = [] === $assembly->moduli ? null : max($assembly->moduli);

        return new self(
            alloy: $basis->alloy,
            purpose: $purpose,
            look: $values->choice('finish.look'),
            treatment: $values->choice('finish.treatment'),
            fit: $values->choice('finish.fit'),
            skin: $process->skin ?? [6.0, 20.0],
            face: $plan->figure('mould', 'cast_face')?->value,
            cut: null === $cut || $cut <= 0.0 ? null : Estimate::exact(Dimension::Area, $cut)->widenedBy(self::CUT_WITHIN),
            cuts: max(1, $cuts),
            machined: null === $machined ? null : Estimate::of($machined),
            allowance: null === $allowance ? null : Length::fromSi($allowance->si()),
            // A wall freezes from both sides: it is about twice its modulus thick.
            wall: null === $modulus || $modulus <= 0.0 ? null : Length::fromSi(2 * $modulus),
            faults: $faults,
            mended: $mended,
            castings: $basis->castings(),
        );
    }

    /** How it is to look: as told, else what its purpose asks for (common practice). */
    public function look(): string
    {
        return $this->look ?? ('shows' === $this->purpose ? 'polished' : 'as_cast');
    }

    /** Whether faces are machined: told, or what it is for. */
    public function isMachined(): bool
    {
        return null === $this->machined ? in_array($this->purpose, ['machined', 'seals'], true) : $this->machined->si > 0.0;
    }
}
