<?php

declare(strict_types=1);

namespace MoltenNotes\App\Bench;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\LogPour\AttemptLineAnswer;
use MoltenNotes\App\Repeats\RepeatList;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\Core\NextAttempt\Remedies;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The bench: what waits for what, and what this caster has got wrong before. */
final readonly class BenchController
{
    private const MOST_WAITING = 40;
    /** Whatever waits longer than this many attempts is forgotten. */
    private const LOOKED_THROUGH = 300;

    public function __construct(private Connection $connection, private RepeatList $repeats)
    {
    }

    #[Route('/api/bench', methods: ['GET'])]
    public function __invoke(#[CurrentUser] Caster $caster): AnswerResponse
    {
        $open = $this->open($caster);
        $changed = $this->changed(array_values(array_filter(array_column($open, 'previous_id'))));

        return new AnswerResponse(
            new BenchAnswer(
                array_map(
                    static fn (array $waiting): BenchLineAnswer => new BenchLineAnswer(
                        $waiting['line'],
                        $waiting['waits_for'],
                        $waiting['findings'],
                        $changed[$waiting['previous_id'] ?? ''] ?? [],
                    ),
                    $open,
                ),
                $this->repeats->all($caster),
            ),
        );
    }

    /**
     * Pour → inspection → findings → next attempt: what each of the latest attempts waits for. A good casting waits for nothing, nor does
     * one that was tried again since. Reads plain columns, as the ledger does.
     *
     * @return list<array{line: AttemptLineAnswer, waits_for: 'pour'|'inspection'|'findings'|'next_attempt', findings: int,
     *     previous_id: string|null}>
     */
    private function open(Caster $caster): array
    {
        /**
         * @var list<array{id: string, casting_id: string, previous_id: string|null, name: string, number: int|string,
         * poured_on: string|null, verdict: string|null, process: string|null, alloy: string|null, pour_temperature_k: float|string|null,
         *     version: int|string, found: int|string, followed: int|string, tried_again: int|string}> $rows
         */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT a.id, a.casting_id, a.previous_id, c.name, a.number, a.poured_on, a.verdict, a.process, a.alloy,
                a.pour_temperature_k, a.version,
                    (SELECT COUNT(*) FROM finding f WHERE f.attempt_id = a.id AND f.binned_at IS NULL) AS found,
                    EXISTS (SELECT 1 FROM attempt n WHERE n.previous_id = a.id AND n.binned_at IS NULL) AS followed,
                    (SELECT n.number FROM attempt n WHERE n.casting_id = a.casting_id AND n.binned_at IS NULL
                        ORDER BY n.number DESC LIMIT 1) > a.number AS tried_again
             FROM (SELECT id FROM attempt WHERE caster_id = ? AND binned_at IS NULL ORDER BY happened_on DESC, id DESC LIMIT '.
                self::LOOKED_THROUGH.
                ') latest
             JOIN attempt a ON a.id = latest.id JOIN casting c ON c.id = a.casting_id ORDER BY a.happened_on DESC, a.number DESC',
            [$caster->id()->toBinary()],
        );
        $open = [];
        foreach ($rows as $row) {
            $line = AttemptLineAnswer::ofRow($row, $caster);
            $waits = match (true) {
                'planned' === $line->state => 'pour',
                'poured' === $line->state => 'inspection',
                'good' === $line->verdict || (bool) $row['tried_again'] => null,
                0 === (int) $row['found'] => 'findings',
                !(bool) $row['followed'] => 'next_attempt',
                default => null,
            };
            if (null !== $waits) {
                $open[] = ['line' => $line, 'waits_for' => $waits, 'findings' => (int) $row['found'], 'previous_id' => $row['previous_id']];
            }
        }

        return array_slice($open, 0, self::MOST_WAITING);
    }

    /**
     * @param list<string> $attempts
     *
     * @return array<string, list<string>> attempt → what its change sheet changes
     */
    private function changed(array $attempts): array
    {
        /** @var list<array{attempt_id: string, remedy: string}> $rows */
        $rows =
            [] === $attempts
                ? []
                : $this->connection->fetchAllAssociative(
                    'SELECT attempt_id, remedy FROM accepted_change WHERE attempt_id IN (?)',
                    [$attempts],
                    [ArrayParameterType::BINARY],
                );
        $changed = [];
        foreach ($rows as $row) {
            $remedy = Remedies::find($row['remedy']);
            if (null !== $remedy) {
                $changed[$row['attempt_id']][] = $remedy->label;
            }
        }

        return $changed;
    }
}
