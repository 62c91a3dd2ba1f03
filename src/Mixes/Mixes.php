<?php

declare(strict_types=1);

namespace MoltenNotes\App\Mixes;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\WorkshopBook;
use MoltenNotes\App\Notebook\WorkshopRow;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\App\Shared\Http\ToldAnswer;
use MoltenNotes\App\Workshop\ToldColumns;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Volume;
use MoltenNotes\Core\Recipe\Batch;
use MoltenNotes\Core\Recipe\Ingredient;
use MoltenNotes\Core\Recipe\Recipe;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\ThingKind;
use Psr\Clock\ClockInterface;

/** Recipes of the trade and of a caster's own, what they came to, and batches of them. */
final readonly class Mixes
{
    /** Planned moulds that a batch may be mixed for. */
    private const MOST_WAITING = 12;

    public function __construct(
        private EntityManagerInterface $storage,
        private Notebook $notebook,
        private WorkshopBook $workshop,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<RecipeAnswer> the caster's own first */
    public function recipes(Caster $caster): array
    {
        $format = new QuantityFormatter($caster->units());
        $outcomes = $this->outcomes($caster);
        $answers = [];
        foreach ($this->workshop->things($caster, 'recipes') as $row) {
            $recipe = $this->recipe($row->id()->toRfc4122(), $caster);
            if (null !== $recipe) {
                $columns = ToldColumns::of(ThingKind::find('recipes')->columns ?? [], $row->content(), $format);
                $answers[] = $this->answer($recipe, $row, $columns, $outcomes, $format);
            }
        }
        foreach (Recipe::standard() as $recipe) {
            $answers[] = $this->answer($recipe, null, [], $outcomes, $format);
        }

        return $answers;
    }

    /** Null where there is none of this code or id. */
    public function recipe(string $code, Caster $caster): ?Recipe
    {
        $row = $this->notebook->recipe($code, $caster);
        if (null === $row) {
            return Recipe::standard()[$code] ?? null;
        }

        return Recipe::own($code, $row->name(), $row->columns());
    }

    /** @return list<array{id: string, name: string, number: int, process: string|null}> planned moulds, the latest first */
    public function waiting(Caster $caster): array
    {
        $planned = $this->storage
            ->getRepository(Attempt::class)
            ->findBy(
                ['caster' => $caster, 'pouredOn' => null, 'verdict' => null, 'binnedAt' => null],
                ['happenedOn' => 'DESC', 'id' => 'DESC'],
                self::MOST_WAITING,
            );

        return array_map(
            static fn (Attempt $attempt): array => [
                'id' => $attempt->id()->toRfc4122(),
                'name' => $attempt->casting()->name(),
                'number' => $attempt->number(),
                'process' => $attempt->process(),
            ],
            $planned,
        );
    }

    /**
     * What these planned moulds have to be filled or coated with, from their plans.
     *
     * @param array<string, string> $attempts pointer → id
     *
     * @return array{list<Volume>, float} volumes; m² of faces
     */
    public function spaces(array $attempts, Recipe $recipe, Caster $caster, ValueReader $reader): array
    {
        $volumes = [];
        $area = 0.0;
        foreach ($attempts as $pointer => $id) {
            try {
                $attempt = $this->notebook->attempt($id, $caster);
            } catch (RecordNotFound) {
                $reader->refuse($pointer, 'record.not_found', 'There is no such attempt in this notebook.');
                continue;
            }
            $plan = PlanCasting::of(Basis::of($this->notebook->record($attempt), new QuantityFormatter($caster->units())));
            $figure = $plan->figure('mould', 'volume' === $recipe->by ? 'mould_volume' : 'cast_face')?->value->si;
            if (null === $figure) {
                $reader->refuse($pointer, 'recipe.no_measure', 'volume' === $recipe->by
                    ? 'Its plan does not say yet how large the mould is: flask or box and the casting are wanted.'
                    : 'Its plan does not say yet how large its face is: describe the casting in sections.');
            } elseif ('volume' === $recipe->by) {
                $volumes[] = Volume::fromSi($figure);
            } else {
                $area += $figure;
            }
        }

        return [$volumes, $area];
    }

    /** @param list<Volume> $volumes */
    public function batch(
        Recipe $recipe,
        array $volumes,
        ?Area $area,
        int $coats,
        ?Temperature $at,
        ?Volume $bucket,
        Caster $caster,
    ): BatchAnswer {
        $format = new QuantityFormatter($caster->units());
        $batch = Batch::of($recipe, $format, $volumes, $area, $coats, $at, $bucket);
        if (null === $batch) {
            return new BatchAnswer($recipe->label, null, null, 0, [], [], [], array_map($format->words(...), $recipe->cautions));
        }

        $shelf = $this->shelf($caster);

        return new BatchAnswer(
            recipe: $recipe->label,
            mass: $format->estimate($batch->mass),
            fills: 'volume' === $recipe->by
                ? $format->si(array_sum(array_map(static fn (Volume $one): float => $one->si(), $volumes)), Dimension::Volume)
                : $format->si($area?->si() ?? 0.0, Dimension::Area),
            batches: $batch->count,
            lines: array_map(
                static fn (array $line): array => [
                    'name' => $line['name'],
                    'each' => $format->si($line['figure']->value->si / $batch->count, Dimension::Mass),
                    'how' => $line['how'],
                    'figure' => $line['figure']->toArray($format),
                    'consumable' => $shelf[mb_strtolower(trim($line['name']))] ?? null,
                ],
                $batch->lines,
            ),
            timers: array_map(
                static fn (array $timer): array => [
                    'code' => $timer['code'],
                    'label' => $timer['label'],
                    'seconds' => 'works' === $timer['code'] ? $timer['seconds']->lowSi : $timer['seconds']->highSi,
                    'shown' => $format->estimate($timer['seconds']),
                ],
                $batch->timers,
            ),
            warnings: $batch->warnings,
            cautions: array_map($format->words(...), $recipe->cautions),
        );
    }

    /** @return array<string, string> name of a consumable, however it is written → id */
    private function shelf(Caster $caster): array
    {
        $shelf = [];
        foreach ($this->workshop->things($caster, 'consumables') as $row) {
            $shelf[mb_strtolower(trim($row->name() ?? ''))] = $row->id()->toRfc4122();
        }

        return $shelf;
    }

    /**
     * What moulds by each recipe came to, version by version.
     *
     * @return array<string, list<array{version: int|null, good: int, usable: int, scrap: int}>> recipe → outcomes, the newest version first
     */
    private function outcomes(Caster $caster): array
    {
        /**
         * @var list<array{recipe: string, recipe_version: int|string|null, good: int|string, usable: int|string,
         *     scrap: int|string}> $rows
         */
        $rows = $this->storage->getConnection()->fetchAllAssociative(
            "SELECT recipe, recipe_version, SUM(verdict = 'good') AS good, SUM(verdict = 'usable') AS usable,
                 SUM(verdict = 'scrap') AS scrap
             FROM attempt WHERE caster_id = ? AND recipe IS NOT NULL AND verdict IS NOT NULL AND binned_at IS NULL
             GROUP BY recipe, recipe_version ORDER BY recipe, recipe_version DESC",
            [$caster->id()->toBinary()],
        );
        $outcomes = [];
        foreach ($rows as $row) {
            $outcomes[$row['recipe']][] = [
                'version' => null === $row['recipe_version'] ? null : (int) $row['recipe_version'],
                'good' => (int) $row['good'],
                'usable' => (int) $row['usable'],
                'scrap' => (int) $row['scrap'],
            ];
        }

        return $outcomes;
    }

    /**
     * @param array<string, ToldAnswer> $columns
     * @param array<string, list<array{version: int|null, good: int, usable: int, scrap: int}>> $outcomes
     */
    private function answer(Recipe $recipe, ?WorkshopRow $row, array $columns, array $outcomes, QuantityFormatter $format): RecipeAnswer
    {
        $opened = $row?->content()['bought_on'] ?? null;
        $old = null;
        if (is_string($opened) && null !== $recipe->keeps) {
            $until = (new \DateTimeImmutable($opened))->modify("+{$recipe->keeps} days");
            $old = $until < $this->clock->now()
                ? 'Past its '.$recipe->keeps.' days since '.(new \DateTimeImmutable($opened))->format('j M Y').': try a cupful first.'
                : 'Keeps until about '.$until->format('j M Y').'.';
        }

        return new RecipeAnswer(
            code: $recipe->code,
            own: null !== $row,
            version: $row?->version(),
            label: $recipe->label,
            serves: $recipe->serves,
            by: $recipe->by,
            of: $recipe->of,
            parts: array_map(
                static fn (Ingredient $part): array => ['name' => $part->name, 'parts' => round($part->parts, 3)],
                $recipe->parts,
            ),
            reserve: $format->si($recipe->reserve, Dimension::Ratio),
            works: null === $recipe->works
                ? null
                : $format->quantity($recipe->works).' at '.$format->si(293.15, Dimension::Temperature),
            keeps: $old,
            columns: (object) $columns,
            outcomes: $outcomes[$recipe->code] ?? [],
        );
    }
}
