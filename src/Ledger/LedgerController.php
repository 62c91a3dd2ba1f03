<?php

declare(strict_types=1);

namespace MoltenNotes\App\Ledger;

use Doctrine\DBAL\Connection;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\LogPour\AttemptLineAnswer;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Uuid;

/** All attempts of a caster, newest first, filtered and in pages. Reads plain columns: a list of thousands builds no entities. */
final readonly class LedgerController
{
    private const PAGE_SIZE = 50;
    /**
     * So many attempts are looked through at a time, whatever the filter: a search costs as much in a notebook of a hundred thousand as
     * in one of five.
     */
    private const WINDOW = 5000;

    public function __construct(private Connection $connection)
    {
    }

    #[Route('/api/attempts', methods: ['GET'])]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        [$window, $from] = $this->window($request->query->getString('before'), $caster);
        [$where, $values] = $this->filter($request);
        /**
         * @var list<array{id: string, casting_id: string, name: string, number: int|string, happened_on: string, poured_on: string|null,
         *     verdict: string|null, process: string|null, alloy: string|null, pour_temperature_k: float|string|null,
         *     version: int|string, findings: string|null}> $rows
         */
        // The page is cut from the window first; only its rows are then filled in.
        $rows = $this->connection->fetchAllAssociative(
            "SELECT a.id, a.casting_id, c.name, a.number, a.happened_on, a.poured_on, a.verdict, a.process, a.alloy,
                a.pour_temperature_k, a.version,
                    (SELECT GROUP_CONCAT(DISTINCT f.kind ORDER BY f.kind) FROM finding f WHERE f.attempt_id = a.id
                        AND f.binned_at IS NULL) AS findings
             FROM (SELECT a.id FROM ({$window}) w JOIN attempt a ON a.id = w.id WHERE {$where}
                 ORDER BY w.happened_on DESC, w.id DESC LIMIT ".
                (self::PAGE_SIZE + 1).
                ') page
             JOIN attempt a ON a.id = page.id JOIN casting c ON c.id = a.casting_id ORDER BY a.happened_on DESC, a.id DESC',
            [...$from, ...$values],
        );
        $shown = array_slice($rows, 0, self::PAGE_SIZE);
        $end = $this->endOfWindow($window, $from);
        $total = $this->connection->fetchOne(
            "SELECT COUNT(*) FROM ({$window}) w".([] === $values ? '' : " JOIN attempt a ON a.id = w.id WHERE {$where}"),
            [...$from, ...$values],
        );

        return new AnswerResponse(
            new LedgerAnswer(
                total: is_numeric($total) ? (int) $total : 0,
                more: null !== $end,
                older: count($rows) > self::PAGE_SIZE ? self::cursor($shown[self::PAGE_SIZE - 1]) : $end,
                attempts: array_map(
                    static fn (array $row): LedgerLineAnswer => new LedgerLineAnswer(
                        AttemptLineAnswer::ofRow($row, $caster),
                        null === $row['findings'] ? [] : explode(',', $row['findings']),
                    ),
                    $shown,
                ),
            ),
        );
    }

    /**
     * The next attempts of this caster, older than the place named.
     *
     * @return array{string, list<string>} question and its values
     */
    private function window(string $before, Caster $caster): array
    {
        $values = [$caster->id()->toBinary()];
        $older = '';
        if (1 === preg_match('/^(\d{4}-\d{2}-\d{2})_([0-9a-f-]{36})$/', $before, $m) && Uuid::isValid($m[2])) {
            $older = ' AND happened_on <= ? AND (happened_on < ? OR id < ?)';
            array_push($values, $m[1], $m[1], Uuid::fromString($m[2])->toBinary());
        }

        return [
            "SELECT id, happened_on FROM attempt WHERE caster_id = ? AND binned_at IS NULL{$older} ORDER BY happened_on DESC, id DESC "
                .'LIMIT '.
            self::WINDOW,
            $values,
        ];
    }

    /** @param list<string> $values */
    private function endOfWindow(string $window, array $values): ?string
    {
        /** @var array{id: string, happened_on: string}|false $last */
        $last = $this->connection->fetchAssociative($window.' OFFSET '.self::WINDOW, $values);
        /** @var array{id: string, happened_on: string}|false $end */
        $end =
            false === $last
                ? false
                : $this->connection->fetchAssociative(
                    preg_replace('/LIMIT \d+$/', 'LIMIT 1 OFFSET '.(self::WINDOW - 1), $window) ?? $window,
                    $values,
                );

        return false === $end ? null : self::cursor($end);
    }

    /** @param array{id: string, happened_on: string, ...} $row */
    private static function cursor(array $row): string
    {
        return $row['happened_on'].'_'.Uuid::fromBinary($row['id'])->toRfc4122();
    }

    /** @return array{string, list<string>} */
    private function filter(Request $request): array
    {
        $where = ['1 = 1'];
        $values = [];
        foreach (['process', 'alloy', 'verdict'] as $column) {
            $wanted = $request->query->getString($column);
            if ('' !== $wanted) {
                $where[] = "a.{$column} = ?";
                $values[] = $wanted;
            }
        }
        $defect = $request->query->getString('defect');
        if ('' !== $defect) {
            // Asked of each attempt of the window: as EXISTS it may be turned round, and then reads every finding there is.
            $where[] = '(SELECT 1 FROM finding f WHERE f.attempt_id = a.id AND f.kind = ? AND f.binned_at IS NULL LIMIT 1) = 1';
            $values[] = $defect;
        }
        $words = trim($request->query->getString('q'));
        if ('' !== $words) {
            $where[] =
                "(EXISTS (SELECT 1 FROM casting c WHERE c.id = a.casting_id AND c.name LIKE ? ESCAPE '!') OR a.note LIKE ? ESCAPE '!' "
                    ."OR a.name LIKE ? ESCAPE '!')";
            $like = '%'.strtr(mb_substr($words, 0, 100), ['!' => '!!', '%' => '!%', '_' => '!_']).'%';
            array_push($values, $like, $like, $like);
        }

        return [implode(' AND ', $where), $values];
    }
}
