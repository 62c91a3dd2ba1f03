<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\Ids;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Charge\LotState;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Experience\Experience;
use MoltenNotes\Core\Geometry\Solids;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Workshop\Workshop;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Uid\Uuid;

/** The one door to a caster's records: nothing is found here that is somebody else's. */
final readonly class Notebook
{
    /** Judged attempts that count as a caster's history. */
    private const OF_LATE = 500;

    /** Older pours of a casting than these are not offered for comparison. */
    private const COMPARED = 30;
    /** More moulds than these are not filled from one melt. */
    private const TOGETHER = 8;
    private const OTHER_METALS = 2;

    public function __construct(
        private EntityManagerInterface $storage,
        private Remembered $remembered,
        private OwnExperience $experience,
        private HeapBook $heaps,
        private LotBook $lots,
        private PatternBook $patterns,
        private CareBook $care,
        #[Autowire(service: CachedSolids::class)]
        private Solids $solids,
    ) {
    }

    public function casting(string $id, Caster $caster): Casting
    {
        return $this->findCasting(Ids::of($id, 'casting'), $caster) ?? throw RecordNotFound::named('casting');
    }

    private function findCasting(Uuid $id, Caster $caster): ?Casting
    {
        return $this->inUse($this->own(Casting::class, $id, $caster));
    }

    public function attempt(string $id, Caster $caster): Attempt
    {
        return $this->findAttempt(Ids::of($id, 'attempt'), $caster) ?? throw RecordNotFound::named('attempt');
    }

    public function findAttempt(Uuid $id, Caster $caster): ?Attempt
    {
        // With what every view of it needs, in one question.
        /** @var Attempt|null $attempt */
        $attempt = $this->storage
            ->createQuery(
                'SELECT a, c, k, h FROM '.Attempt::class.' a JOIN a.casting c JOIN a.caster k LEFT JOIN a.heat h WHERE a.id = :id',
            )
            ->setParameter('id', $id, 'uuid')
            ->getOneOrNullResult();

        return null !== $attempt && $attempt->caster()->id()->equals($caster->id()) ? $this->inUse($attempt) : null;
    }

    public function heat(string $id, Caster $caster): Heat
    {
        return $this->inUse($this->own(Heat::class, Ids::of($id, 'heat'), $caster)) ?? throw RecordNotFound::named('heat');
    }

    /** @return list<Attempt> the moulds that were filled from one heat */
    public function pouredFrom(Heat $heat): array
    {
        return $this->storage->getRepository(Attempt::class)->findBy(['heat' => $heat]);
    }

    /** The attempt that follows the change sheet of this one. */
    public function next(Attempt $attempt): ?Attempt
    {
        return $this->storage->getRepository(Attempt::class)->findOneBy(['previous' => $attempt, 'binnedAt' => null]);
    }

    /** What the caster confirmed in other judged attempts of late; this one is left out: it must not confirm itself. */
    public function history(Attempt $attempt): History
    {
        $judged = $this->judged($attempt->caster());
        unset($judged[$attempt->id()->toRfc4122()]);
        $confirmed = [];
        foreach ($judged as $pour) {
            foreach ($pour['confirmed'] as $cause) {
                $confirmed[$cause] = ($confirmed[$cause] ?? 0) + 1;
            }
        }

        return new History(count($judged), $confirmed);
    }

    /**
     * The judged attempts of late with what was confirmed of each, the newest first. Older ones say little of the hand and the sand of
     * today, and a
     * notebook must not become slower as it grows.
     *
     * @return array<string, array{on: string, confirmed: list<string>, process: string|null, alloy: string|null, wall: float|null}>
     */
    public function judged(Caster $caster): array
    {
        return $this->remembered->get($caster, 'judged pours', function () use ($caster): array {
            $verdicts = array_keys(Choices::list('verdict'));
            // One question for each verdict: together they would sort everything that was ever judged.
            $latest = ' ORDER BY happened_on DESC, id DESC LIMIT '.self::OF_LATE;
            $judged = implode(
                ' UNION ALL ',
                array_fill(
                    0,
                    count($verdicts),
                    '(SELECT id, happened_on, process, alloy FROM attempt WHERE caster_id = ? AND verdict = ? AND binned_at IS NULL'
                        .$latest.')',
                ),
            );
            /**
             * @var list<array{id: string, happened_on: string, cause: string|null, process: string|null, alloy: string|null,
             *     wall: float|string|null}> $rows
             */
            $rows = $this->storage->getConnection()->fetchAllAssociative(
                "SELECT w.id, w.happened_on, o.cause, w.process, w.alloy,
                     (SELECT v.si FROM attempt_value v WHERE v.attempt_id = w.id AND v.slot IN ('made casting.wall', 'planned casting.wall')
                      ORDER BY v.slot LIMIT 1) AS wall
                 FROM ({$judged}{$latest}) w
                 LEFT JOIN cause_opinion o ON o.attempt_id = w.id AND o.opinion = 'confirmed' ORDER BY w.happened_on DESC, w.id DESC",
                array_merge(...array_map(static fn (string $verdict): array => [$caster->id()->toBinary(), $verdict], $verdicts)),
            );
            $judged = [];
            foreach ($rows as $row) {
                $id = Uuid::fromBinary($row['id'])->toRfc4122();
                $judged[$id] ??= [
                    'on' => $row['happened_on'],
                    'confirmed' => [],
                    'process' => $row['process'],
                    'alloy' => $row['alloy'],
                    'wall' => is_numeric($row['wall']) ? (float) $row['wall'] : null,
                ];
                if (null !== $row['cause'] && isset(Catalogue::standard()->causes[$row['cause']])) {
                    $judged[$id]['confirmed'][] = $row['cause'];
                }
            }

            return $judged;
        });
    }

    /** Everything known of an attempt, with the caster's history, workshop and experience. */
    public function record(Attempt $attempt): AttemptRecord
    {
        $bare = $attempt->toRecord(new History(), null);

        return $attempt->toRecord(
            $this->history($attempt),
            $this->workshop($attempt->caster()),
            $this->experience->for($attempt->caster(), $bare->values()->choice('mould.process'), $attempt),
            $this->solids,
        )
            ->madeOf($this->madeOf($attempt))
            ->chargedWith($this->lots->valuesFor($attempt))
            ->beside(null === $attempt->beside() ? null : $this->compared($attempt->beside()), $this->heatMates($attempt));
    }

    /** What its sand and its pattern say of a mould. */
    private function madeOf(Attempt $attempt): Values
    {
        return $this->patterns->valuesFor($attempt)->overlaidBy($this->heaps->valuesFor($attempt));
    }

    private function compared(Attempt $other): AttemptRecord
    {
        return $other->toRecord(new History(), null, new Experience(), $this->solids)
            ->madeOf($this->madeOf($other))
            ->chargedWith($this->lots->valuesFor($other));
    }

    /** @return list<list<string>> what the other judged moulds of the same melt showed */
    private function heatMates(Attempt $attempt): array
    {
        $mates = [];
        foreach (null === $attempt->heat() ? [] : $this->pouredFrom($attempt->heat()) as $mate) {
            if (!$mate->id()->equals($attempt->id()) && null === $mate->binnedAt() && null !== $mate->verdict()) {
                $mates[] = $mate->toRecord(new History(), null)->defectKinds();
            }
        }

        return $mates;
    }

    /** Values that are being typed, on the ground a record of this caster stands on; of an attempt where they are its. */
    public function typed(Values $values, Caster $caster, ?Attempt $attempt): AttemptRecord
    {
        return AttemptRecord::ofValues(
            $values,
            $this->workshop($caster),
            $this->experience->for($caster, $values->choice('mould.process'), $attempt),
            $this->solids,
            null === $attempt ? null : $this->madeOf($attempt),
        );
    }

    /** What of the workshop can be read: settings, and the things that are not in the bin. */
    public function workshop(Caster $caster): Workshop
    {
        return $this->remembered->get($caster, 'workshop', fn (): Workshop => $this->shelves($caster)->workshop);
    }

    public function shelves(Caster $caster): Shelves
    {
        $rows = $this->storage
            ->getRepository(WorkshopRow::class)
            ->findBy(['caster' => $caster, 'binnedAt' => null], ['kind' => 'ASC', 'place' => 'ASC', 'id' => 'ASC']);

        $masses = array_map(static fn (LotState $state): float => $state->mass->si, $this->lots->shelf($caster)->states());
        $out = [];
        foreach ($rows as $row) {
            if ('crucibles' === $row->kind() && $this->care->crucible($row)->isOut) {
                $out[] = $row->id()->toRfc4122();
            }
        }

        return new Shelves($this->keptWorkshop($caster), $rows, $masses, $out);
    }

    public function keptWorkshop(Caster $caster): ?KeptWorkshop
    {
        return $this->storage->getRepository(KeptWorkshop::class)->findOneBy(['caster' => $caster]);
    }

    /** How many things of a kind stand in the workshop. */
    public function things(Caster $caster, string $kind): int
    {
        return $this->storage->getRepository(WorkshopRow::class)->count(['caster' => $caster, 'kind' => $kind, 'binnedAt' => null]);
    }

    /** How many entries the book of a thing holds. */
    public function entries(WorkshopRow $row): int
    {
        return $this->storage->getRepository(Movement::class)->count(['row' => $row, 'binnedAt' => null]);
    }

    public function nextPlace(Caster $caster, string $kind): int
    {
        $highest = $this->storage
            ->getConnection()
            ->fetchOne('SELECT COALESCE(MAX(place), -1) FROM workshop_row WHERE caster_id = ? AND kind = ?', [
                $caster->id()->toBinary(),
                $kind,
            ]);

        return 1 + (is_numeric($highest) ? (int) $highest : 0);
    }

    /** @return list<Attempt> other pours of the same casting, the latest first */
    public function otherPours(Attempt $attempt): array
    {
        return array_values(array_filter(
            $this->storage->getRepository(Attempt::class)->findBy(
                ['casting' => $attempt->casting(), 'binnedAt' => null],
                ['number' => 'DESC'],
                self::COMPARED,
            ),
            static fn (Attempt $other): bool => !$other->id()->equals($attempt->id()) && 'planned' !== $other->state(),
        ));
    }

    /** @return list<Attempt> pours of a casting that are judged, the oldest first; the latest where there are more */
    public function judgedPours(Casting $casting, int $most): array
    {
        $all = $this->storage->getRepository(Attempt::class)->findBy(
            ['casting' => $casting, 'binnedAt' => null],
            ['number' => 'DESC'],
            2 * $most,
        );
        $judged = array_filter($all, static fn (Attempt $one): bool => null !== $one->verdict() && null !== $one->pouredOn());

        return array_reverse(array_slice(array_values($judged), 0, $most));
    }

    /** A sand heap of this caster that is not in the bin. */
    public function heap(string $id, Caster $caster): WorkshopRow
    {
        return $this->thing($id, 'heaps', $caster, 'heap');
    }

    /** A thing of this caster's workshop, of a kind, that is not in the bin. */
    public function thing(string $id, string $kind, Caster $caster, string $called = 'thing'): WorkshopRow
    {
        $row = $this->own(WorkshopRow::class, Ids::of($id, $called), $caster);

        return null !== $row && $kind === $row->kind() && null === $row->binnedAt() ? $row : throw RecordNotFound::named($called);
    }

    /** A recipe of this caster's own that is not in the bin; null where there is none. */
    public function recipe(string $id, Caster $caster): ?WorkshopRow
    {
        $row = Uuid::isValid($id) ? $this->own(WorkshopRow::class, Uuid::fromString($id), $caster) : null;

        return 'recipes' === $row?->kind() && null === $row->binnedAt() ? $row : null;
    }

    /** @return list<Attempt> planned pours of one metal, the latest planned first: they may be filled from one melt */
    public function plannedOf(Caster $caster, string $alloy): array
    {
        return $this->storage->getRepository(Attempt::class)->findBy(
            ['caster' => $caster, 'alloy' => $alloy, 'pouredOn' => null, 'verdict' => null, 'binnedAt' => null],
            ['happenedOn' => 'DESC', 'id' => 'DESC'],
            self::TOGETHER,
        );
    }

    /** @return list<Attempt> planned and not poured: those with a wanted hour first, the earliest first, then the latest planned */
    public function planned(Caster $caster, int $most): array
    {
        /** @var list<Attempt> $attempts */
        $attempts = $this->storage
            ->createQuery(
                'SELECT a, c, CASE WHEN a.wantedAt IS NULL THEN 1 ELSE 0 END AS HIDDEN unsaid FROM '.Attempt::class
                    .' a JOIN a.casting c WHERE a.caster = :caster AND a.pouredOn IS NULL AND a.verdict IS NULL AND a.binnedAt IS NULL '
                    .'ORDER BY unsaid ASC, a.wantedAt ASC, a.happenedOn DESC, a.id DESC',
            )
            ->setParameter('caster', $caster->id(), 'uuid')
            ->setMaxResults($most)
            ->getResult();

        return $attempts;
    }

    /** @return list<Attempt> planned and not poured, of another metal each, the latest first; few, for each is planned to be told */
    public function plannedOfOtherMetals(Caster $caster, string $alloy): array
    {
        $others = [];
        $planned = ['caster' => $caster, 'pouredOn' => null, 'verdict' => null, 'binnedAt' => null];
        $latest = ['happenedOn' => 'DESC', 'id' => 'DESC'];
        foreach ($this->storage->getRepository(Attempt::class)->findBy($planned, $latest, 4 * self::TOGETHER) as $attempt) {
            $metal = $attempt->alloy();
            if (null !== $metal && $metal !== $alloy && count($others) < self::OTHER_METALS) {
                $others[$metal] ??= $attempt;
            }
        }

        return array_values($others);
    }

    /** How many attempts at a casting there are. */
    public function attempts(Casting $casting): int
    {
        return $this->storage->getRepository(Attempt::class)->count(['casting' => $casting, 'binnedAt' => null]);
    }

    public function hasAttemptBefore(Casting $casting, int $number): bool
    {
        return false !==
            $this->storage
                ->getConnection()
                ->fetchOne('SELECT 1 FROM attempt WHERE casting_id = ? AND number < ? AND binned_at IS NULL LIMIT 1', [
                    $casting->id()->toBinary(),
                    $number,
                ]);
    }

    public function nextNumber(Casting $casting): int
    {
        $highest = $this->storage
            ->getConnection()
            ->fetchOne('SELECT COALESCE(MAX(number), 0) FROM attempt WHERE casting_id = ?', [$casting->id()->toBinary()]);

        return 1 + (is_numeric($highest) ? (int) $highest : 0);
    }

    /** The caster as storage knows it, for a new record to belong to. */
    public function owner(Caster $caster): Caster
    {
        return $this->storage->getReference(Caster::class, $caster->id()) ?? $caster;
    }

    public function add(object $entity): void
    {
        $this->storage->persist($entity);
    }

    public function save(): void
    {
        $this->storage->flush();
    }

    /**
     * A record of this caster, be it in the bin or not.
     *
     * @template T of Casting|Attempt|Heat|WorkshopRow|Movement
     *
     * @param class-string<T> $class
     *
     * @return T|null
     */
    public function own(string $class, Uuid $id, Caster $caster): Casting|Attempt|Heat|WorkshopRow|Movement|null
    {
        $record = $this->storage->find($class, $id);

        return null !== $record && $record->caster()->id()->equals($caster->id()) ? $record : null;
    }

    /** A finding of this caster, be it in the bin or not. */
    public function ownFinding(Uuid $id, Caster $caster): ?RecordedFinding
    {
        $finding = $this->storage->find(RecordedFinding::class, $id);

        return null !== $finding && $finding->attempt()->caster()->id()->equals($caster->id()) ? $finding : null;
    }

    /**
     * True when some row has this id already, whoever owns it.
     *
     * @param class-string $class
     */
    public function isTaken(string $class, Uuid $id): bool
    {
        return null !== $this->storage->find($class, $id);
    }

    /**
     * @template T of Casting|Attempt|Heat
     *
     * @param T|null $record
     *
     * @return T|null
     */
    private function inUse(Casting|Attempt|Heat|null $record): Casting|Attempt|Heat|null
    {
        return null === $record?->binnedAt() ? $record : null;
    }
}
