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
use Symfony\Component\Uid\Uuid;

/** The bench: what waits for what, and what this caster has got wrong before. */
final readonly class BenchController
{
    private const MOST_WAITING = 40;
    private const MOST_REPEATED = 8;
    /** Whatever waits longer than this many attempts is forgotten. */
    private const LOOKED_THROUGH = 300;

    public function __construct(private EntityManagerInterface $storage, private AttemptView $view, private Notebook $notebook, private Catalogue $catalogue)
    {
    }

    #[Route('/api/bench', methods: ['GET'])]
    public function __invoke(#[CurrentUser] Caster $caster): JsonResponse
    {
        $lines = [];
        foreach ($this->open($caster) as $id => $waits) {
            $attempt = $this->storage->find(Attempt::class, Uuid::fromString($id));
            if (null !== $attempt) {
                $lines[] = $this->view->summary($attempt) + ['waits_for' => $waits, 'findings' => count($attempt->findings()), 'changed' => $this->changed($attempt)];
            }
        }

        return new JsonResponse(['waiting' => $lines, 'repeat_list' => $this->repeatList($caster)]);
    }

    /**
     * Pour → inspection → findings → next attempt: what each of the latest attempts waits for. A good casting waits for nothing, nor does one that
     * was tried again since.
     *
     * @return array<string, string> attempt → what it waits for
     */
    private function open(Caster $caster): array
    {
        /** @var list<array{id: string, poured_on: string|null, verdict: string|null, found: int|string, followed: int|string, tried_again: int|string}> $rows */
        $rows = $this->storage->getConnection()->fetchAllAssociative(
            'SELECT a.id, a.poured_on, a.verdict,
                    EXISTS (SELECT 1 FROM finding f WHERE f.attempt_id = a.id) AS found,
                    EXISTS (SELECT 1 FROM attempt n WHERE n.previous_id = a.id) AS followed,
                    EXISTS (SELECT 1 FROM attempt n WHERE n.casting_id = a.casting_id AND n.number > a.number) AS tried_again
             FROM (SELECT id, casting_id, number, poured_on, verdict, happened_on FROM attempt WHERE caster_id = ? ORDER BY happened_on DESC, id DESC LIMIT '.self::LOOKED_THROUGH.') a
             ORDER BY a.happened_on DESC, a.number DESC',
            [$caster->id()->toBinary()],
        );
        $open = [];
        foreach ($rows as $row) {
            $waits = match (true) {
                null === $row['verdict'] && null === $row['poured_on'] => 'pour',
                null === $row['verdict'] => 'inspection',
                'good' === $row['verdict'] || (bool) $row['tried_again'] => null,
                !(bool) $row['found'] => 'findings',
                !(bool) $row['followed'] => 'next_attempt',
                default => null,
            };
            if (null !== $waits && count($open) < self::MOST_WAITING) {
                $open[Uuid::fromBinary($row['id'])->toRfc4122()] = $waits;
            }
        }

        return $open;
    }

    /** @return list<string> what the plan changes against the attempt before */
    private function changed(Attempt $attempt): array
    {
        return array_values(array_map(static fn ($change): string => $change->remedy->label, $attempt->previous()?->changeSheet() ?? []));
    }

    /** @return list<array<string, mixed>> confirmed causes, the most frequent first */
    private function repeatList(Caster $caster): array
    {
        $times = $last = [];
        foreach ($this->notebook->judged($caster) as $pour) {
            foreach ($pour['confirmed'] as $cause) {
                $times[$cause] = ($times[$cause] ?? 0) + 1;
                $last[$cause] ??= $pour['on'];
            }
        }
        $causes = array_keys($times);
        usort($causes, static fn (string $a, string $b): int => [$times[$b], $last[$b]] <=> [$times[$a], $last[$a]]);

        return array_map(fn (string $cause): array => [
            'cause' => $cause,
            'label' => $this->catalogue->causes[$cause]->label ?? $cause,
            'times' => $times[$cause],
            'last_on' => $last[$cause],
            'processes' => $this->catalogue->causes[$cause]->processes ?? null,
        ], array_slice($causes, 0, self::MOST_REPEATED));
    }
}
