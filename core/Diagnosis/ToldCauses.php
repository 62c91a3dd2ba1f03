<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Attempt\Sign;

/** Which of all causes are told, and as what: leading, nearly gone wrong, cleared, done well. */
final class ToldCauses
{
    private const MOST_RANKED = 10;
    /** Below this a cause is not worth a line. */
    private const LEAST_SHOWN = 0.02;
    /** A sign is left unexplained when it more likely came by itself than from any of the causes. */
    private const EXPLAINED_FROM = 0.5;
    /** A suspect is called cleared when the record took away at least this factor of its odds. */
    private const CLEARED_LOG_ODDS = -1.0;
    /** Something was done well when the record took away at least this much of the log-odds of what it prevents. */
    private const SOUND_LOG_ODDS = -0.5;
    private const MOST_SOUND = 6;
    /** From this on a note speaks for a cause, and is nothing to be kept. */
    private const BLAMES = 0.3;
    /** A good result still names what nearly went wrong when the record raised it by this much. */
    private const NEAR_MISS_LOG_ODDS = 0.9;

    /**
     * @param list<RankedCause> $ranked
     *
     * @return list<RankedCause>
     */
    public static function leading(array $ranked): array
    {
        return array_slice(
            array_values(
                array_filter(
                    $ranked,
                    static fn (RankedCause $cause): bool => [] !== $cause->explains && $cause->probability >= self::LEAST_SHOWN,
                ),
            ),
            0,
            self::MOST_RANKED,
        );
    }

    /**
     * @param list<RankedCause> $ranked
     *
     * @return list<RankedCause> what the record raised although nothing came of it
     */
    public static function nearMisses(array $ranked): array
    {
        return array_slice(
            array_values(
                array_filter($ranked, static fn (RankedCause $cause): bool => self::fromRecord($cause) >= self::NEAR_MISS_LOG_ODDS),
            ),
            0,
            self::MOST_RANKED,
        );
    }

    /**
     * @param list<RankedCause> $ranked
     * @param list<Sign> $seen
     *
     * @return list<RankedCause> causes that could have made the signs but that the record speaks against, most plainly first
     */
    public static function cleared(array $ranked, array $seen): array
    {
        $cleared = array_filter(
            $ranked,
            static fn (RankedCause $cause): bool => ([] === $seen || [] !== $cause->explains)
                && self::fromRecord($cause) <= self::CLEARED_LOG_ODDS
                && $cause->probability < 0.1,
        );
        usort($cleared, static fn (RankedCause $a, RankedCause $b): int => self::fromRecord($a) <=> self::fromRecord($b));

        return array_slice($cleared, 0, 6);
    }

    /**
     * What was done well, in the caster's own numbers: why nothing of that kind went wrong. Of common mistakes first.
     *
     * @param list<RankedCause> $ranked
     * @param list<Sign> $seen
     *
     * @return list<array{cause: string, label: string, words: string, fields: list<string>}>
     */
    public static function sound(array $ranked, array $seen): array
    {
        $rows = [];
        $blamed = self::blamed($ranked);
        foreach ($ranked as $cause) {
            $strongest = null;
            foreach ($cause->contributions as $line) {
                if ('record' === $line->kind && [] !== $line->fields && $line->logOdds < ($strongest->logOdds ?? 0.0)) {
                    $strongest = $line;
                }
            }
            // What is right for one thing and wrong for another is not to be kept.
            if (
                null === $strongest
                || [] !== array_intersect($strongest->fields, $blamed)
                || self::fromRecord($cause) > self::SOUND_LOG_ODDS
                || ([] !== $seen && [] !== $cause->explains)
            ) {
                continue;
            }
            $rows[] = [
                'worth' => -$cause->cause->prior * self::fromRecord($cause),
                'row' => [
                    'cause' => $cause->cause->code,
                    'label' => $cause->cause->label,
                    'words' => $strongest->words,
                    'fields' => $strongest->fields,
                ],
            ];
        }
        usort($rows, static fn (array $a, array $b): int => $b['worth'] <=> $a['worth']);
        $once = [];
        foreach (array_column($rows, 'row') as $row) {
            // One number may prevent several mistakes: it is told with the commonest of them.
            $once[$row['words']] ??= $row;
        }

        return array_slice(array_values($once), 0, self::MOST_SOUND);
    }

    /**
     * Fields of the record that raise some cause.
     *
     * @param list<RankedCause> $ranked
     *
     * @return list<string>
     */
    private static function blamed(array $ranked): array
    {
        $fields = [];
        foreach ($ranked as $cause) {
            foreach ($cause->contributions as $line) {
                if ('record' === $line->kind && $line->logOdds >= self::BLAMES) {
                    $fields = [...$fields, ...$line->fields];
                }
            }
        }

        return array_values(array_unique($fields));
    }

    private static function fromRecord(RankedCause $cause): float
    {
        return Contribution::sum($cause->contributions, 'record', 'detail');
    }

    /**
     * @param list<Sign> $seen
     *
     * @return list<array{sign: string, label: string, explained: float}>
     */
    public static function unexplained(array $seen, Posterior $posterior): array
    {
        $rows = [];
        foreach ($seen as $row => $sign) {
            $explained = 1 - $posterior->byItself[$row];
            if ($explained < self::EXPLAINED_FROM) {
                $rows[] = ['sign' => $sign->code, 'label' => $sign->label, 'explained' => $explained];
            }
        }

        return $rows;
    }
}
