<?php

declare(strict_types=1);

namespace MoltenNotes\App\Bench;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\LogPour\Attempt;
use MoltenNotes\App\LogPour\AttemptView;
use MoltenNotes\App\Shared\Storage\Notebook;
use MoltenNotes\Core\Diagnosis\Catalogue;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The bench: what waits for what, and what this caster has got wrong before. */
final readonly class BenchController
{
    private const MOST_WAITING = 40;

    public function __construct(private EntityManagerInterface $storage, private AttemptView $view, private Notebook $notebook, private Catalogue $catalogue)
    {
    }

    #[Route('/api/bench', methods: ['GET'])]
    public function __invoke(#[CurrentUser] Caster $caster): JsonResponse
    {
        /** @var list<Attempt> $open */
        $open = $this->storage->createQuery('SELECT a, c FROM '.Attempt::class.' a JOIN a.casting c WHERE a.caster = :caster AND (a.verdict IS NULL OR NOT EXISTS (SELECT n.id FROM '.Attempt::class.' n WHERE n.casting = a.casting AND n.number > a.number)) ORDER BY a.happenedOn DESC, a.number DESC')
            ->setParameter('caster', $caster->id(), 'uuid')->setMaxResults(self::MOST_WAITING)->getResult();
        $lines = [];
        foreach ($open as $attempt) {
            $waits = $this->waitsFor($attempt);
            if (null !== $waits) {
                $lines[] = $this->view->summary($attempt) + ['waits_for' => $waits, 'findings' => count($attempt->findings()), 'changed' => $this->changed($attempt)];
            }
        }

        return new JsonResponse(['waiting' => $lines, 'repeat_list' => $this->repeatList($caster)]);
    }

    /** pour → inspection → diagnosis → next attempt; a good casting waits for nothing. */
    private function waitsFor(Attempt $attempt): ?string
    {
        return match (true) {
            'planned' === $attempt->state() => 'pour',
            'poured' === $attempt->state() => 'inspection',
            'good' === $attempt->verdict() => null,
            [] === $attempt->findings() => 'findings',
            null === $this->notebook->next($attempt) => 'next_attempt',
            default => null,
        };
    }

    /** @return list<string> what the plan changes against the attempt before */
    private function changed(Attempt $attempt): array
    {
        return array_values(array_map(static fn ($change): string => $change->toChange()->remedy->label, $attempt->previous()?->changes() ?? []));
    }

    /** @return list<array<string, mixed>> */
    private function repeatList(Caster $caster): array
    {
        /** @var list<array{cause: string, times: int|string, last_on: string|null}> $rows */
        $rows = $this->storage->getConnection()->fetchAllAssociative(
            "SELECT o.cause, COUNT(*) AS times, MAX(a.poured_on) AS last_on FROM cause_opinion o JOIN attempt a ON a.id = o.attempt_id
             WHERE a.caster_id = ? AND o.opinion = 'confirmed' GROUP BY o.cause ORDER BY times DESC, last_on DESC LIMIT 8",
            [$caster->id()->toBinary()],
        );

        return array_map(fn (array $row): array => [
            'cause' => $row['cause'],
            'label' => $this->catalogue->causes[$row['cause']]->label ?? $row['cause'],
            'times' => (int) $row['times'],
            'last_on' => $row['last_on'],
            'processes' => $this->catalogue->causes[$row['cause']]->processes ?? null,
        ], $rows);
    }
}
