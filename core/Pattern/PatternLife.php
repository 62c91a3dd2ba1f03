<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Pattern;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Working\Working;
use MoltenNotes\Core\Working\WorkingInput;

/**
 * What a pattern or a mould that is used again has been through, and whether the next mould may be made of it.
 *
 * Uses are counted from its book, from the moulds that name it and from what was taken out of it. Where a length of it was measured more
 * than once, its wear is the straight line through them, by least squares; what is left is what it may wear by over that, with the standard
 * error of the slope (standard texts, recalled; derived). Source of what is usual: Data/forms.php, common practice.
 */
final readonly class PatternLife
{
    /** Found so, nothing is moulded of it before it is mended. */
    private const WANTS_MENDING = [
        'paint' => 'Its paint is worn through: sand holds on to it, and it takes up water. Seal it before the next mould.',
        'scratched' => 'Its face is scratched: every casting shows it. Fill and sand it.',
        'rounded' => 'Its edges and fillets are rounded: measure it before it is trusted.',
        'loose' => 'Something of it is loose: it will shift in the sand. Mend it.',
        'sticky' => 'It holds on to what is moulded: clean it, and give it new release.',
        'scaled' => 'Its coat is worn or scaled: metal will solder to it. Clean and coat it anew.',
    ];
    private const ENDS = [
        'warped' => 'It is warped: what is moulded of it is warped as well.',
        'cracked' => 'It is cracked: what is moulded of it tears the sand, and metal finds the crack.',
        'torn' => 'It is torn: metal or wax runs into the tear, and it tears further.',
        'hard' => 'Its face has gone hard or burnt: it gives off gas and breaks where it should stretch.',
        'retired' => 'It is put out of use.',
        'lost' => 'It is lost.',
    ];
    /** What a record calls the surface that it leaves. */
    private const SURFACE = ['paint' => 'fair', 'scratched' => 'rough', 'scaled' => 'rough'];
    private const LOOK_EVERY = 25;
    private const WARN_AT = 0.75;

    /**
     * @param int $uses 0 or more
     * @param int|null $left pieces; null where it is not used up
     * @param bool $isOut whether nothing is moulded of it any more
     * @param list<string> $words what speaks against it, the gravest first
     * @param 'good'|'risky'|'bad'|'plain' $standing
     * @param Estimate|null $usesLeft until it has worn by what it may; null where that is not known
     * @param string|null $surface as a record calls it; null where nobody found anything
     */
    private function __construct(
        public int $uses,
        public ?int $left,
        public bool $isOut,
        public array $words,
        public string $standing,
        public ?Estimate $usesLeft,
        public ?Working $wear,
        public ?string $surface,
    ) {
    }

    /**
     * @param array<string, mixed> $columns as the table of things has them
     * @param list<PatternUse> $book lines and moulds, in the order of time
     */
    public static function of(PatternForm $form, array $columns, array $book, QuantityFormatter $format): self
    {
        $uses = self::count($columns, 'uses');
        $left = $form->once ? self::count($columns, 'pieces') : null;
        $found = null;
        $since = 0;
        $lengths = [];
        foreach ($book as $line) {
            $used = match ($line->kind) {
                'mould' => 'casting' === $form->counts ? max(1, $line->count) : 1,
                'pattern_used' => $line->count,
                default => 0,
            };
            $uses += $used;
            $since += $used;
            if (null !== $left) {
                $left = match ($line->kind) {
                    'pattern_made' => $left + $line->count,
                    'pattern_counted' => $line->count,
                    default => $left - $used,
                };
            }
            if ('pattern_look' === $line->kind) {
                $found = $line->found;
                $since = 0;
            } elseif ('pattern_repaired' === $line->kind) {
                // What was mended is as good as sound until somebody looks again; what came to its end is so until it is mended.
                $found = null;
                $since = 0;
            }
            if (null !== $line->length) {
                $lengths[] = [$uses, $line->length];
            }
        }
        $ended = self::ENDS[$found ?? ''] ?? null;
        [$usesLeft, $wear, $worn] = self::wear($columns, $lengths, $uses, $format);
        $words = self::words($form, $uses, $left, $found, $since, $usesLeft, $worn);
        $bad = null !== $ended || (null !== $left && $left <= 0) || $worn
            || (null !== $form->uses && $uses >= $form->uses[1]);

        return new self(
            $uses,
            null === $left ? null : max(0, $left),
            null !== $ended,
            $words,
            $bad ? 'bad' : ([] === $words ? (0 === $uses ? 'plain' : 'good') : 'risky'),
            $usesLeft,
            $wear,
            self::SURFACE[$found ?? ''] ?? null,
        );
    }

    /** @return list<string> */
    private static function words(
        PatternForm $form,
        int $uses,
        ?int $left,
        ?string $found,
        int $since,
        ?Estimate $usesLeft,
        bool $worn,
    ): array {
        $words = [];
        $end = self::ENDS[$found ?? ''] ?? null;
        if (null !== $end) {
            return [$end];
        }
        if (null !== $left && $left <= 0) {
            $words[] = $left < 0
                ? 'The book says less than was used of it: count what is left.'
                : 'None is left: make more before the next mould.';
        } elseif (1 === $left) {
            $words[] = 'One is left, and no spare: a coat that chips costs the pour.';
        }
        if ($worn) {
            $words[] = 'It has worn by what it may: what is made of it no longer measures what it should.';
        } elseif (null !== $usesLeft && $usesLeft->lowSi < self::LOOK_EVERY) {
            $words[] = 'At the pace it wears, it is at its limit after some '.max(0, (int) round($usesLeft->si)).' more uses.';
        }
        if (isset(self::WANTS_MENDING[$found ?? ''])) {
            $words[] = self::WANTS_MENDING[$found];
        }
        if (null !== $form->uses && $uses >= self::WARN_AT * $form->uses[0]) {
            $words[] = $uses >= $form->uses[1]
                ? "It has been used {$uses} times; most of its kind are through by {$form->uses[1]}. Make another while this one can still "
                    .'be copied.'
                : "It has been used {$uses} times; the first of its kind fail from {$form->uses[0]} on.";
        }
        if (null !== $form->uses && $since >= self::LOOK_EVERY && !$form->once) {
            $words[] = "Look it over: used {$since} times since anybody did.";
        }

        return $words;
    }

    /**
     * @param array<string, mixed> $columns
     * @param list<array{int, Measurement}> $lengths uses it had seen, and what it measured then
     *
     * @return array{Estimate|null, Working|null, bool} uses that are left, how that came about, and whether it is worn out
     */
    private static function wear(array $columns, array $lengths, int $uses, QuantityFormatter $format): array
    {
        $may = ($columns['may_wear'] ?? null) instanceof Measurement ? $columns['may_wear']->si() : null;
        $at = array_unique(array_column($lengths, 0));
        if (null === $may || count($at) < 2) {
            return [null, null, false];
        }
        $n = count($lengths);
        $meanX = array_sum(array_column($lengths, 0)) / $n;
        $meanY = array_sum(array_map(static fn (array $one): float => $one[1]->si(), $lengths)) / $n;
        $sxx = $sxy = 0.0;
        foreach ($lengths as [$x, $length]) {
            $sxx += ($x - $meanX) ** 2;
            $sxy += ($x - $meanX) * ($length->si() - $meanY);
        }
        $slope = $sxy / $sxx;
        $rest = 0.0;
        $read = 0.0;
        foreach ($lengths as [$x, $length]) {
            $rest += ($length->si() - $meanY - $slope * ($x - $meanX)) ** 2;
            $read = max($read, $length->spreadSi());
        }
        // Two points leave nothing over to tell their scatter by: then what was read to is all there is.
        $scatter = max($n > 2 ? sqrt($rest / ($n - 2)) : 0.0, $read);
        $error = $scatter / sqrt($sxx);
        $pace = Estimate::between(Dimension::Length, abs($slope), max(0.0, abs($slope) - $error), abs($slope) + $error);
        $worn = $pace->times((float) $uses);
        $isWorn = $worn->si >= $may;
        if ($pace->si <= 0.0) {
            return [null, null, false];
        }
        $over = static fn (float $by): float => max(0.0, $may / $by - $uses);
        // A pace that may be nothing says nothing about an end: there the line is cut at ten times as many.
        $left = Estimate::between(
            Dimension::Ratio,
            $over($pace->si),
            $over($pace->highSi),
            $over(max($pace->lowSi, $pace->si / 10)),
        );

        return [$left, new Working(
            'n = w / k − n₀,  k = Σ(x − x̄)(l − l̄) / Σ(x − x̄)²',
            [
                new WorkingInput('w', 'May wear by', $format->si($may, Dimension::Length), 'typed'),
                new WorkingInput('k', "Wears with each use, by {$n} measurements", $format->estimate($pace), 'computed'),
                new WorkingInput('n₀', 'Used so far', (string) $uses, 'computed'),
            ],
            ((int) round($left->si)).' more uses',
            ((int) round($left->lowSi)).' to '.((int) round($left->highSi)),
            'a straight line through what was measured, by least squares; one standard error of its slope',
            Mark::Derived,
        ), $isWorn];
    }

    /** @param array<string, mixed> $columns */
    private static function count(array $columns, string $key): int
    {
        return is_int($columns[$key] ?? null) ? $columns[$key] : 0;
    }
}
