<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use MoltenNotes\Core\Instrument\ReadingLine;
use Symfony\Component\Uid\Uuid;

/** Readings as they are stored: by instrument, quantity and millisecond, in SI. Too many for objects of their own. */
final readonly class Readings
{
    private const AT_A_TIME = 500;
    /** A pause of so long begins another run. */
    private const RUN_GAP_S = 900;
    /** More than a plot can show and a phone can hold; the oldest of them are left out. */
    private const MOST_OF_A_SERIES = 60_000;

    public function __construct(private Connection $storage)
    {
    }

    /**
     * A reading that is there already stays as it is, however often and late it comes again.
     *
     * @param list<ReadingLine> $readings
     *
     * @return int how many were new
     */
    public function take(Uuid $instrument, array $readings, bool $simulated): int
    {
        $new = 0;
        foreach (array_chunk($readings, self::AT_A_TIME) as $some) {
            $values = [];
            foreach ($some as $reading) {
                array_push(
                    $values,
                    $instrument->toBinary(),
                    $reading->value->dimension->value,
                    (int) round($reading->at * 1000),
                    $reading->value->si(),
                    $simulated ? 1 : 0,
                );
            }
            // Not INSERT IGNORE, which would pass over every other fault as well; a row that is the same counts as not affected.
            $new += (int) $this->storage->executeStatement(
                'INSERT INTO reading (instrument_id, quantity, at, value, simulated) VALUES '
                    .implode(', ', array_fill(0, count($some), '(?, ?, ?, ?, ?)'))
                    .' ON DUPLICATE KEY UPDATE value = reading.value',
                $values,
            );
        }

        return $new;
    }

    /**
     * It spoke; once it has said that it makes things up, it is known as one that does.
     *
     * @param list<ReadingLine> $readings what it said: after a long pause its run begins with the first of them
     */
    public function heard(Uuid $instrument, \DateTimeImmutable $now, bool $simulated, array $readings): void
    {
        $times = array_map(static fn (ReadingLine $reading): float => $reading->at, $readings);
        $this->storage->executeStatement(
            // From left to right: the run is told by when it was heard before.
            'UPDATE instrument SET running_since = IF(? IS NOT NULL AND (seen_at IS NULL OR seen_at < ?), ?, running_since), seen_at = ?, '
                .'simulated = GREATEST(simulated, ?) WHERE id = ?',
            [
                [] === $times ? null : min($times),
                $now->modify('-'.self::RUN_GAP_S.' seconds')->format('Y-m-d H:i:s'),
                [] === $times ? null : min($times),
                $now->format('Y-m-d H:i:s'),
                $simulated ? 1 : 0,
                $instrument->toBinary(),
            ],
        );
    }

    /**
     * @param float $after only what came after this second
     * @param int|null $most about so many at most, each the mean of its neighbours; null: every single one
     *
     * @return array{at: list<float>, value: list<float>, simulated: bool} in order; seconds since 1970, SI
     */
    public function of(Uuid $instrument, string $quantity, float $from, float $to, float $after = 0.0, ?int $most = null): array
    {
        $where = [
            $instrument->toBinary(),
            $quantity,
            (int) floor($from * 1000),
            (int) ceil(min($to, 9e12) * 1000),
            (int) round($after * 1000),
        ];
        $among = 'FROM reading WHERE instrument_id = ? AND quantity = ? AND at BETWEEN ? AND ? AND at > ?';
        $step = 0;
        if (null !== $most) {
            /** @var array{0: int|string|null, 1: int|string|null, 2: int|string}|false $span */
            $span = $this->storage->fetchNumeric("SELECT MIN(at), MAX(at), COUNT(*) {$among}", $where);
            $step = false !== $span && (int) $span[2] > $most ? (int) ceil(((int) $span[1] - (int) $span[0]) / $most) : 0;
        }
        /** @var list<array{0: int|string, 1: float|string, 2: int|string}> $rows */
        $rows = $step > 1
            ? $this->storage->fetchAllNumeric(
                "SELECT AVG(at), AVG(value), MAX(simulated) {$among} GROUP BY at DIV {$step} ORDER BY 1 DESC",
                $where,
            )
            : $this->storage->fetchAllNumeric(
                "SELECT at, value, simulated {$among} ORDER BY at DESC LIMIT ".self::MOST_OF_A_SERIES,
                $where,
            );
        $at = $value = [];
        $simulated = false;
        foreach (array_reverse($rows) as $row) {
            $at[] = (float) $row[0] / 1000;
            $value[] = (float) $row[1];
            $simulated = $simulated || 1 === (int) $row[2];
        }

        return ['at' => $at, 'value' => $value, 'simulated' => $simulated];
    }

    /**
     * @param list<Uuid> $instruments
     *
     * @return array<string, array{quantity: string, at: float, value: float, simulated: bool}> instrument and quantity → its last reading
     */
    public function last(array $instruments): array
    {
        if ([] === $instruments) {
            return [];
        }
        /** @var list<array{instrument_id: string, quantity: string, at: int|string, value: float|string, simulated: int|string}> $rows */
        $rows = $this->storage->fetchAllAssociative(
            'SELECT r.* FROM reading r JOIN (SELECT instrument_id, quantity, MAX(at) AS at FROM reading WHERE instrument_id IN (?) '
                .'GROUP BY instrument_id, quantity) last USING (instrument_id, quantity, at)',
            [array_map(static fn (Uuid $id): string => $id->toBinary(), $instruments)],
            [ArrayParameterType::BINARY],
        );
        $last = [];
        foreach ($rows as $row) {
            $last[Uuid::fromBinary($row['instrument_id'])->toRfc4122().' '.$row['quantity']] = [
                'quantity' => $row['quantity'],
                'at' => (int) $row['at'] / 1000,
                'value' => (float) $row['value'],
                'simulated' => 1 === (int) $row['simulated'],
            ];
        }

        return $last;
    }
}
