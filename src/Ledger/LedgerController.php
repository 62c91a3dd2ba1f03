<?php

declare(strict_types=1);

namespace MoltenNotes\App\Ledger;

use Doctrine\DBAL\Connection;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\LogPour\AttemptView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Uuid;

/** All attempts of a caster, newest first, filtered and in pages. Reads plain columns: a list of thousands builds no entities. */
final readonly class LedgerController
{
    private const PAGE_SIZE = 50;

    public function __construct(private Connection $connection)
    {
    }

    #[Route('/api/attempts', methods: ['GET'])]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        [$where, $values] = $this->filter($request, $caster);
        $total = $this->connection->fetchOne("SELECT COUNT(*) FROM attempt a WHERE {$where}", $values);
        $total = is_numeric($total) ? (int) $total : 0;
        $pages = max(1, (int) ceil($total / self::PAGE_SIZE));
        $page = max(1, min($pages, $request->query->getInt('page', 1)));
        $offset = ($page - 1) * self::PAGE_SIZE;
        /** @var list<array{id: string, casting_id: string, name: string, number: int|string, poured_on: string|null, verdict: string|null, process: string|null, alloy: string|null, pour_temperature_k: float|string|null, version: int|string, findings: string|null}> $rows */
        // The page is cut from the index first; only its rows are then filled in.
        $rows = $this->connection->fetchAllAssociative(
            "SELECT a.id, a.casting_id, c.name, a.number, a.poured_on, a.verdict, a.process, a.alloy, a.pour_temperature_k, a.version,
                    (SELECT GROUP_CONCAT(DISTINCT f.kind ORDER BY f.kind) FROM finding f WHERE f.attempt_id = a.id) AS findings
             FROM (SELECT a.id FROM attempt a WHERE {$where} ORDER BY a.happened_on DESC, a.id DESC LIMIT ".self::PAGE_SIZE." OFFSET {$offset}) page
             JOIN attempt a ON a.id = page.id JOIN casting c ON c.id = a.casting_id ORDER BY a.happened_on DESC, a.id DESC",
            $values,
        );

        return new JsonResponse(['total' => $total, 'page' => $page, 'pages' => $pages, 'attempts' => array_map(static fn (array $row): array => AttemptView::line(
            Uuid::fromBinary($row['id'])->toRfc4122(),
            Uuid::fromBinary($row['casting_id'])->toRfc4122(),
            $row['name'],
            (int) $row['number'],
            null !== $row['verdict'] ? 'judged' : (null !== $row['poured_on'] ? 'poured' : 'planned'),
            $row['poured_on'],
            $row['verdict'],
            $row['process'],
            $row['alloy'],
            null === $row['pour_temperature_k'] ? null : (float) $row['pour_temperature_k'],
            (int) $row['version'],
            $caster,
        ) + ['findings' => null === $row['findings'] ? [] : explode(',', $row['findings'])], $rows)]);
    }

    /** @return array{string, list<string>} */
    private function filter(Request $request, Caster $caster): array
    {
        $where = ['a.caster_id = ?'];
        $values = [$caster->id()->toBinary()];
        foreach (['process', 'alloy', 'verdict'] as $column) {
            $wanted = $request->query->getString($column);
            if ('' !== $wanted) {
                $where[] = "a.{$column} = ?";
                $values[] = $wanted;
            }
        }
        $defect = $request->query->getString('defect');
        if ('' !== $defect) {
            $where[] = 'EXISTS (SELECT 1 FROM finding f WHERE f.attempt_id = a.id AND f.kind = ?)';
            $values[] = $defect;
        }
        $words = trim($request->query->getString('q'));
        if ('' !== $words) {
            $where[] = "(EXISTS (SELECT 1 FROM casting c WHERE c.id = a.casting_id AND c.name LIKE ? ESCAPE '!') OR a.note LIKE ? ESCAPE '!')";
            $like = '%'.strtr(mb_substr($words, 0, 100), ['!' => '!!', '%' => '!%', '_' => '!_']).'%';
            array_push($values, $like, $like);
        }

        return [implode(' AND ', $where), $values];
    }
}
