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
 * What to add to a heap to bring it back, by mass on the scale, in the order of mixing.
 *
 * Mass balance over dry sand D with live clay c and oil o as shares of it, burnt share b, water on top (derived):
 * taken out and replaced by new sand x = D (1 − b′/b); clay k = (c′ D − c (D − x) − c_new x) / (1 − c′); oil o′ (D + k) − o (D − x);
 * catalyst goes with the oil in the proportion of the recipe; water w′ (D + k)/(1 − w′) − w (D − x)/(1 − w), less what the clay brings.
 * Where there is too much water already, dry sand y = surplus ÷ (w′/(1 − w′)/(1 − c′)), less what its clay brings, takes it up.
 * By compactability, a point of water is worth so many points of it, by the kind (recalled from memory, rough): where the two ways
 * disagree, dead clay and fines drink water, and compactability is what the mould feels.
 */
final class Mending
{
    /** Points of compactability to a point of water may be so far off. */
    private const TEMPER_WITHIN = 0.35;
    /** Of a target: less than this is not worth weighing out. */
    private const WORTH = 0.04;
    /** Points of moisture within which weighing and ramming agree. */
    private const AGREE = 0.004;

    /** kg of water that a kilogram of dry sand with its clay must take up to be of any use. */
    private const LEAST_TAKEN = 0.005;

    /** @var list<MendLine> */
    private array $lines = [];

    private string $doubt = '';

    private Estimate $out;
    private Estimate $clay;

    private function __construct(
        private readonly Heap $heap,
        private readonly HeapState $state,
        private readonly Estimate $dry,
        private readonly MendTargets $wanted,
        private readonly QuantityFormatter $format,
    ) {
        $this->out = Estimate::exact(Dimension::Mass, 0.0);
        $this->clay = Estimate::exact(Dimension::Mass, 0.0);
    }

    /** Null where nobody said what the heap weighs. */
    public static function of(Heap $heap, HeapState $state, QuantityFormatter $format, MendTargets $wanted = new MendTargets()): ?self
    {
        if (null === $state->dry) {
            return null;
        }
        $mending = new self($heap, $state, $state->dry, $wanted, $format);
        // Burnt sand goes first: everything after it is reckoned on what is left. Then clay, which brings water of its own.
        $mending->renew();
        $mending->bind();
        $mending->oil();
        $mending->temper();

        return $mending;
    }

    /** @return list<MendLine> in the order of mixing; none where nothing is to be done */
    public function lines(): array
    {
        return $this->lines;
    }

    /** What speaks against the figures, or stands in their way; '' for nothing. */
    public function doubt(): string
    {
        return $this->doubt;
    }

    /** One sentence over the lines. */
    public function words(): string
    {
        return match (true) {
            [] !== $this->lines => 'On the scale, in this order. Mix, then test again.',
            '' !== $this->doubt => $this->doubt,
            default => 'Nothing to add: it is as it should be, as far as is known.',
        };
    }

    private function renew(): void
    {
        $worn = $this->heap->kind->worn;
        $burnt = $this->state->burnt;
        $most = $this->wanted->burnt?->si() ?? (null === $worn ? 1.0 : (2 / 3) * $worn[0]);
        $from = $this->wanted->burnt?->si() ?? ($worn[0] ?? 1.0);
        if (null === $burnt || $burnt->si <= $from) {
            return;
        }
        $this->out = $this->mass(
            static fn (float $kg, float $b): float => $b > $most ? $kg * (1 - $most / $b) : 0.0,
            $this->dry,
            $burnt,
        );
        $inputs = [
            $this->inHeap(),
            new WorkingInput('b', 'Burnt share', $this->percent($burnt), 'computed'),
            new WorkingInput('b′', 'Most that may stay', self::share($most), null === $this->wanted->burnt ? 'table' : 'typed'),
        ];
        $this->add('burnt_out', 'Take out', $this->out, 'x = D (1 − b′/b)', $inputs, 'Lumps and grey crust first, the rest from anywhere.');
        $this->add('sand', 'New sand', $this->out, 'x = D (1 − b′/b)', $inputs, 'As much as was taken out, of the same grain, dry.');
    }

