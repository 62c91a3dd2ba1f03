<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Casting;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\Core\Record\Choices;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Uuid;

/** The castings, the latest first, a page at a time, each with the last steps of its trail. */
final readonly class ListCastingsController
{
    private const PAGE = 100;
    private const STEPS = 12;

    public function __construct(private EntityManagerInterface $storage, private Connection $connection)
    {
    }

    #[Route('/api/castings', methods: ['GET'])]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $page = max(1, min(1000, $request->query->getInt('page', 1)));
        $found = $this->storage
            ->getRepository(Casting::class)
            ->findBy(
                ['caster' => $caster, 'binnedAt' => null],
                ['updatedAt' => 'DESC', 'id' => 'DESC'],
                self::PAGE + 1,
                ($page - 1) * self::PAGE,
            );
        $castings = array_slice($found, 0, self::PAGE);
        $trails = $this->trails($castings);

        return new AnswerResponse(
            new CastingListAnswer(
                array_map(
                    static fn (Casting $one): CastingInListAnswer => new CastingInListAnswer(
                        $one->toAnswer(),
                        $trails[$one->id()->toRfc4122()] ?? [],
                    ),
                    $castings,
                ),
                $page,
                count($found) > self::PAGE,
            ),
        );
    }

    /**
     * The last steps of each, by one question that reads no more than it shows.
     *
     * @param list<Casting> $castings
     *
     * @return array<string, list<TrailStepAnswer>>
     */
    private function trails(array $castings): array
    {
        if ([] === $castings) {
            return [];
        }
        $one =
            '(SELECT casting_id, id, number, poured_on, verdict FROM attempt WHERE casting_id = ? AND binned_at IS NULL ORDER BY number '
                .'DESC LIMIT '.
            self::STEPS.
            ')';
        /** @var list<array{casting_id: string, id: string, number: int|string, poured_on: string|null, verdict: string|null}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            implode(' UNION ALL ', array_fill(0, count($castings), $one)),
            array_map(static fn (Casting $casting): string => $casting->id()->toBinary(), $castings),
        );
        $trails = [];
        foreach ($rows as $row) {
            $verdict = Choices::known('verdict', $row['verdict']);
            $trails[Uuid::fromBinary($row['casting_id'])->toRfc4122()][] = new TrailStepAnswer(
                Uuid::fromBinary($row['id'])->toRfc4122(),
                (int) $row['number'],
                Attempt::stateOf($verdict, null !== $row['poured_on']),
                $verdict,
            );
        }
        foreach ($trails as &$steps) {
            usort($steps, static fn (TrailStepAnswer $a, TrailStepAnswer $b): int => $a->number <=> $b->number);
        }

        return $trails;
    }
}
