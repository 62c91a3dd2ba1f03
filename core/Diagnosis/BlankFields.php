<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Fields;

/**
 * What the record leaves blank that would tell most, because the caster may remember it.
 *
 * How far an answer could move a cause: the spread of the logarithm of what its answers say, times how open the cause is, p (1 − p). Summed
 * over the causes of what was found. Derived; an order, no measure.
 */
final readonly class BlankFields
{
    /** Fewer are worth a thought. */
    private const MOST = 3;
    /** Below this nobody need rack their memory. Common practice. */
    private const LEAST = 0.08;

    /** What is known on the day and guessed a week later; the pattern can be measured again. */
    private const FORGOTTEN = ['mould', 'venting', 'melt', 'pour', 'cooling'];
    private const MOST_OF_A_DAY = 6;

    /**
     * What of a day is still blank and would matter, before anything is found: weighed over all causes that there can be in such a mould,
     * each as open as it is before anything is known.
     *
     * @return list<array{field: string, label: string, cause: string, moves: string}> the most telling first
     */
    public static function ofTheDay(Catalogue $catalogue, AttemptRecord $record, QuantityFormatter $format): array
    {
        $facts = FactSheet::of($record, $format);
        $causes = array_values(array_filter(
            $catalogue->causes,
            static fn (Cause $cause): bool => $cause->isPossibleIn($facts->process(), $facts->family()),
        ));
        $priors = array_map(static fn (Cause $cause): float => $cause->prior, $causes);
        $known = array_map(static fn (Cause $cause): bool => true, $causes);
        $all = self::weighed($catalogue, $facts, $causes, $priors, $known, 0.0, \PHP_INT_MAX);

        return array_slice(array_values(array_filter(
            $all,
            static fn (array $row): bool => in_array(Fields::get($row['field'])->stage, self::FORGOTTEN, true),
        )), 0, self::MOST_OF_A_DAY);
    }

    /**
     * @param list<Cause> $causes
     * @param array<int, float> $chances of each cause, 0…1
     * @param list<bool> $fits whether it could have made what was found
     *
     * @return list<array{field: string, label: string, cause: string, moves: string}> the most telling first
     */
    public static function of(Catalogue $catalogue, FactSheet $facts, array $causes, array $chances, array $fits): array
    {
        return self::weighed($catalogue, $facts, $causes, $chances, $fits, self::LEAST, self::MOST);
    }

    /**
     * @param list<Cause> $causes
     * @param array<int, float> $chances
     * @param list<bool> $fits
     *
     * @return list<array{field: string, label: string, cause: string, moves: string}>
     */
    private static function weighed(
        Catalogue $catalogue,
        FactSheet $facts,
        array $causes,
        array $chances,
        array $fits,
        float $least,
        int $count,
    ): array {
        $worth = [];
        $most = [];
        foreach ($causes as $index => $cause) {
            $open = $fits[$index] ? $chances[$index] * (1 - $chances[$index]) : 0.0;
            foreach ($catalogue->evidence[$cause->code] ?? [] as $rule) {
                $field = Fields::find($rule->fact);
                if (
                    null === $field
                    || null !== $facts->fact($rule->fact)
                    || !$field->belongsTo($facts->process())
                    || !$rule->speaksOf($facts->process(), $facts->family())
                ) {
                    continue;
                }
                $moves = $open * $rule->spread();
                $worth[$rule->fact] = ($worth[$rule->fact] ?? 0.0) + $moves;
                if ($moves > ($most[$rule->fact][1] ?? 0.0)) {
                    $most[$rule->fact] = [$cause, $moves];
                }
            }
        }
        arsort($worth);
        $blank = [];
        foreach ($worth as $key => $sum) {
            $field = Fields::find($key);
            if ($sum >= $least && null !== $field && isset($most[$key]) && count($blank) < $count) {
                [$cause] = $most[$key];
                $blank[] = ['field' => $field->key, 'label' => $field->label, 'cause' => $cause->code, 'moves' => $cause->label];
            }
        }

        return $blank;
    }
}
