<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

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

    /**
     * @param list<Cause> $causes
     * @param array<int, float> $chances of each cause, 0…1
     * @param list<bool> $fits whether it could have made what was found
     *
     * @return list<array{field: string, label: string, cause: string, moves: string}> the most telling first
     */
    public static function of(Catalogue $catalogue, FactSheet $facts, array $causes, array $chances, array $fits): array
    {
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
            if ($sum >= self::LEAST && null !== $field && isset($most[$key]) && count($blank) < self::MOST) {
                [$cause] = $most[$key];
                $blank[] = ['field' => $field->key, 'label' => $field->label, 'cause' => $cause->code, 'moves' => $cause->label];
            }
        }

        return $blank;
    }
}
