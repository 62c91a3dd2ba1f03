<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Experience\Experience;
use MoltenNotes\Core\Experience\PastHeat;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use Psr\Log\LoggerInterface;
use Symfony\Component\Uid\Uuid;

/** What a caster's own pours and heats have taught: the factor on filling, process by process, and each furnace. */
final readonly class OwnExperience
{
    /** Older pours than these say little of the sand and the hand of today. */
    private const LATEST = 30;
    private const SHORT = ['misrun', 'cold_shut', 'frozen_gate', 'missing_detail', 'foam_fold'];

    public function __construct(private EntityManagerInterface $storage, private Remembered $remembered, private LoggerInterface $logger)
    {
    }

    /** What counts for an attempt, or for values that are typed: everything but what the attempt itself came to. */
    public function for(Caster $caster, ?string $process, ?Attempt $attempt): Experience
    {
        $own = $attempt?->id()->toRfc4122() ?? '';
        $telling = [];
        foreach (
            null === $process
                ? []
                : $this->remembered->get(
                    $caster,
                    "filling {$process}",
                    fn (?array $before): array => $this->pours($caster, $process, $before ?? []),
                ) as $id => $pour
        ) {
            if (null !== $pour['ratio'] && $id !== $own) {
                $telling[] = ['ratio' => $pour['ratio'], 'filled' => $pour['filled']];
            }
        }
        $ownHeat = $attempt?->heat()?->id()->toRfc4122() ?? '';

        return new Experience($process, $telling, array_values(array_diff_key($this->heats($caster), [$ownHeat => 0])));
    }

    /** @return array<string, PastHeat> heat → what it taught of its furnace, newest first */
    public function heats(Caster $caster): array
    {
        return $this->remembered->get($caster, 'past heats', fn (): array => $this->pastHeats($caster));
    }

    /**
     * What each judged pour of late foretold and came to. Only those that changed since are planned again.
     *
     * @param array<string, array{state: string, ratio: float|null, filled: bool}> $before
     *
     * @return array<string, array{state: string, ratio: float|null, filled: bool}> attempt → version of its record, predicted ratio,
     *                                                                              outcome
     */
    private function pours(Caster $caster, string $process, array $before): array
    {
        /** @var list<array{id: string, state: string}> $rows */
        $rows = $this->storage->getConnection()->fetchAllAssociative(
            'SELECT a.id, CONCAT(a.version, \'/\', COALESCE(h.version, 0)) AS state FROM (SELECT id, heat_id, version, happened_on FROM '
                .'attempt WHERE caster_id = ? AND process = ? AND binned_at IS NULL ORDER BY happened_on DESC LIMIT '.
                self::LATEST.
                ') a
             LEFT JOIN heat h ON h.id = a.heat_id ORDER BY a.happened_on DESC, a.id DESC',
            [$caster->id()->toBinary(), $process],
        );
        $pours = [];
        foreach ($rows as $row) {
            $id = Uuid::fromBinary($row['id'])->toRfc4122();
            $known = $before[$id] ?? null;
            $pours[$id] = null !== $known && $known['state'] === $row['state'] ? $known : $this->pour($id, $row['state'], $caster);
        }

        return $pours;
    }

    /** @return array{state: string, ratio: float|null, filled: bool} */
    private function pour(string $id, string $state, Caster $caster): array
    {
        $attempt = $this->storage->find(Attempt::class, Uuid::fromString($id));
        $nothing = ['state' => $state, 'ratio' => null, 'filled' => false];
        if (null === $attempt?->verdict()) {
            return $nothing;
        }
        $record = $attempt->toRecord(new History(), null);
        try {
            $ratio = PlanCasting::of(Basis::of($record, new QuantityFormatter($caster->units())))->least('filling', 'fill_ratio')?->value
                ->si;
        } catch (\Throwable $error) {
            // One record that breaks the rules must not break the plans of all others; the log says which.
            $this->logger->error('A pour cannot be learnt from.', ['attempt' => $id, 'exception' => $error]);

            return $nothing;
        }

        return [
            'state' => $state,
            'ratio' => null !== $ratio && $ratio > 0 ? $ratio : null,
            'filled' => [] === array_intersect($record->defectKinds(), self::SHORT),
        ];
    }

    /** @return array<string, PastHeat> */
    private function pastHeats(Caster $caster): array
    {
        $taught = [];
        foreach (
            $this->storage
                ->getRepository(Heat::class)
                ->findBy(['caster' => $caster, 'binnedAt' => null], ['meltedOn' => 'DESC'], self::LATEST) as $heat
        ) {
            $past = PastHeat::from($heat->values());
            if (null !== $past) {
                $taught[$heat->id()->toRfc4122()] = $past;
            }
        }

        return $taught;
    }
}
