<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\App\Shared\Http\ToldAnswer;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** Every command that was done, and what each changed: who, when, on which device, from what to what. Written once and never changed. */
final readonly class History
{
    /** Commands shown at a time. */
    private const PAGE = 50;

    public function __construct(private Connection $storage, private ClockInterface $clock)
    {
    }

    public function now(): \DateTimeImmutable
    {
        return $this->clock->now();
    }

    /**
     * What was answered when this command was done; null when it was not.
     *
     * @return array{parts: list<array{part: string, id: string, version: int, created: bool}>,
     *     questions: list<array{pointer: string, code: string, message: string}>}|null
     */
    public function answerTo(Command $command, Caster $caster): ?array
    {
        /** @var array{caster_id: string, fingerprint: string, answer: string}|false $row */
        $row = $this->storage->fetchAssociative('SELECT caster_id, fingerprint, answer FROM command WHERE id = ?', [
            $command->id->toBinary(),
        ]);
        if (false === $row) {
            return null;
        }
        if ($row['caster_id'] !== $caster->id()->toBinary()) {
            throw RecordNotFound::named('command');
        }
        if ($row['fingerprint'] !== $command->fingerprint) {
            throw RejectedRecord::because([
                new FieldProblem('/id', 'command.id_used', 'This id was used for another command; what is new needs an id of its own.'),
            ]);
        }

        /**
         * @var array{parts: list<array{part: string, id: string, version: int, created: bool}>,
         *     questions: list<array{pointer: string, code: string, message: string}>}
         */
        return json_decode($row['answer'], true, 16, \JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<string, mixed> $answer
     * @param list<Changed> $changes
     */
    public function write(Command $command, Caster $caster, string $device, array $answer, array $changes): void
    {
        $this->storage->insert(
            'command',
            [
                'id' => $command->id->toBinary(),
                'caster_id' => $caster->id()->toBinary(),
                'fingerprint' => $command->fingerprint,
                'answer' => self::json($answer),
                'undoes' => $command->undoes?->toBinary(),
                'device' => $device,
                'made_at' => $command->madeAt->format('Y-m-d H:i:s'),
                'kept_at' => $this->now()->format('Y-m-d H:i:s'),
            ],
            [
                'id' => ParameterType::BINARY,
                'caster_id' => ParameterType::BINARY,
                'fingerprint' => ParameterType::BINARY,
                'undoes' => null === $command->undoes ? ParameterType::NULL : ParameterType::BINARY,
            ],
        );
        if ([] === $changes) {
            return;
        }
        $values = [];
        foreach ($changes as $change) {
            array_push(
                $values,
                $command->id->toBinary(),
                $caster->id()->toBinary(),
                $change->part->value,
                $change->record->toBinary(),
                $change->about->toBinary(),
                $change->field,
                self::json($change->was),
                self::json($change->became),
            );
        }
        $this->storage->executeStatement(
            'INSERT INTO record_change (command_id, caster_id, part, record_id, about_id, field, was, became) VALUES '.
                implode(', ', array_fill(0, count($changes), '(?, ?, ?, ?, ?, ?, ?, ?)')),
            $values,
        );
    }

    /**
     * The commands that changed what is told with these records, the latest first.
     *
     * @param list<Uuid> $about
     */
    public function of(array $about, Caster $caster, ?int $before): HistoryAnswer
    {
        $marks = implode(', ', array_fill(0, count($about), '?'));
        $ids = array_map(static fn (Uuid $id): string => $id->toBinary(), $about);
        $older = null === $before ? '' : ' AND id < '.$before;
        /** @var list<array{command_id: string, latest: int|string}> $page */
        $page = $this->storage->fetchAllAssociative(
            "SELECT command_id, MAX(id) AS latest FROM record_change WHERE about_id IN ({$marks}) AND caster_id = ?{$older} GROUP BY "
                .'command_id ORDER BY latest DESC LIMIT '.
                (self::PAGE + 1),
            [...$ids, $caster->id()->toBinary()],
        );
        $shown = array_slice($page, 0, self::PAGE);
        $commands = $this->commands(array_column($shown, 'command_id'), $ids, $caster);

        return new HistoryAnswer($commands, count($page) > self::PAGE ? (int) $shown[self::PAGE - 1]['latest'] : null);
    }

    /**
     * @param list<string> $ids of commands
     * @param list<string> $about
     *
     * @return list<HistoryCommandAnswer>
     */
    private function commands(array $ids, array $about, Caster $caster): array
    {
        if ([] === $ids) {
            return [];
        }
        $in = static fn (array $of): string => implode(', ', array_fill(0, count($of), '?'));
        /**
         * @var list<array{command_id: string, undoes: string|null, device: string, made_at: string, kept_at: string, part: string,
         *     record_id: string, field: string, was: string|null, became: string|null, undone: string|null}> $rows
         */
        $rows = $this->storage->fetchAllAssociative(
            "SELECT r.command_id, c.undoes, c.device, c.made_at, c.kept_at, r.part, r.record_id, r.field, r.was, r.became,
                (SELECT u.id FROM command u WHERE u.undoes = c.id AND u.caster_id = c.caster_id LIMIT 1) AS undone
             FROM record_change r JOIN command c ON c.id = r.command_id WHERE r.command_id IN ({$in($ids)}) AND r.about_id IN ({$in(
                $about,
            )}) ORDER BY r.id",
            [...$ids, ...$about],
        );
        $told = array_map(static fn (array $row): array => [self::value($row['was']), self::value($row['became'])], $rows);
        $words = new FieldWords($caster->units(), $this->names(array_merge(...$told), $caster));
        $heads = array_fill_keys($ids, null);
        $changes = array_fill_keys($ids, []);
        foreach ($rows as $index => $row) {
            [$was, $became] = $told[$index];
            $heads[$row['command_id']] = $row;
            $changes[$row['command_id']][] = new HistoryChangeAnswer(
                part: $row['part'],
                id: Uuid::fromBinary($row['record_id'])->toRfc4122(),
                field: $row['field'],
                label: $words->label($row['field']),
                was: new ToldAnswer($was, $words->words($row['field'], $was)),
                became: new ToldAnswer($became, $words->words($row['field'], $became)),
            );
        }

        return array_map(
            static fn (array $row): HistoryCommandAnswer => new HistoryCommandAnswer(
                id: Uuid::fromBinary($row['command_id'])->toRfc4122(),
                device: $row['device'],
                madeAt: self::moment($row['made_at']),
                keptAt: self::moment($row['kept_at']),
                undoes: null === $row['undoes'] ? null : Uuid::fromBinary($row['undoes'])->toRfc4122(),
                takenBack: null !== $row['undone'],
                changes: $changes[$row['command_id']],
            ),
            array_values(array_filter($heads)),
        );
    }

    /**
     * What the records are called that these values name.
     *
     * @param array<mixed> $values
     *
     * @return array<string, string> record id → its name
     */
    private function names(array $values, Caster $caster): array
    {
        $ids = array_filter($values, static fn (mixed $value): bool => is_string($value) && Uuid::isValid($value));
        if ([] === $ids) {
            return [];
        }
        /** @var list<array{id: string, name: string}> $rows */
        $rows = $this->storage->fetchAllAssociative(
            "(SELECT id, name FROM casting WHERE caster_id = :caster AND id IN (:ids))
             UNION ALL (SELECT id, COALESCE(name, CONCAT('melt of ', DATE_FORMAT(melted_on, '%e %b %Y')), 'a melt') AS name
                 FROM heat WHERE caster_id = :caster AND id IN (:ids))
             UNION ALL (SELECT a.id, CONCAT(c.name, ', no. ', a.number) AS name FROM attempt a
                 JOIN casting c ON c.id = a.casting_id WHERE a.caster_id = :caster AND a.id IN (:ids))
             UNION ALL (SELECT id, COALESCE(JSON_VALUE(content, '$.name'), kind) AS name FROM workshop_row
                 WHERE caster_id = :caster AND id IN (:ids))",
            [
                'caster' => $caster->id()->toBinary(),
                'ids' => array_values(array_unique(array_map(static fn (string $id): string => Uuid::fromString($id)->toBinary(), $ids))),
            ],
            ['ids' => ArrayParameterType::BINARY],
        );

        return array_combine(
            array_map(static fn (array $row): string => Uuid::fromBinary($row['id'])->toRfc4122(), $rows),
            array_column($rows, 'name'),
        );
    }

    /**
     * Clashing fields as both sides are shown, each with who changed it last.
     *
     * @param non-empty-list<ClashingField> $clashes
     *
     * @return non-empty-list<ClashAnswer>
     */
    public function withWhoAndWhen(array $clashes, Caster $caster): array
    {
        $values = array_merge(
            ...array_map(static fn (ClashingField $clash): array => [$clash->wanted->was, $clash->to, $clash->stored], $clashes),
        );
        $words = new FieldWords($caster->units(), $this->names($values, $caster));
        $told = static fn (string $field, mixed $plain): ToldAnswer => new ToldAnswer($plain, $words->words($field, $plain));

        return array_map(function (ClashingField $clash) use ($words, $told): ClashAnswer {
            /** @var array{device: string, made_at: string}|false $last */
            $last = $this->storage->fetchAssociative(
                'SELECT c.device, c.made_at FROM record_change r JOIN command c ON c.id = r.command_id WHERE r.record_id = ? AND '
                    .'r.field = ? ORDER BY r.id DESC LIMIT 1',
                [$clash->change->id->toBinary(), $clash->field],
            );

            return new ClashAnswer(
                pointer: $clash->wanted->pointer,
                part: $clash->change->part->value,
                id: $clash->change->id->toRfc4122(),
                field: $clash->field,
                label: $words->label($clash->field),
                was: $told($clash->field, $clash->wanted->was),
                yours: $told($clash->field, $clash->to),
                stored: $told($clash->field, $clash->stored),
                device: false === $last ? null : $last['device'],
                changedAt: false === $last ? null : self::moment($last['made_at']),
            );
        }, $clashes);
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION);
    }

    private static function value(?string $json): mixed
    {
        return null === $json ? null : json_decode($json, true);
    }

    private static function moment(string $stored): string
    {
        return str_replace(' ', 'T', $stored).'Z';
    }
}
