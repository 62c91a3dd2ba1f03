<?php

declare(strict_types=1);

namespace MoltenNotes\App\Demo;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Account\DemoAccount;
use MoltenNotes\App\Account\Register;
use MoltenNotes\App\Change\ApplyCommand;
use MoltenNotes\App\Change\Command;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\ThingKind;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/**
 * Fills a notebook with the made-up scenario, through the same services a caster's own actions go through.
 *
 * @phpstan-type Row array{name: string, purpose: string, wanted: int, note: string, plan: array<string, mixed>, pours: list<Pour>}
 * @phpstan-type Pour array{string|null, array<string, mixed>, array<string, mixed>, list<string>, list<array<string, mixed>>,
 *     array<string, 'yes'|'no'|'unclear'>, array<string, 'confirmed'|'suspected'|'ruled_out'>, string|null, string|null, list<array{
 *     0: string, 1?: string}>}
 * @phpstan-import-type Picture from DemoYard
 */
final readonly class LoadDemo
{
    private const DEVICE = 'The demo';
    /** Whose melt has a curve. */
    private const MELTED = ['Rowlock socket', 4];

    public function __construct(
        private Register $register,
        private ApplyCommand $apply,
        private Notebook $notebook,
        private DemoYard $yard,
        private ClockInterface $clock,
    ) {
    }

    /** @return int attempts logged */
    public function __invoke(string $email = DemoAccount::EMAIL, string $password = DemoAccount::PASSWORD): int
    {
        $caster =
            ($this->register)($email, 'The boat shed', $password) ??
            throw new \LogicException('There is an account with this address already.');
        /** @var array<string, mixed> $workshop */
        $workshop = require __DIR__.'/Data/workshop.php';
        $this->furnish($workshop, $caster);
        $heaps = $this->heaps($caster);
        $recipes = $this->recipes($caster);
        $patterns = $this->patterns($caster);
        /** @var list<Row> $scenario */
        $scenario = require __DIR__.'/Data/scenario.php';
        /** @var list<Picture> $photos */
        $photos = require __DIR__.'/Data/photos.php';
        $count = 0;
        $heats = $last = [];
        foreach ($scenario as $row) {
            $casting = Uuid::v7()->toRfc4122();
            $this->change($caster, [
                'part' => 'casting',
                'id' => $casting,
                'create' => [],
                'set' => self::to(array_intersect_key($row, ['name' => 0, 'purpose' => 0, 'wanted' => 0, 'note' => 0])),
            ]);
            $previous = null;
            foreach ($row['pours'] as $pour) {
                $previous = $this->pour($previous, $pour, $casting, $row['plan'], [
                    'heap' => self::heapOf($heaps[$row['name']] ?? null, $pour[0]),
                    'recipe' => $recipes[$row['name']] ?? null,
                    'pattern' => $patterns[$row['name']] ?? null,
                ], $caster);
                $attempt = $this->notebook->attempt($previous, $caster);
                $heats[$row['name']][$attempt->number()] = [$attempt->heat()?->id()->toRfc4122(), $pour[0], $previous];
                $last[$row['name']] = $previous;
                foreach ($photos as $photo) {
                    if ($photo['casting'] === $row['name'] && $photo['number'] === $attempt->number()) {
                        $this->yard->photograph($attempt, $photo);
                    }
                }
                if (self::MELTED === [$row['name'], $attempt->number()]) {
                    $this->yard->melt($attempt);
                }
                ++$count;
            }
        }

        $this->metal($caster, $heats);
        $this->costs($caster, $heats);
        $this->finish($caster, $heats);
        $this->week($caster, $last);

        return $count;
    }

    /** @param array<string, mixed> $workshop */
    private function furnish(array $workshop, Caster $caster): void
    {
        $changes = $settings = [];
        $tariff = static fn (int|string $source): string => "tariffs.{$source}";
        foreach ($workshop as $key => $value) {
            if (!isset(ThingKind::all()[$key])) {
                $settings += 'tariffs' === $key && is_array($value)
                    ? array_combine(array_map($tariff, array_keys($value)), $value)
                    : [$key => $value];
                continue;
            }
            foreach (is_array($value) ? $value : [] as $row) {
                $changes[] = [
                    'part' => 'workshop_row',
                    'id' => Uuid::v7()->toRfc4122(),
                    'create' => ['kind' => $key],
                    'set' => self::to(is_array($row) ? $row : []),
                ];
            }
        }
        $this->change($caster, ['part' => 'workshop', 'id' => $caster->id()->toRfc4122(), 'set' => self::to($settings)], ...$changes);
    }

    /** @return array<string, array{string, string}> casting → the heap its moulds are made of, and since when there is one */
    private function heaps(Caster $caster): array
    {
        /**
         * @var list<array{heap: array{begun_on: string}&array<string, mixed>, castings: list<string>, entries: list<array{string,
         *     string|int, array<string, mixed>}>}> $rows
         */
        $rows = require __DIR__.'/Data/heaps.php';
        $heaps = [];
        foreach ($rows as $row) {
            $id = $this->thing($caster, 'heaps', $row['heap']);
            foreach ($row['entries'] as [$kind, $when, $columns]) {
                $at = is_int($when) ? '@'.($this->clock->now()->getTimestamp() - 3600 * $when) : "{$when} 09:00 UTC";
                $this->move($caster, $id, $kind, $at, $columns);
            }
            $heaps += array_fill_keys($row['castings'], [$id, $row['heap']['begun_on']]);
        }

        return $heaps;
    }

    /**
     * Lots with what pours took from them and gave back, crucibles with what was found of them, and what is used up.
     *
     * @param array<string, array<int, array{string|null, string|null, string}>> $heats casting → number → heat, its day, attempt
     */
    private function metal(Caster $caster, array $heats): void
    {
        /**
         * @var array{lots: list<array{lot: array<string, mixed>, book: list<array{string, string|array{string, int},
         *     array<string, mixed>}>}>, melted_in: array<string, string>, looks: array<string, list<array{string, string, string}>>,
         *     consumables: list<array{thing: array<string, mixed>, book: list<array{string, string|array{string, int},
         *     array<string, mixed>}>}>} $metal
         */
        $metal = require __DIR__.'/Data/metal.php';
        foreach ($metal['lots'] as $row) {
            $id = $this->thing($caster, 'stock', $row['lot']);
            foreach ($row['book'] as [$kind, $when, $columns]) {
                $heat = is_array($when) ? $heats[$when[0]][$when[1]] : [null, $when];
                $hour = 'lot_charged' === $kind ? '08:00' : '18:00';
                $of = null === $heat[0] ? [] : ['heat' => $heat[0]];
                $this->move($caster, $id, $kind, "{$heat[1]} {$hour} UTC", $columns + $of);
            }
        }
        foreach ($metal['melted_in'] as $casting => $crucible) {
            foreach ($heats[$casting] as [$heat]) {
                if (null !== $heat) {
                    $this->change($caster, ['part' => 'heat', 'id' => $heat, 'set' => self::to(['crucible.name' => $crucible])]);
                }
            }
        }
        foreach ($this->notebook->shelves($caster)->rows as $row) {
            foreach ($metal['looks'][$row->name() ?? ''] ?? [] as [$day, $found, $note]) {
                $kind = 'furnaces' === $row->kind() ? 'furnace_look' : 'crucible_look';
                $columns = ['found' => $found] + ('' === $note ? [] : ['note' => $note]);
                $this->move($caster, $row->id()->toRfc4122(), $kind, "{$day} 10:00 UTC", $columns);
            }
        }
        foreach ($metal['consumables'] as $row) {
            $id = $this->thing($caster, 'consumables', $row['thing']);
            foreach ($row['book'] as [$kind, $when, $columns]) {
                [$day, $for] = is_array($when) ? array_slice($heats[$when[0]][$when[1]], 1) : [$when, null];
                $this->move($caster, $id, $kind, "{$day} 12:00 UTC", $columns + (null === $for ? [] : ['attempt' => $for]));
            }
        }
    }

    /**
     * What the bills say, what meter and bottle read, and how long it took.
     *
     * @param array<string, array<int, array{string|null, string|null, string}>> $heats casting → number → heat, its day, attempt
     */
    private function costs(Caster $caster, array $heats): void
    {
        /**
         * @var array{settings: array<string, string>, melts: array<string, array<int, array<string, string>>>,
         *     hands: array<string, array<int, string>>} $costs
         */
        $costs = require __DIR__.'/Data/costs.php';
        $this->change($caster, ['part' => 'workshop', 'id' => $caster->id()->toRfc4122(), 'set' => self::to($costs['settings'], 'costs.')]);
        foreach ($costs['melts'] as $casting => $melts) {
            foreach ($melts as $number => $read) {
                $this->change($caster, ['part' => 'heat', 'id' => $heats[$casting][$number][0], 'set' => self::to($read)]);
            }
        }
        foreach ($costs['hands'] as $casting => $pours) {
            foreach ($pours as $number => $hours) {
                $set = self::to(['work.hands' => $hours], 'made.');
                $this->change($caster, ['part' => 'attempt', 'id' => $heats[$casting][$number][2], 'set' => $set]);
            }
        }
    }

    /** @param array<string, array<int, array{string|null, string|null, string}>> $heats casting → number → heat, its day, attempt */
    private function finish(Caster $caster, array $heats): void
    {
        /**
         * @var array<string, array<int, array{set: array<string, string>, mends: list<string>, done: array<string, array{int,
         *     string|null}>}>> $castings
         */
        $castings = require __DIR__.'/Data/finish.php';
        foreach ($castings as $casting => $pours) {
            foreach ($pours as $number => $row) {
                [, $day, $attempt] = $heats[$casting][$number];
                $at = (new \DateTimeImmutable("{$day} 14:00 UTC"))->getTimestamp();
                $done = [];
                foreach ($row['done'] as $step => [$minutes, $note]) {
                    $done[$step] = ['at' => $at += 60 * $minutes, 'minutes' => $minutes, 'note' => $note];
                }
                $this->change($caster, [
                    'part' => 'attempt',
                    'id' => $attempt,
                    'set' => self::to($row['set'], 'made.')
                        + self::to(array_fill_keys($row['mends'], true), 'mend.')
                        + self::to($done, 'finish.'),
                ]);
            }
        }
    }

    /**
     * When planned pours are wanted, and what is done of them.
     *
     * @param array<string, string> $attempts casting → its last attempt
     */
    private function week(Caster $caster, array $attempts): void
    {
        /** @var array{hours: array<string, string|int>, pours: array<string, array{string, array<string, int>}>} $week */
        $week = require __DIR__.'/Data/week.php';
        $now = $this->clock->now()->getTimestamp();
        $this->change($caster, ['part' => 'workshop', 'id' => $caster->id()->toRfc4122(), 'set' => self::to($week['hours'], 'week.')]);
        foreach ($week['pours'] as $casting => [$day, $done]) {
            $this->change($caster, [
                'part' => 'attempt',
                'id' => $attempts[$casting],
                'set' => self::to(['wanted' => (new \DateTimeImmutable('@'.$now))->modify($day)->getTimestamp()])
                    + self::to(array_map(static fn (int $hours): int => $now - 3600 * $hours, $done), 'step.'),
            ]);
        }
    }

    /** @param array<string, mixed> $columns */
    private function thing(Caster $caster, string $kind, array $columns): string
    {
        $id = Uuid::v7()->toRfc4122();
        $this->change($caster, ['part' => 'workshop_row', 'id' => $id, 'create' => ['kind' => $kind], 'set' => self::to($columns)]);

        return $id;
    }

    /** @param array<string, mixed> $columns */
    private function move(Caster $caster, string $of, string $kind, string $when, array $columns): void
    {
        $this->change($caster, [
            'part' => 'movement',
            'id' => Uuid::v7()->toRfc4122(),
            'create' => ['of' => $of, 'kind' => $kind],
            'set' => self::to($columns + ['at' => (new \DateTimeImmutable($when))->getTimestamp()]),
        ]);
    }

    /** @return array<string, string> casting → the recipe its moulds are mixed by */
    private function recipes(Caster $caster): array
    {
        /** @var list<array{recipe: array<string, mixed>, castings: list<string>}> $rows */
        $rows = require __DIR__.'/Data/recipes.php';
        $recipes = [];
        foreach ($rows as $row) {
            $id = $this->thing($caster, 'recipes', $row['recipe']);
            $recipes += array_fill_keys($row['castings'], $id);
        }

        return $recipes;
    }

    /** @return array<string, string> casting → the pattern its moulds are made of */
    private function patterns(Caster $caster): array
    {
        /**
         * @var list<array{thing: array<string, mixed>, castings: list<string>, book: list<array{string, string,
         *     array<string, mixed>}>}> $rows
         */
        $rows = require __DIR__.'/Data/patterns.php';
        $patterns = $named = [];
        foreach ($rows as $row) {
            $after = $row['thing']['after'] ?? null;
            $id = $this->thing($caster, 'patterns', (is_string($after) ? ['after' => $named[$after]] : []) + $row['thing']);
            $named[is_string($row['thing']['name']) ? $row['thing']['name'] : ''] = $id;
            foreach ($row['book'] as [$kind, $day, $columns]) {
                $this->move($caster, $id, $kind, "{$day} 17:00 UTC", $columns);
            }
            $patterns += array_fill_keys($row['castings'], $id);
        }

        return $patterns;
    }

    /** @param array{string, string}|null $heap */
    private static function heapOf(?array $heap, ?string $day): ?string
    {
        return null === $heap || (null !== $day && $day < $heap[1]) ? null : $heap[0];
    }

    /**
     * @param Pour $pour
     * @param array<string, mixed> $plan
     * @param array<string, string|null> $from heap, recipe and pattern
     *
     * @return string the attempt's id
     */
    private function pour(?string $previous, array $pour, string $casting, array $plan, array $from, Caster $caster): string
    {
        [$date, $made, $heat, $observations, $findings, $answers, $opinions, $verdict, $note, $accepted] = $pour;
        $id = Uuid::v7()->toRfc4122();
        $this->change($caster, [
            'part' => 'attempt',
            'id' => $id,
            'create' => null === $previous ? ['casting' => $casting] : ['after' => $previous],
            'set' => self::to($from) + (null === $previous ? self::to($plan, 'planned.') : []),
        ]);
        $set =
            self::to($made, 'made.') +
            self::to(array_fill_keys($observations, true), 'observations.') +
            self::to(['poured_on' => $date, 'verdict' => $verdict, 'note' => $note]);
        $changes = [];
        if (null !== $date) {
            $melt = Uuid::v7()->toRfc4122();
            // The metal of the plan is the metal that was melted.
            $metal = $this->notebook->attempt($id, $caster)->valuesOf('planned')->choice('metal.alloy');
            $changes[] = [
                'part' => 'heat',
                'id' => $melt,
                'create' => [],
                'set' => self::to($heat + ['metal.alloy' => $metal, 'melted_on' => $date]),
            ];
            $set += self::to(['heat' => $melt]);
        }
        $set += self::to($answers, 'answers.') + self::to($opinions, 'opinions.');
        $changes[] = ['part' => 'attempt', 'id' => $id, 'set' => $set];
        foreach ($findings as $finding) {
            $changes[] = [
                'part' => 'finding',
                'id' => Uuid::v7()->toRfc4122(),
                'create' => ['attempt' => $id],
                'set' => self::to($finding),
            ];
        }
        $this->change($caster, ...$changes);
        foreach ($accepted as $row) {
            $this->change($caster, [
                'part' => 'attempt',
                'id' => $id,
                'set' => self::to([$row[0] => isset($row[1]) ? ['new' => $row[1]] : true], 'sheet.'),
            ]);
        }

        return $id;
    }

    /**
     * @param array<int|string, mixed> $values
     *
     * @return array<string, array{to: mixed}>
     */
    private static function to(array $values, string $prefix = ''): array
    {
        $set = [];
        foreach ($values as $field => $value) {
            $set[$prefix.$field] = ['to' => $value];
        }

        return $set;
    }

    /** @param array<string, mixed> ...$changes */
    private function change(Caster $caster, array ...$changes): void
    {
        $command = Command::read(
            ['id' => Uuid::v7()->toRfc4122(), 'changes' => $changes],
            new ValueReader($caster->units()),
            $this->clock->now(),
        );
        ($this->apply)($command, $caster, self::DEVICE);
    }
}
