<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Drawing\FromAbove;
use MoltenNotes\Core\Drawing\Layers;
use MoltenNotes\Core\Drawing\MouldSection;
use MoltenNotes\Core\Drawing\SectionFigure;
use MoltenNotes\Core\Drawing\SectionPart;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\Values;
use Psr\Log\LoggerInterface;

/** A plan with its drawing, from a record that need not be saved. */
final readonly class PlanView
{
    public function __construct(private Notebook $notebook, private LoggerInterface $logger)
    {
    }

    /**
     * @param Values|null $planned drawn thinly behind what was made, where the two differ
     * @param list<FieldProblem> $problems entries left out of the record because they could not be read
     * @param list<FieldProblem> $questions
     * @param float|null $cut share of the casting's depth at which it is cut, 0…1; null for its middle
     * @param string|null $layer the one that is looked at, with its contours
     */
    public function of(
        AttemptRecord $record,
        UnitPreferences $units,
        ?Values $planned = null,
        array $problems = [],
        array $questions = [],
        ?float $cut = null,
        ?string $layer = null,
    ): PlanAnswer {
        $basis = Basis::of($record, new QuantityFormatter($units));
        $plan = PlanCasting::of($basis);

        return new PlanAnswer(
            format: CastingPlan::FORMAT,
            version: CastingPlan::VERSION,
            stages: $plan->stages($basis->format),
            risks: $plan->risks(),
            answers: $plan->answers($basis->format),
            solid: $plan->solid?->toArray($plan->hasRisers),
            above: FromAbove::of($basis, $plan->hasRisers, $cut)?->toArray(),
            layers: Layers::of($basis, $plan, $layer, $cut),
            figures: SectionFigure::all($basis),
            section: self::section($basis, $plan, $planned, $cut),
            calibration: ['pours' => $basis->calibration->pours, 'factor' => round($basis->calibration->factor()->si, 3)],
            problems: $problems,
            questions: $questions,
        );
    }

    /**
     * The drawing of one of several records on a page. Should it fail, the page goes on without it: one broken record never breaks another.
     *
     * @return array<string, mixed>|null
     */
    public function drawing(Attempt $attempt): ?array
    {
        try {
            $basis = Basis::of($this->notebook->record($attempt), new QuantityFormatter($attempt->caster()->units()));

            return self::section($basis, PlanCasting::of($basis), null);
        } catch (\Throwable $error) {
            $this->logger->error('A record cannot be drawn.', ['attempt' => $attempt->id()->toRfc4122(), 'exception' => $error]);

            return null;
        }
    }

    /**
     * @param Values|null $planned drawn thinly behind what was made, where the two differ
     *
     * @return array<string, mixed>
     */
    public static function section(Basis $basis, CastingPlan $plan, ?Values $planned, ?float $cut = null): array
    {
        $made = MouldSection::of($basis, $plan, $cut);
        $ghosts = [];
        $meant = null === $planned || $planned->ofItsProcess()->toArray() === $basis->values->toArray() ? null : $basis->with($planned);
        foreach (null === $meant ? [] : MouldSection::of($meant, PlanCasting::of($meant), $cut)->parts() as $part) {
            $alike = static fn (SectionPart $other): bool => $other->id === $part->id && $other->outline === $part->outline;
            $same = array_filter($made->parts(), $alike);
            if ([] === $same && !$part->assumed) {
                $ghosts[] = $part->toArray();
            }
        }

        return $made->toArray() + ['planned_parts' => $ghosts];
    }
}
