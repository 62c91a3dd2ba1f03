<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Notebook\AcceptedChange;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\StaleSave;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Planning\Change;
use MoltenNotes\Core\Planning\NextAttempt;
use MoltenNotes\Core\Planning\Remedies;
use MoltenNotes\Core\Planning\UnknownRemedy;
use MoltenNotes\Core\Record\AttemptRecord;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Core\Record\ValueReader;
use Psr\Clock\ClockInterface;

/** Sets which remedies stand on the change sheet, with the amounts the caster wants where they differ from ours. */
final readonly class AcceptChanges
{
    private const MOST_ROWS = 60;

    public function __construct(private Catalogue $catalogue, private Notebook $notebook, private SheetView $view, private ClockInterface $clock)
    {
    }

    /** @param array<string, mixed> $body */
    public function __invoke(Attempt $attempt, array $body): void
    {
        if (null !== $this->notebook->next($attempt)) {
            throw RejectedRecord::because([new FieldProblem('', 'planning.sheet_closed', 'The next attempt follows this sheet already; its predictions stay as written.')]);
        }
        if (isset($body['version']) && $body['version'] !== $attempt->version()) {
            throw StaleSave::of($this->view->of($attempt));
        }
        $wanted = $this->changes($attempt, $body['accepted'] ?? []);
        foreach (array_diff(array_keys($attempt->changes()), array_keys($wanted)) as $dropped) {
            $attempt->dropChange($dropped);
        }
        foreach ($wanted as $code => $change) {
            $known = $attempt->changes()[$code] ?? null;
            if (null === $known) {
                $attempt->acceptChange(new AcceptedChange($attempt, $change));
            } else {
                $known->rewrite($change);
            }
        }
        $attempt->touch($this->clock->now());
        $this->notebook->save();
    }

    /** @return array<string, Change> */
    private function changes(Attempt $attempt, mixed $accepted): array
    {
        $reader = new ValueReader($attempt->caster()->units());
        $record = $this->notebook->record($attempt);
        $planner = new NextAttempt($this->catalogue, $attempt->caster()->units());
        $changes = [];
        if (!is_array($accepted) || !array_is_list($accepted) || count($accepted) > self::MOST_ROWS) {
            throw RejectedRecord::because([new FieldProblem('/accepted', 'record.not_a_list', 'This must be a list of at most '.self::MOST_ROWS.' changes.')]);
        }
        $offered = $this->offered($planner, $record, $accepted);
        foreach ($accepted as $index => $row) {
            $code = is_array($row) && is_string($row['remedy'] ?? null) ? $row['remedy'] : '';
            try {
                $remedy = Remedies::get($code);
            } catch (UnknownRemedy $unknown) {
                $reader->refuse("/accepted/{$index}/remedy", $unknown->errorCode(), $unknown->getMessage());
                continue;
            }
            $own = is_array($row) ? $row['new'] ?? null : null;
            if (null !== $own && null !== $remedy->field) {
                $value = $reader->value(Fields::get($remedy->field), $own, "/accepted/{$index}/new");
                $changes[$code] = new Change($remedy, $record->values()->get($remedy->field), $value);
                continue;
            }
            if (!isset($offered[$code])) {
                $reader->refuse("/accepted/{$index}/remedy", 'planning.nothing_to_change', "“{$remedy->label}” has nothing to change in this plan.");
                continue;
            }
            $changes[$code] = $offered[$code];
        }
        $reader->insist();

        return $changes;
    }

    /**
     * What is proposed against the causes of the rows, planned once for all of them.
     *
     * @param array<mixed> $rows
     *
     * @return array<string, Change> remedy → change
     */
    private function offered(NextAttempt $planner, AttemptRecord $record, array $rows): array
    {
        $causes = [];
        foreach ($rows as $row) {
            $remedy = is_array($row) && is_string($row['remedy'] ?? null) ? Remedies::find($row['remedy']) : null;
            if (null !== $remedy) {
                $causes[$remedy->cause] = true;
            }
        }
        $offered = [];
        foreach ([] === $causes ? [] : $planner->proposals($record, array_keys($causes)) as $change) {
            $offered[$change->remedy->code] = $change;
        }

        return $offered;
    }
}
