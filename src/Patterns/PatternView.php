<?php

declare(strict_types=1);

namespace MoltenNotes\App\Patterns;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Movement;
use MoltenNotes\App\Notebook\PatternBook;
use MoltenNotes\App\Notebook\PlannedPours;
use MoltenNotes\App\Notebook\WorkshopBook;
use MoltenNotes\App\Notebook\WorkshopRow;
use MoltenNotes\App\Shared\Http\ToldAnswer;
use MoltenNotes\App\Shared\Seconds;
use MoltenNotes\App\Workshop\ToldColumns;
use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Experience\TwoGroups;
use MoltenNotes\Core\Pattern\PatternLife;
use MoltenNotes\Core\Pattern\PatternStages;
use MoltenNotes\Core\Pattern\PatternStep;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueWords;
use MoltenNotes\Core\Workshop\MovementKind;
use MoltenNotes\Core\Workshop\ThingKind;

/** Patterns and moulds that are used again, as the API shows them. */
final readonly class PatternView
{
    private const MOULDS = 60;

    public function __construct(
        private PatternBook $book,
        private WorkshopBook $workshop,
        private PlannedPours $pours,
    ) {
    }

    public function all(Caster $caster): PatternListAnswer
    {
        $format = new QuantityFormatter($caster->units());
        $planned = $this->pours->of($caster);
        $hand = $this->book->atHand($planned, $format);
        $short = [];
        foreach ($planned as $attempt) {
            $id = $attempt->id()->toRfc4122();
            $row = $attempt->pattern();
            if (null === $row || ($hand[$id] ?? true)) {
                continue;
            }
            $line = $this->line($row);
            $short[] = [
                'attempt_id' => $id,
                'name' => $attempt->casting()->name(),
                'number' => $attempt->number(),
                'pattern_id' => $line->id,
                'sentence' => $line->isOut
                    ? "{$line->name}: ".lcfirst($line->words[0] ?? 'It is out of use.')
                    : "{$line->name}: ".(0 === ($line->left ?? 0) ? 'none is left' : "{$line->left} left, and other pours come first")
                        .'. Make more before the day.',
            ];
        }

        return new PatternListAnswer(
            array_map(fn (WorkshopRow $row): PatternLineAnswer => $this->line($row), $this->workshop->things($caster, 'patterns')),
            $short,
        );
    }

    public function line(WorkshopRow $row): PatternLineAnswer
    {
        return $this->lineOf($row, $this->life($row));
    }

    public function whole(WorkshopRow $row, ?Alloy $alloy, ?Length $edge): PatternAnswer
    {
        $format = new QuantityFormatter($row->caster()->units());
        $life = $this->life($row);
        $form = $this->book->form($row);
        $moulded = $this->book->moulded($row, self::MOULDS);
        $alloy ??= AlloyTable::orUsual(self::latestAlloy($moulded));
        $stages = $this->book->stages($row, $alloy, $edge, $format);
        $which = $row->content()['edge'] ?? null;

        return new PatternAnswer(
            line: $this->lineOf($row, $life),
            version: $row->version(),
            columns: (object) (['name' => new ToldAnswer($row->name(), $row->name() ?? '')]
                + ToldColumns::of(ThingKind::find('patterns')->columns ?? [], $row->content(), $format)),
            keep: $form->keep ?? '',
            stages: self::stages($stages, $alloy, $edge, $format),
            alloy: $alloy->code,
            edge: null === $edge
                ? ''
                : PatternStages::size(Estimate::exactly($edge), $format).(is_string($which) && '' !== $which ? " {$which}" : ''),
            doubts: $stages->doubts,
            usesLeft: null === $life?->wear || null === $life->usesLeft ? null : [
                'shown' => $life->wear->result.' ('.$life->wear->spread.')',
                'working' => $life->wear->toArray(),
            ],
            moulds: array_map(self::mould(...), $moulded),
            tally: self::tally($moulded),
            sinceChange: $this->sinceChange($row, $moulded),
            learnt: self::learnt($moulded, $format),
            taken: array_map(
                static fn (WorkshopRow $one): array => ['id' => $one->id()->toRfc4122(), 'name' => $one->name() ?? 'without a name'],
                $this->book->takenOf($row),
            ),
            entries: array_map(static function (Movement $one) use ($format): PatternEntryAnswer {
                $kind = MovementKind::find($one->kind());

                return new PatternEntryAnswer(
                    id: $one->id()->toRfc4122(),
                    version: $one->version(),
                    kind: $one->kind(),
                    title: $kind->title ?? $one->kind(),
                    at: $one->happenedAt(),
                    columns: (object) ToldColumns::of($kind->columns ?? [], $one->content(), $format),
                    unreadable: $one->unreadable(),
                );
            }, array_reverse($this->workshop->entries($row))),
        );
    }

    private function life(WorkshopRow $row): ?PatternLife
    {
        $form = $this->book->form($row);

        return null === $form ? null : $this->book->life($row, $form, new QuantityFormatter($row->caster()->units()));
    }

    private function lineOf(WorkshopRow $row, ?PatternLife $life): PatternLineAnswer
    {
        $form = $this->book->form($row);
        $kept = $row->content()['kept'] ?? null;
        $after = $this->book->takenFrom($row);

        return new PatternLineAnswer(
            id: $row->id()->toRfc4122(),
            name: $row->name() ?? 'Pattern without a name',
            form: $form?->form,
            formLabel: null === $form ? 'no longer known' : Choices::label('pattern_form', $form->form),
            serves: $form->serves ?? [],
            kept: is_string($kept) ? $kept : '',
            takenFrom: $after?->name(),
            uses: $life->uses ?? 0,
            left: $life?->left,
            worn: null === $form?->uses || null === $life ? null : round($life->uses / $form->uses[1], 3),
            isOut: $life->isOut ?? false,
            words: $life->words ?? ['What it is can no longer be read: say it again.'],
            standing: $life->standing ?? 'risky',
        );
    }

    /** @return list<PatternStageAnswer> */
    private static function stages(PatternStages $stages, Alloy $alloy, ?Length $edge, QuantityFormatter $format): array
    {
        $told = array_map(static fn (PatternStep $one): PatternStageAnswer => new PatternStageAnswer(
            id: $one->id,
            name: $one->name,
            form: $one->form,
            step: null === $one->step ? null : PatternStages::percent($one->step),
            how: $one->how,
            scale: round($one->toMetal->si, 6),
            shown: PatternStages::factor($one->toMetal->si),
            size: null === $one->size ? null : PatternStages::size($one->size, $format),
            working: $one->working->toArray(),
        ), $stages->stages);
        $told[] = new PatternStageAnswer(
            id: null,
            name: $alloy->name,
            form: 'The casting',
            step: PatternStages::percent($stages->metal),
            how: $stages->isMetalMeasured ? 'measured' : 'usual',
            scale: 1.0,
            shown: PatternStages::factor(1.0),
            size: null === $edge ? null : PatternStages::size(Estimate::exactly($edge), $format),
            working: null,
        );

        return $told;
    }

    private static function mould(Attempt $attempt): PatternMouldAnswer
    {
        $record = $attempt->toRecord(new History(), null);

        return new PatternMouldAnswer(
            attemptId: $attempt->id()->toRfc4122(),
            name: $attempt->casting()->name(),
            number: $attempt->number(),
            pouredOn: $attempt->pouredOn()?->format('Y-m-d'),
            metal: AlloyTable::find($attempt->alloy() ?? '')?->name,
            verdict: $attempt->verdict(),
            castings: $record->values()->count('casting.count') ?? 1,
            found: array_map(
                static fn (string $kind): string => Vocabulary::standard()->defects[$kind]->label ?? $kind,
                array_values(array_unique($record->defectKinds())),
            ),
        );
    }

    /** @param list<Attempt> $moulded */
    private static function tally(array $moulded): string
    {
        $judged = array_values(array_filter($moulded, static fn (Attempt $one): bool => null !== $one->verdict()));
        $good = count(array_filter($judged, static fn (Attempt $one): bool => 'good' === $one->verdict()));

        return [] === $judged
            ? ''
            : (1 === count($judged) ? 'One pour judged' : count($judged).' pours judged').', '.(0 === $good ? 'none' : $good).' good.';
    }

    /** @param list<Attempt> $moulded */
    private function sinceChange(WorkshopRow $row, array $moulded): string
    {
        $changed = array_values(array_filter(
            $this->workshop->entries($row),
            static fn (Movement $one): bool => in_array($one->kind(), ['pattern_changed', 'pattern_repaired'], true),
        ));
        $last = [] === $changed ? null : $changed[count($changed) - 1];
        if (null === $last) {
            return '';
        }
        $groups = ['before' => [0, 0], 'after' => [0, 0]];
        foreach ($moulded as $one) {
            $on = $one->pouredOn();
            if (null !== $one->verdict() && null !== $on) {
                $side = Seconds::endOf($on) > $last->happenedAt() ? 'after' : 'before';
                ++$groups[$side][1];
                $groups[$side][0] += 'good' === $one->verdict() ? 1 : 0;
            }
        }
        [$before, $after] = [$groups['before'], $groups['after']];
        if (0 === $before[1] || 0 === $after[1]) {
            return '';
        }
        $two = new TwoGroups($after[0], $after[1], $before[0], $before[1]);
        $words = "Since it was last mended or changed, {$after[0]} of {$after[1]} were good; before, {$before[0]} of {$before[1]}.";

        return $words.match (true) {
            !$two->canBeTested() => ' Too few to say more.',
            $two->chance() <= 0.05 => ' It went together: chance alone would do that less than once in twenty.',
            default => ' Chance alone may well do that.',
        };
    }

    /**
     * @param list<Attempt> $moulded
     *
     * @return list<array{attempt_id: string, name: string, number: int, label: string, words: string, poured: bool}>
     */
    private static function learnt(array $moulded, QuantityFormatter $format): array
    {
        $learnt = [];
        foreach ($moulded as $attempt) {
            foreach ($attempt->changeSheet() as $change) {
                $field = $change->remedy->field;
                if (null === $field || 'pattern' !== Fields::get($field)->stage) {
                    continue;
                }
                $learnt[] = [
                    'attempt_id' => $attempt->id()->toRfc4122(),
                    'name' => $attempt->casting()->name(),
                    'number' => $attempt->number(),
                    'label' => $change->remedy->label,
                    'words' => null === $change->new
                        ? ''
                        : Fields::get($field)->label.': '.ValueWords::of($field, $change->new, $format),
                    'poured' => null !== self::followed($attempt, $moulded),
                ];
            }
        }

        return $learnt;
    }

    /** @param list<Attempt> $moulded */
    private static function followed(Attempt $attempt, array $moulded): ?Attempt
    {
        foreach ($moulded as $one) {
            if ($one->previous()?->id()->equals($attempt->id()) && null !== $one->pouredOn()) {
                return $one;
            }
        }

        return null;
    }

    /** @param list<Attempt> $moulded */
    private static function latestAlloy(array $moulded): ?string
    {
        foreach ($moulded as $one) {
            if (null !== $one->alloy()) {
                return $one->alloy();
            }
        }

        return null;
    }
}