    private function bind(): void
    {
        $kind = $this->heap->kind;
        $want = $this->wantedClay();
        $live = $this->state->readings['clay'] ?? null;
        if (!$kind->binds() || null === $live || $want <= 0.0) {
            return;
        }
        $clay = $this->mass(
            fn (float $kg, float $c, float $x): float => max(
                0.0,
                ($want * $kg - $c * ($kg - $x) - $this->heap->clayOfNewSand() * $x) / (1 - $want),
            ) / (1 - $kind->clayWater),
            $this->dry,
            $live->value,
            $this->out,
        );
        if ($clay->si <= self::WORTH * $want * $this->dry->si) {
            return;
        }
        $this->clay = $clay;
        $this->add(
            'clay',
            ucfirst($kind->binder ?? 'clay'),
            $clay,
            'k = (c′ D − c (D − x) − c_new x) / (1 − c′)'.($kind->clayWater > 0 ? ', with the water in it' : ''),
            [
                new WorkingInput('c′', 'Clay wanted, of dry sand', self::share($want), null === $this->wanted->clay ? 'table' : 'typed'),
                new WorkingInput('c', 'Live clay in it', $this->percent($live->value), 'computed'),
                $this->inHeap(),
                new WorkingInput('x', 'Replaced by new sand', Figure::shown($this->out, $this->format), 'computed'),
                new WorkingInput('c_new', 'Clay that new sand brings', self::share($this->heap->clayOfNewSand()), 'table'),
            ],
            $kind->isTempered()
                ? 'Sieved over the sand and turned in dry, before any water.'
                : 'Sieved over the sand and turned in before the oil.',
        );
    }

    private function oil(): void
    {
        $oil = $this->state->readings['oil'] ?? null;
        $want = $this->heap->freshOil();
        if (null === $oil || $want <= 0.0) {
            return;
        }
        $added = $this->dryClay();
        $mass = $this->mass(
            static fn (float $kg, float $now, float $x): float => max(0.0, $want * ($kg + $added) - $now * ($kg - $x)),
            $this->dry,
            $oil->value,
            $this->out,
        );
        if ($mass->si <= self::WORTH * $want * $this->dry->si) {
            return;
        }
        $this->add(
            'oil',
            'Oil',
            $mass,
            'o′ (D + k) − o (D − x)',
            [
                new WorkingInput('o′', 'Oil wanted, of dry sand', self::share($want), 'table'),
                new WorkingInput('o', 'Live oil in it', $this->percent($oil->value), 'computed'),
                $this->inHeap(),
            ],
            'In three goes, milled or trodden in well between them.',
        );
        if ($this->heap->freshCatalyst() > 0.0) {
            $this->add(
                'catalyst',
                'Catalyst',
                $mass->times($this->heap->freshCatalyst() / $want),
                'oil × catalyst of the recipe ÷ oil of the recipe',
                [new WorkingInput('o', 'Oil to be added', Figure::shown($mass, $this->format), 'computed')],
                'Last of all. It is often an alcohol: outdoors, away from any flame.',
            );
        }
    }

    private function temper(): void
    {
        $kind = $this->heap->kind;
        $now = $this->state->fresh('moisture');
        if (!$kind->isTempered()) {
            $this->doubt = null !== $now && $now->si > $kind->bands['moisture'][1]
                ? 'It is damp: dry it, spread thin and turned, until a sample loses no more weight. It is used dry.'
                : '';
        } elseif (null === $now) {
            $this->temperByRamming();
        } else {
            $this->temperByWeight($now);
        }
    }

    private function temperByWeight(Estimate $now): void
    {
        $want = $this->wanted->moisture?->si() ?? $this->heap->wantedMoisture();
        $added = $this->dryClay();
        $brought = $this->clay->si * $this->heap->kind->clayWater;
        $lacks = static fn (float $kg, float $w, float $x): float => ($want / (1 - $want)) * ($kg + $added)
            - ($w / (1 - min(0.9, $w))) * ($kg - $x)
            - $brought;
        $middle = $lacks($this->dry->si, $now->si, $this->out->si);
        $worth = self::WORTH * $want * $this->dry->si;
        $inputs = [
            new WorkingInput('w′', 'Moisture wanted', self::share($want), null === $this->wanted->moisture ? 'table' : 'typed'),
            new WorkingInput('w', 'Moisture now', $this->percent($now), 'typed'),
            $this->inHeap(),
        ];
        $of = [$this->dry, $now, $this->out];
        if ($middle > $worth) {
            $this->add(
                'water',
                'Water',
                $this->mass(static fn (float $kg, float $w, float $x): float => max(0.0, $lacks($kg, $w, $x)), ...$of),
                'w′ (D + k)/(1 − w′) − w (D − x)/(1 − w), less what the clay brings',
                $inputs,
                'Two thirds in a fine spray, turned in; stand covered, squeeze, then as much of the rest as it asks for.',
            );
        } elseif ($middle < -$worth && ($now->si > $this->heap->kind->bands['moisture'][1] || null !== $this->wanted->moisture)) {
            // Clay for a kilogram of dry sand, as it is bought, and the water that the two take up.
            $bare = max(0.0, $this->wantedClay() - $this->heap->clayOfNewSand()) / (1 - $this->wantedClay());
            $clay = $bare / (1 - $this->heap->kind->clayWater);
            $takes = ($want / (1 - $want)) * (1 + $bare) - $clay * $this->heap->kind->clayWater;
            $lose = Figure::shown(Estimate::exact(Dimension::Mass, -$middle), $this->format);
            if ($takes < self::LEAST_TAKEN) {
                $this->doubt = "It is to lose {$lose} of water: spread it thin and turn it until it has. Its clay brings more than that.";

                return;
            }
            $dry = $this->mass(static fn (float $kg, float $w, float $x): float => max(0.0, -$lacks($kg, $w, $x) / $takes), ...$of);
            $this->add(
                'sand',
                'Dry sand',
                $dry,
                'y = surplus water ÷ (w′/(1 − w′)/(1 − c′), less what its clay brings)',
                $inputs,
                "Or spread the heap thin and turn it until it has lost {$lose} of water.",
            );
            if ($clay > 0.0) {
                $this->add(
                    'clay',
                    ucfirst($this->heap->kind->binder ?? 'clay'),
                    $dry->times($clay),
                    'y c′/(1 − c′), with the water in it',
                    [new WorkingInput('y', 'Dry sand added', Figure::shown($dry, $this->format), 'computed')],
                    'For that dry sand; not where you let the heap dry instead.',
                );
            }
        }
        $this->doubt = $this->disagreement($now, $want);
    }

