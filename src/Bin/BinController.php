<?php

declare(strict_types=1);

namespace MoltenNotes\App\Bin;

use Doctrine\DBAL\Connection;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Workshop\MovementKind;
use Psr\Clock\ClockInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Uuid;

/** What was thrown away and can be had back, the latest first. Putting in and taking out are changes like any other. */
final readonly class BinController
{
    private const MOST = 200;

    public function __construct(private Connection $storage, private EmptyBin $empty, private ClockInterface $clock)
    {
    }

    #[Route('/api/bin', methods: ['GET'])]
    public function __invoke(#[CurrentUser] Caster $caster): AnswerResponse
    {
        ($this->empty)($caster);
        // What went with its casting comes back with it and is not told apart.
        /**
         * @var list<array{part: string, id: string, name: string|null, about: string, number: int|string|null, binned_at: string}> $rows
         */
        $rows = $this->storage->fetchAllAssociative(
            "(SELECT 'casting' AS part, id, name, '' AS about, NULL AS number, binned_at FROM casting WHERE caster_id = :caster
                AND binned_at IS NOT NULL)
             UNION ALL (SELECT 'attempt', a.id, a.name, c.name, a.number, a.binned_at FROM attempt a
                 JOIN casting c ON c.id = a.casting_id WHERE a.caster_id = :caster AND a.binned_at IS NOT NULL
                     AND a.binned_with_casting = 0)
             UNION ALL (SELECT 'heat', id, name, COALESCE(melted_on, ''), NULL, binned_at FROM heat WHERE caster_id = :caster
                 AND binned_at IS NOT NULL)
             UNION ALL (SELECT 'finding', f.id, f.kind, c.name, a.number, f.binned_at FROM finding f
                 JOIN attempt a ON a.id = f.attempt_id JOIN casting c ON c.id = a.casting_id WHERE a.caster_id = :caster
                     AND f.binned_at IS NOT NULL)
             UNION ALL (SELECT 'photo', p.id, p.caption, c.name, a.number, p.binned_at FROM photo p
                 JOIN attempt a ON a.id = p.attempt_id JOIN casting c ON c.id = a.casting_id WHERE p.caster_id = :caster
                     AND p.binned_at IS NOT NULL)
             UNION ALL (SELECT 'workshop_row', id, JSON_VALUE(content, '$.name'), kind, NULL, binned_at FROM workshop_row
                 WHERE caster_id = :caster AND binned_at IS NOT NULL)
             UNION ALL (SELECT 'movement', m.id, m.kind, COALESCE(JSON_VALUE(w.content, '$.name'), w.kind), NULL, m.binned_at
                 FROM movement m JOIN workshop_row w ON w.id = m.row_id WHERE m.caster_id = :caster
                     AND m.binned_at IS NOT NULL AND w.binned_at IS NULL)
             ORDER BY binned_at DESC, id DESC LIMIT ".self::MOST,
            ['caster' => $caster->id()->toBinary()],
        );

        return new AnswerResponse(new BinAnswer(EmptyBin::DAYS, array_map($this->thing(...), $rows)));
    }

    /**
     * @param array{part: string, id: string, name: string|null, about: string, number: int|string|null, binned_at: string} $row
     */
    private function thing(array $row): BinThingAnswer
    {
        $name = $row['name'] ?? '';
        $words = match ($row['part']) {
            'attempt' => "{$row['about']}, no. {$row['number']}".('' === $name ? '' : ", {$name}"),
            'heat' => match (true) {
                '' !== $name => $name,
                '' === $row['about'] => 'A melt',
                default => 'Melt of '.(new \DateTimeImmutable($row['about']))->format('j M Y'),
            },
            'finding' => (Vocabulary::standard()->defects[$name]->label ?? $name).", {$row['about']}, no. {$row['number']}",
            'photo' => ('' === $name ? 'A photo' : $name).", {$row['about']}, no. {$row['number']}",
            'movement' => (MovementKind::find($name)->title ?? $name).", {$row['about']}",
            'workshop_row' => '' === $name ? ucfirst($row['about']) : $name,
            default => $name,
        };
        $since = new \DateTimeImmutable($row['binned_at']);
        $gone = (int) $since->diff($this->clock->now())->days;

        return new BinThingAnswer(
            part: $row['part'],
            id: Uuid::fromBinary($row['id'])->toRfc4122(),
            words: $words,
            binnedOn: $since->format('Y-m-d'),
            daysLeft: max(0, EmptyBin::DAYS - $gone),
        );
    }
}
