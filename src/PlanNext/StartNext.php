<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Diagnose\WhyView;
use MoltenNotes\App\LogPour\LogPour;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\WrittenPrediction;
use MoltenNotes\App\Shared\Http\Ids;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Planning\Change;
use MoltenNotes\Core\Planning\NextAttempt;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;

/** Closes the change sheet: writes its predictions down and starts the next attempt as a copy of the plan with the changes in it. */
final readonly class StartNext
{
    public function __construct(private Notebook $notebook, private Catalogue $catalogue, private WhyView $why, private LogPour $logPour)
    {
    }

    /** @return array{attempt: Attempt, created: bool} */
    public function __invoke(Attempt $attempt, string $id): array
    {
        $known = $this->notebook->next($attempt);
        if (null !== $known) {
            return ['attempt' => $known, 'created' => false];
        }
        $uuid = Ids::of($id, 'attempt');
        if ($this->notebook->isTaken('attempt', $uuid)) {
            throw RecordNotFound::named('attempt');
        }
        if (!Ids::isFresh($uuid)) {
            throw RejectedRecord::because([new FieldProblem('/id', 'record.id', 'A new attempt needs a UUID of version 7.')]);
        }
        $record = $this->notebook->record($attempt);
        $changes = array_values($attempt->changeSheet());
        $sheet = (new NextAttempt($this->catalogue, $attempt->caster()->units()))->sheet($record, $this->why->diagnosis($attempt), $changes);
        foreach ($sheet->predictions as $prediction) {
            $attempt->predict(new WrittenPrediction($attempt, $prediction));
        }
        $next = $this->logPour->planNext($uuid, $attempt, $sheet->plan);
        $this->notebook->save();

        return ['attempt' => $next, 'created' => true];
    }
}