    private function temperByRamming(): void
    {
        $kind = $this->heap->kind;
        $ram = $this->state->fresh('compactability');
        $want = $this->wantedRam();
        if (null === $ram || null === $kind->tempers) {
            $this->doubt = 'Its moisture is not known today: weigh a sample moist and dried, or ram a tube, and come back.';

            return;
        }
        if ($ram->si >= $want) {
            $this->doubt = $ram->si > ($kind->bands['compactability'][1] ?? 1.0)
                ? 'By its compactability it is too wet: turn it and let it dry in the air, then ram another tube.'
                : '';

            return;
        }
        $this->add(
            'water',
            'Water',
            $this->mass(
                static fn (float $kg, float $r, float $points): float => max(0.0, ($kg * ($want - $r)) / $points),
                $this->dry,
                $ram,
                Estimate::ratio($kind->tempers)->widenedBy(self::TEMPER_WITHIN),
            ),
            'D (C′ − C) / p',
            [
                new WorkingInput(
                    'C′',
                    'Compactability wanted',
                    self::share($want),
                    null === $this->wanted->compactability ? 'table' : 'typed',
                ),
                new WorkingInput('C', 'Compactability now', $this->percent($ram), 'typed'),
                new WorkingInput('p', 'Points of it to a point of water', (string) $kind->tempers, 'table'),
                $this->inHeap(),
            ],
            'By ramming alone, so a first go only: two thirds of it, turned in, an hour covered, then ram another tube.',
        );
    }

    /** Where weighing and ramming want different things; '' where they agree or one of them is not known. */
    private function disagreement(Estimate $now, float $want): string
    {
        $points = $this->heap->kind->tempers;
        $ram = $this->state->fresh('compactability');
        if (null === $ram || null === $points) {
            return '';
        }
        $wantRam = $this->wantedRam();
        $by = Estimate::through(
            Dimension::Ratio,
            static fn (float $w, float $r, float $p): float => max(0.0, $w + ($wantRam - $r) / $p),
            $now,
            $ram,
            Estimate::ratio($points)->widenedBy(self::TEMPER_WITHIN),
        );

        return $by->lowSi > $want + self::AGREE || $by->highSi < $want - self::AGREE
            ? 'Weighing and ramming do not agree: by its compactability it wants '.$this->percent($by).' of moisture, not '
                .self::share($want).'. Dead clay and fines drink water without binding. Go by the compactability, and wash a sample for '
                .'its clay.'
            : '';
    }

    private function wantedClay(): float
    {
        return $this->wanted->clay?->si() ?? $this->heap->freshClay();
    }

    private function wantedRam(): float
    {
        $band = $this->heap->kind->bands['compactability'] ?? [0.4, 0.5];

        return $this->wanted->compactability?->si() ?? ($band[0] + $band[1]) / 2;
    }

    private function dryClay(): float
    {
        return $this->clay->si * (1 - $this->heap->kind->clayWater);
    }

    private function mass(\Closure $formula, Estimate ...$of): Estimate
    {
        return Estimate::through(Dimension::Mass, $formula, ...$of);
    }

    private function inHeap(): WorkingInput
    {
        return new WorkingInput('D', 'Dry sand in the heap', Figure::shown($this->dry, $this->format), 'computed');
    }

    private function percent(Estimate $share): string
    {
        return Figure::shown($share->times(100), $this->format).' %';
    }

    private static function share(float $share): string
    {
        return round(100 * $share, 1).' %';
    }

    /**
     * @param 'burnt_out'|'sand'|'clay'|'oil'|'catalyst'|'water' $code
     * @param list<WorkingInput> $inputs
     */
    private function add(string $code, string $label, Estimate $value, string $formula, array $inputs, string $how): void
    {
        $spread = $value->isExact() ? '' : '± '.round(100 * $value->relativeSpread()).' %';
        $shown = Figure::shown($value, $this->format);
        $working = new Working($formula, $inputs, $shown, $spread, 'Mass balance of the heap', Mark::Derived);
        $this->lines[] = new MendLine($code, new Figure($code, $label, $value, $working), $how);
    }
}
