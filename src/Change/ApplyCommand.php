<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use Doctrine\DBAL\Connection;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Core\Record\ValueReader;

/**
 * Does what a device asks for, once. Fields that nobody else touched since are changed, whatever else happened to the record; a field
 * that says something else by now is a clash, and then nothing of the command is kept. What was changed, by what and from what, goes into
 * the history.
 */
final readonly class ApplyCommand
{
    public function __construct(
        private OpenRecords $records,
        private History $history,
        private Notebook $notebook,
        private Connection $storage,
    ) {
    }

    /**
     * @throws Clash
     * @throws RejectedRecord
     * @throws RecordNotFound
     */
    public function __invoke(Command $command, Caster $caster, string $device): DoneAnswer
    {
        // One at a time for each caster: what is compared below is what is stored when it is written.
        $this->storage->fetchOne('SELECT id FROM caster WHERE id = ? FOR UPDATE', [$caster->id()->toBinary()]);
        $known = $this->history->answerTo($command, $caster);
        if (null !== $known) {
            return new DoneAnswer($command->id->toRfc4122(), 'known', $known['parts'], $known['questions']);
        }
        $reader = new ValueReader($caster->units());
        $opened = $changed = $clashes = [];
        foreach ($command->changes as $change) {
            $record = $this->records->open($change, $caster, $reader);
            if (null === $record) {
                continue;
            }
            $begun = array_map(
                static fn (string $field): Changed => new Changed(
                    $change->part,
                    $change->id,
                    $record->about(),
                    $field,
                    null,
                    $record->stored($field),
                ),
                $record->begunWith(),
            );
            $faults = count($reader->problems());
            $done = $this->change($record, $change, $caster, $reader, $clashes);
            if ($record->isNew()) {
                $done = [new Changed($change->part, $change->id, $record->about(), 'created', null, true), ...$begun, ...$done];
            }
            // What ties fields together is looked at when each of them could be read.
            if ([] !== $done && count($reader->problems()) === $faults) {
                $record->close($reader, $change->pointer, $this->history->now());
                array_push($changed, ...$done);
            }
            $opened[] = [$change, $record];
            // What comes next may hang on it. Should anything be refused, none of it stays.
            $this->notebook->save();
        }
        $reader->insist();
        if ([] !== $clashes) {
            throw new Clash($this->history->withWhoAndWhen($clashes, $caster));
        }
        $parts = array_map(
            static fn (array $one): array => [
                'part' => $one[0]->part->value,
                'id' => $one[0]->id->toRfc4122(),
                'version' => $one[1]->version(),
                'created' => $one[1]->isNew(),
            ],
            $opened,
        );
        $questions = array_map(static fn (FieldProblem $question): array => $question->toArray(), $reader->questions());
        $this->history->write($command, $caster, $device, ['parts' => $parts, 'questions' => $questions], $changed);

        return new DoneAnswer($command->id->toRfc4122(), 'done', $parts, $questions);
    }

    /**
     * @param list<ClashingField> $clashes
     *
     * @return list<Changed>
     */
    private function change(OpenRecord $record, PartChange $change, Caster $caster, ValueReader $reader, array &$clashes): array
    {
        $done = [];
        foreach ($change->set as $field => $wanted) {
            $faults = count($reader->problems());
            $value = $record->read($field, $wanted->to, $wanted->pointer, $reader);
            if (count($reader->problems()) > $faults) {
                continue;
            }
            $stored = $record->stored($field);
            $to = Plain::of($value);
            if (Plain::same($stored, $to)) {
                continue;
            }
            if (!$record->isNew() && !$this->stillSays($record, $field, $stored, $wanted->was, $caster)) {
                $clashes[] = new ClashingField($change, $field, $wanted, $stored, $to);
                continue;
            }
            $record->keep($field, $value);
            $done[] = new Changed($change->part, $change->id, $record->about(), $field, $stored, $record->stored($field) ?? $to);
        }

        return $done;
    }

    /** Whether what stands there is what the caster saw, be it given as it is stored or as it was typed in a command before this one. */
    private function stillSays(OpenRecord $record, string $field, mixed $stored, mixed $was, Caster $caster): bool
    {
        return Plain::same($stored, $was)
            || Plain::same($stored, Plain::of($record->read($field, $was, '', new ValueReader($caster->units()))));
    }
}
