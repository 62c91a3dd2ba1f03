<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\FieldKind;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueWords;

/**
 * One attempt held against another at the same thing: what differs, and what that says.
 *
 * A cause at work here was at work there too with the chance that it stays from pour to pour, less what the records say apart. Where it
 * was, it would mostly have shown the same fault: a fault that is not there speaks against what was the same, and one that is there speaks
 * for it.
 * Derived; how far a cause stays from pour to pour is the founders' estimate.
 */
final readonly class Comparison
{
    /** Chance that what was at work once is at work again where the records say the same of it. Common practice. */
    private const STAYS = 0.7;
    /** Chance to see a fault again from whatever else there is. Common practice. */
    private const AGAIN_ANYHOW = 0.5;
    /** Values nearer than this are the same. */
    private const SAME = 0.02;
    private const SILENT = 0.05;
    private const MOST_DIFFERENCES = 12;

    /**
     * @param list<array{field: string, label: string, here: string, there: string, moves: string|null}> $differences
     * @param int $alike values told in both that are the same
     */
    private function __construct(
        public int $number,
        public ?string $verdict,
        public bool $better,
        public string $words,
        public array $differences,
        public int $changed,
        public int $alike,
    ) {
    }

    /**
     * Fields whose values are told in both and differ.
     *
     * @return list<string>
     */
    public static function differing(AttemptRecord $here, AttemptRecord $there): array
    {
        return array_keys(self::told($here, $there)['differ']);
    }

    /** Whether the other came out better: by the verdict, then by what was found. One that is not judged is neither. */
    public static function isBetter(AttemptRecord $other, AttemptRecord $record): bool
    {
        return null !== $other->verdict && null !== $record->verdict && self::standing($other) > self::standing($record);
    }

    private static function standing(AttemptRecord $record): int
    {
        $verdict = ['good' => 3, 'usable' => 2, 'scrap' => 1][$record->verdict ?? ''] ?? 0;
        $faults = array_sum(array_map(static fn ($finding): int => $finding->weight(), $record->findings));

        return 100 * $verdict - min(99, $faults);
    }

    /**
     * What the other attempt says of a cause, as one line of its ledger; null where it says nothing.
     *
     * @param list<Contribution> $here what the record says of the cause
     * @param list<Contribution>|null $there the same of the other attempt; null where the cause cannot be at work there
     * @param array<string, float> $shows defect → strength, of those that were seen here
     */
    public static function evidence(AttemptRecord $other, array $here, ?array $there, array $shows): ?Contribution
    {
        if (null === $other->verdict || null === $there) {
            return null;
        }
        $found = $other->defectKinds();
        $apart = Contribution::sum($here, 'record') - Contribution::sum($there, 'record');
        $stays = self::STAYS * exp(-max(0.0, $apart));
        $logOdds = 0.0;
        $absent = $present = [];
        foreach ($shows as $defect => $strength) {
            if (in_array($defect, $found, true)) {
                $present[] = $defect;
                $logOdds = max($logOdds, log((self::AGAIN_ANYHOW + (1 - self::AGAIN_ANYHOW) * $stays * $strength) / self::AGAIN_ANYHOW));
            } else {
                $absent[] = $strength;
            }
        }
        if ([] !== $absent) {
            $missed = array_product(array_map(static fn (float $strength): float => 1 - Diagnose::SEEN_IF_THERE * $strength, $absent));
            $logOdds += log(1 - $stays * (1 - $missed));
        }
        if (abs($logOdds) < self::SILENT) {
            return null;
        }
        $same = $apart > self::SILENT ? 'some of this was the same there' : 'this was the same there';

        return new Contribution(
            'compared',
            $logOdds,
            [] !== $present && $logOdds > 0
                ? "No. {$other->number} shows the same, and {$same}."
                : "No. {$other->number} does not show it, though {$same}.",
        );
    }

    /**
     * @param list<string> $relevant codes of causes that could have made what was found, the likeliest first
     * @param array<string, list<Contribution>> $here cause → what the record says
     * @param array<string, list<Contribution>> $there
     * @param array<string, float> $chances cause → probability
     */
    public static function of(
        AttemptRecord $record,
        AttemptRecord $other,
        array $relevant,
        array $here,
        array $there,
        array $chances,
        Catalogue $catalogue,
        QuantityFormatter $format,
    ): self {
        ['differ' => $differ, 'alike' => $alike] = self::told($record, $other);
        $weights = $moves = [];
        foreach (array_keys($differ) as $field) {
            $weights[$field] = $most = 0.0;
            foreach ($relevant as $cause) {
                $moved = abs(self::touching($here[$cause] ?? [], $field) - self::touching($there[$cause] ?? [], $field));
                $worth = $moved * ($chances[$cause] ?? 0.0);
                $weights[$field] += $worth;
                if ($moved >= self::SILENT && $worth > $most) {
                    $most = $worth;
                    $moves[$field] = $cause;
                }
            }
        }
        arsort($weights);
        $differences = [];
        $ours = $record->values()->all();
        $theirs = $other->values()->all();
        foreach (array_slice(array_keys($weights), 0, self::MOST_DIFFERENCES) as $field) {
            $known = Fields::get($field);
            $differences[] = [
                'field' => $known->key,
                'label' => $known->label,
                'here' => ValueWords::of($known->key, $ours[$field] ?? null, $format),
                'there' => ValueWords::of($known->key, $theirs[$field] ?? null, $format),
                'moves' => isset($moves[$field]) ? $catalogue->causes[$moves[$field]]->label : null,
            ];
        }
        $better = self::isBetter($other, $record);

        return new self(
            $other->number,
            $other->verdict,
            $better,
            self::words($other, $better, count($differ), $differences),
            $differences,
            count($differ),
            $alike,
        );
    }

    /**
     * @return array{number: int, verdict: string|null, better: bool, words: string, changed: int, alike: int,
     *     differences: list<array{field: string, label: string, here: string, there: string, moves: string|null}>}
     */
    public function toArray(): array
    {
        return [
            'number' => $this->number,
            'verdict' => $this->verdict,
            'better' => $this->better,
            'words' => $this->words,
            'changed' => $this->changed,
            'alike' => $this->alike,
            'differences' => $this->differences,
        ];
    }

    /** @param list<array{label: string, here: string, there: string}> $differences */
    private static function words(AttemptRecord $other, bool $better, int $changed, array $differences): string
    {
        $came = null === $other->verdict
            ? "No. {$other->number} is not judged yet"
            : "No. {$other->number} came out ".mb_strtolower(Choices::label('verdict', $other->verdict));
        $first = $differences[0] ?? null;

        return match (true) {
            null === $first => "{$came}, and nothing that is noted of both differs: what made the difference is not written down.",
            1 === $changed && $better => "{$came}. One thing differs, {$first['label']}: {$first['here']} here, {$first['there']} there. "
                .'It is the first to look at.',
            1 === $changed => "{$came}. One thing differs, {$first['label']}, and it did not make it better.",
            default => "{$came}. ".ucfirst(self::number($changed)).' things differ at once, so none of them alone can be held to it.',
        };
    }

    private static function number(int $count): string
    {
        return ['two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'][$count - 2] ?? (string) $count;
    }

    /**
     * @return array{differ: array<string, true>, alike: int} of the values that are told in both
     */
    private static function told(AttemptRecord $here, AttemptRecord $there): array
    {
        $other = $there->values()->all();
        $differ = [];
        $alike = 0;
        foreach ($here->values()->all() as $field => $value) {
            if (!isset($other[$field]) || FieldKind::Text === Fields::find($field)?->kind) {
                continue;
            }
            if (self::same($value, $other[$field])) {
                ++$alike;
            } else {
                $differ[$field] = true;
            }
        }

        return ['differ' => $differ, 'alike' => $alike];
    }

    private static function same(Measurement|Sections|string|int|bool $a, Measurement|Sections|string|int|bool $b): bool
    {
        return match (true) {
            $a instanceof Measurement && $b instanceof Measurement => abs($a->si() - $b->si())
                <= self::SAME * max(abs(self::overFreezing($a)), abs(self::overFreezing($b))),
            $a instanceof Sections && $b instanceof Sections => json_encode($a->toArray()) === json_encode($b->toArray()),
            default => $a === $b,
        };
    }

    /** Temperatures are held against one another above freezing water: two in a hundred of a kelvin scale is twenty degrees. */
    private static function overFreezing(Measurement $value): float
    {
        return $value->si() - (Dimension::Temperature === $value->dimension ? 273.15 : 0.0);
    }

    /** @param list<Contribution> $ledger */
    private static function touching(array $ledger, string $field): float
    {
        $lines = array_filter($ledger, static fn (Contribution $line): bool => in_array($field, $line->fields, true));

        return Contribution::sum($lines, 'record');
    }
}
