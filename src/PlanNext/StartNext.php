<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Diagnose\WhyView;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\NextAttempt\NextAttempt;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** Closes the change sheet: writes its predictions down and starts the next attempt as a copy of the plan with the changes in it. */
final readonly class StartNext
{
    public function __construct(
        private Notebook $notebook,
        private Catalogue $catalogue,
        private WhyView $why,
        private ClockInterface $clock,
    ) {
    }

    public function __invoke(Attempt $attempt, Uuid $id): Attempt
    {
        $record = $this->notebook->record($attempt);
        // What was ruled out since it was accepted is no part of the next attempt, nor of what was foretold.
        foreach (array_keys(array_diff_key($attempt->changeSheet(), SheetView::standing($attempt))) as $dropped) {
            $attempt->dropChange($dropped);
        }
        $changes = array_values($attempt->changeSheet());
        $sheet = (new NextAttempt($this->catalogue, $attempt->caster()->units()))->sheet(
            $record,
            $this->why->diagnosis($attempt, $record),
            $changes,
        );
        $attempt->predict($sheet->predictions);
        $next = new Attempt($id, $attempt->casting(), $this->notebook->nextNumber($attempt->casting()), $attempt, $this->clock->now());
        foreach ($sheet->plan->all() as $field => $value) {
            // What only the heap said of its day is no plan: the next mould takes its own from it.
            $next->setValue('planned', $field, $record->isOfItsHeap($field, $value) ? $record->planned->all()[$field] ?? null : $value);
        }
        $next->mouldFrom($attempt->heap());
        $next->mouldOf($attempt->pattern());
        $own = $this->notebook->recipe($attempt->recipe() ?? '', $attempt->caster());
        $next->mixBy($attempt->recipe(), $own?->version());
        $this->notebook->add($next);

        return $next;
    }
}
