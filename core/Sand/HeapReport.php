<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Working\Figure;
use MoltenNotes\Core\Working\Working;
use MoltenNotes\Core\Working\WorkingInput;

/**
 * A heap read at one time: in a sentence what it is good for, how tired it is, how many pours it has left, which test is due.
 *
 * Pours left until live clay (or oil) falls below its band, each burning a share f: n = ln(low/c) / ln(1 − f). Derived.
 */
final readonly class HeapReport
{
    private const DAY = 86400.0;
    /** More than these is no forecast. */
    private const MOST_POURS = 40.0;
    private const SQUEEZE = [
        'dry' => 'Too dry by the squeeze: the lump falls apart.',
        'wet' => 'Too wet by the squeeze: it leaves the palm damp. Wet sand blows.',
    ];

    /**
     * @param 'good'|'risky'|'bad'|'plain' $standing plain where too little is known
     * @param array<string, 'good'|'risky'|'bad'|'plain'> $standings measure → against its band; plain where it is too old to say
     * @param Figure|null $burnt share burnt and not renewed
     * @param Figure|null $poursLeft until it is tired
     * @param list<DueTest> $due in the order a test is made
     */
    private function __construct(
        public string $sentence,
        public string $standing,
        public HeapState $state,
        public array $standings,
        public ?Figure $burnt,
        public ?Figure $poursLeft,
        public array $due,
    ) {
    }

    /** @param float $now seconds since 1970 */
    public static function of(Heap $heap, HeapHistory $history, float $now, QuantityFormatter $format): self
    {
        $state = $history->at($now);
        $standings = [];
        foreach ($state->readings as $code => $reading) {
            $standings[$code] = $reading->old || 'recipe' === $reading->origin
                ? 'plain'
                : self::against($heap->kind->bands[$code] ?? null, $reading->value);
        }
        $burnt = self::burnt($heap, $state, $format);
        $left = self::poursLeft($heap, $state, $history, $format);
        $due = self::due($heap, $history, $now);
        [$standing, $sentence] = self::said($heap, $state, $standings, $burnt, $left, $due, $format);

        return new self($sentence, $standing, $state, $standings, $burnt, $left, $due);
    }

    /**
     * @param array{float, float}|null $band
     *
     * @return 'good'|'risky'|'bad'|'plain' risky: outside by no more than its own spread, or a tenth of the band
     */
    private static function against(?array $band, Estimate $value): string
    {
        if (null === $band) {
            return 'plain';
        }
        $slack = 0.1 * ($band[1] - $band[0]);
        if ($value->si >= $band[0] && $value->si <= $band[1]) {
            return 'good';
        }

        return $value->highSi >= $band[0] - $slack && $value->lowSi <= $band[1] + $slack ? 'risky' : 'bad';
    }

    private static function burnt(Heap $heap, HeapState $state, QuantityFormatter $format): ?Figure
    {
        $burnt = $state->burnt;
        $worn = $heap->kind->worn;
        if (null === $burnt || null === $worn || null === $state->dry) {
            return null;
        }
        $standing = match (true) {
            $burnt->si >= $worn[1] => 'bad',
            $burnt->si >= $worn[0] => 'risky',
            default => 'good',
        };

        return self::figure(
            'burnt',
            'Burnt share',
            $burnt,
            round(100 * $burnt->si).' % ('.round(100 * $burnt->lowSi).'–'.round(100 * $burnt->highSi).' %)',
            'b′ = b + (1 − b) · burnt by the pour ÷ heap, pour by pour; new sand thins it',
            [
                new WorkingInput('D', 'Dry sand in the heap', Figure::shown($state->dry, $format), 'computed'),
                new WorkingInput('n', 'Pours since it was mixed', (string) $state->pours, 'computed'),
                new WorkingInput('T', 'Its binder is spent at', $format->words('{'.(int) $heap->kind->burnsAt.' degC}'), 'table'),
            ],
            $standing,
            0 === $state->untold ? '' : "{$state->untold} of these pours tell no metal or temperature and are not counted.",
        );
    }

    private static function poursLeft(Heap $heap, HeapState $state, HeapHistory $history, QuantityFormatter $format): ?Figure
    {
        $wear = $history->wearOfLate();
        $part = isset($heap->kind->bands['oil']) ? 'oil' : 'clay';
        $live = $state->readings[$part]->value ?? null;
        $low = $heap->kind->bands[$part][0] ?? 0.0;
        if (null === $wear || null === $live || !$heap->kind->binds() || $wear->si < 1e-4 || $low <= 0.0) {
            return null;
        }
        $left = Estimate::through(
            Dimension::Ratio,
            static fn (float $c, float $f): float => $c <= $low
                ? 0.0
                : min(self::MOST_POURS, log($low / $c) / log(1 - min(0.9, max(1e-5, $f)))),
            $live,
            $wear,
        );

        return self::figure(
            'pours_left',
            'Pours left',
            $left,
            $left->si >= self::MOST_POURS
                ? 'more than '.self::MOST_POURS
                : round($left->si).' ('.floor($left->lowSi).'–'.ceil($left->highSi).')',
            'n = ln(low ÷ c) ÷ ln(1 − f)',
            [
                new WorkingInput('c', Measure::all()[$part]->label, Figure::shown($live->times(100), $format).' %', 'computed'),
                new WorkingInput('low', 'Least of its band', round(100 * $low, 1).' %', 'table'),
                new WorkingInput('f', 'Burnt by one of the last pours', Figure::shown($wear->times(100), $format).' %', 'computed'),
            ],
            match (true) {
                $left->si < 1.0 => 'bad',
                $left->lowSi < 3.0 => 'risky',
                default => 'good',
            },
        );
    }

    /** @return list<DueTest> */
    private static function due(Heap $heap, HeapHistory $history, float $now): array
    {
        $last = [];
        foreach ($history->tests() as $test) {
            foreach (array_keys($test->at <= $now ? $test->readings : []) as $code) {
                $last[$code] = $test->at;
            }
        }
        $due = [];
        foreach (Measure::all() as $code => $measure) {
            [$days, $pours] = $measure->due;
            if (!isset($heap->kind->bands[$code]) || (null === $days && null === $pours)) {
                continue;
            }
            $since = $last[$code] ?? null;
            $poured = null === $since ? 0 : $history->poursSince($since);
            $age = null === $since ? \INF : ($now - $since) / self::DAY;
            $words = match (true) {
                null === $since => 'never measured',
                1 === $days => $age < 1.5 ? 'measured today' : 'goes with the day: measure before you mould',
                null !== $pours && $poured >= $pours => "{$poured} pours since it was measured",
                $age >= $days => 'measured '.self::ago($age),
                null !== $pours => 'in '.self::times($pours - $poured).' or '.self::span((float) $days - $age),
                default => 'in '.self::span((float) $days - $age),
            };
            $is = null === $since || (1 === $days ? $age >= 1.5 : $age >= $days || (null !== $pours && $poured >= $pours));
            $due[] = new DueTest($measure, $is, $words);
        }

        return $due;
    }

    /**
     * @param array<string, 'good'|'risky'|'bad'|'plain'> $standings
     * @param list<DueTest> $due
     *
     * @return array{'good'|'risky'|'bad'|'plain', string}
     */
    private static function said(
        Heap $heap,
        HeapState $state,
        array $standings,
        ?Figure $burnt,
        ?Figure $left,
        array $due,
        QuantityFormatter $format,
    ): array {
        $said = [];
        $words = static fn (string $code): string => self::told($code, $state, $heap, $format);
        $moisture = $standings['moisture'] ?? 'plain';
        if (null !== $state->squeeze && isset(self::SQUEEZE[$state->squeeze])) {
            $said[] = ['bad', self::SQUEEZE[$state->squeeze]];
        }
        if (in_array($moisture, ['bad', 'risky'], true)) {
            $wet = ($state->readings['moisture']->value->si ?? 0.0) > $heap->kind->bands['moisture'][1];
            $said[] = [$moisture, ($wet ? 'Too wet to mould: ' : 'Too dry to mould: ').$words('moisture').'.'];
        }
        foreach (['clay', 'oil'] as $part) {
            if (in_array($standings[$part] ?? 'plain', ['bad', 'risky'], true)) {
                $low = $state->readings[$part]->value->si < $heap->kind->bands[$part][0];
                $said[] = [$standings[$part], match (true) {
                    $low && $heap->kind->binds() => "This heap is tired: {$words($part)}. Edges crumble and wash away.",
                    $heap->kind->binds() => "There is more in it than it needs: {$words($part)}. It breathes less.",
                    default => "There is dust in it: {$words($part)}. It breathes less.",
                }];
            }
        }
        if (null !== $burnt && in_array($burnt->standing, ['bad', 'risky'], true)) {
            $said[] = [$burnt->standing, 'This heap is getting tired: about '.round(100 * $burnt->value->si)
                .' % of it was burnt and not renewed. Burnt sand drinks water and binds nothing.'];
        }
        if (null !== $left && $left->value->si > 0.0 && in_array($left->standing, ['bad', 'risky'], true)) {
            $said[] = ['risky', 'It has about '.self::times(max(1, (int) round($left->value->si)))
                .' like the last ones left before it is tired.'];
        }
        foreach (['permeability', 'loss_on_ignition', 'fineness', 'compactability'] as $code) {
            if (in_array($standings[$code] ?? 'plain', ['bad', 'risky'], true)) {
                $said[] = ['risky', Measure::all()[$code]->label.' is outside its band: '.$words($code).'.'];
            }
        }
        usort($said, static fn (array $a, array $b): int => ('bad' === $b[0]) <=> ('bad' === $a[0]));
        if ([] !== $said) {
            return [$said[0][0], implode(' ', array_slice(array_column($said, 1), 0, 2))];
        }
        if ([] === array_filter($state->readings, static fn (HeapReading $one): bool => 'recipe' !== $one->origin)) {
            return ['plain', 'Nothing is known of this heap yet: squeeze a fistful, and weigh a sample moist and dried.'];
        }
        $today = $due[0] ?? null;
        if (!isset($heap->kind->bands['oil']) && 'plain' === $moisture && null === $state->squeeze && true === $today?->now) {
            $known = $heap->kind->binds() ? 'What binds it is in order, as far as is known. ' : '';

            return ['plain', $known.'Its moisture is not known today: test it before you mould.'];
        }
        $good = array_filter(['moisture', 'clay', 'oil'], static fn (string $code): bool => 'good' === ($standings[$code] ?? ''));

        return ['good', 'Fit to mould'.([] === $good ? '' : ': '.implode(', ', array_map($words, $good))).'.'];
    }

    /** "4.1 % moisture, 2.5 to 4.5 % wanted". */
    private static function told(string $code, HeapState $state, Heap $heap, QuantityFormatter $format): string
    {
        $reading = $state->readings[$code];
        $band = $heap->kind->bands[$code] ?? null;
        $ratio = 'ratio' === Measure::all()[$code]->unit;
        $one = static fn (float $x): string => $ratio ? (string) round(100 * $x, 1) : (string) round($x);
        $shown = $ratio ? $one($reading->value->si).' %' : $one($reading->value->si);
        $wanted = null === $band ? '' : match (true) {
            0.0 === $band[0] => ' (no more than '.$one($band[1]).($ratio ? ' %' : '').' wanted)',
            default => ' ('.$one($band[0]).' to '.$one($band[1]).($ratio ? ' %' : '').' wanted)',
        };

        return lcfirst($heap->kind->nameOf(Measure::all()[$code])).' '.('reckoned' === $reading->origin ? 'about ' : '').$shown.$wanted;
    }

    /**
     * @param list<WorkingInput> $inputs
     * @param 'good'|'risky'|'bad'|'plain' $standing
     */
    private static function figure(
        string $code,
        string $label,
        Estimate $value,
        string $shown,
        string $formula,
        array $inputs,
        string $standing,
        string $note = '',
    ): Figure {
        return new Figure(
            $code,
            $label,
            $value,
            new Working(
                $formula,
                $inputs,
                $shown,
                '± '.round(100 * $value->relativeSpread()).' %',
                'Mass balance of the heap',
                Mark::Derived,
            ),
            $standing,
            $note,
        );
    }

    private static function times(int $pours): string
    {
        return 1 === $pours ? 'one pour' : "{$pours} pours";
    }

    private static function ago(float $days): string
    {
        return self::span($days).' ago';
    }

    private static function span(float $days): string
    {
        $rounded = (int) round($days);

        return match (true) {
            $rounded <= 1 => 'a day',
            $rounded < 21 => "{$rounded} days",
            $rounded < 70 => round($days / 7).' weeks',
            default => round($days / 30.4).' months',
        };
    }
}
