<?php

declare(strict_types=1);

namespace MoltenNotes\App\PourDay;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Heaps\MadeOfView;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Patterns\MouldedOfView;
use MoltenNotes\App\Repeats\RepeatList;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Diagnosis\BlankFields;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\PourDay\DayEvent;
use MoltenNotes\Core\PourDay\LeavingOrder;
use MoltenNotes\Core\PourDay\PouringOrder;
use MoltenNotes\Core\PourDay\RunSheet;
use MoltenNotes\Core\PourDay\Tap;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use Psr\Clock\ClockInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The run sheet of a pour. Taps and holds are fields of the attempt. */
final readonly class RunSheetController
{
    public function __construct(
        private Notebook $notebook,
        private RepeatList $repeats,
        private MadeOfView $madeOf,
        private MouldedOfView $mouldedOf,
        private ClockInterface $clock,
    ) {
    }

    #[Route('/api/attempts/{id}/day', methods: ['GET'])]
    #[Costly]
    public function __invoke(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $attempt = $this->notebook->attempt($id, $caster);
        $record = $this->notebook->record($attempt);
        $sheet = RunSheet::of($record, new QuantityFormatter($caster->units()));
        $values = $record->values();
        $held = $attempt->holds();

        return new AnswerResponse(new RunSheetAnswer(
            attemptId: $attempt->id()->toRfc4122(),
            castingName: $attempt->casting()->name(),
            number: $attempt->number(),
            heatId: $attempt->heat()?->id()->toRfc4122(),
            alloy: $values->choice('metal.alloy'),
            lay: $sheet->lay,
            holds: array_map(
                static fn (array $hold): HoldAnswer => new HoldAnswer(
                    $hold['code'],
                    'lighting' === $hold['when'] ? 'lighting' : 'pouring',
                    $hold['text'],
                    $hold['why'],
                    isset($held[$hold['code']]),
                    $held[$hold['code']]['reason'] ?? null,
                ),
                $sheet->holds,
            ),
            steps: $sheet->steps,
            taps: array_map(
                static fn (Tap $tap): TapAnswer => new TapAnswer($tap->code, $tap->phase, $tap->label, $tap->takes),
                $sheet->taps,
            ),
            trouble: $sheet->trouble,
            metal: $sheet->metal,
            fills: $sheet->fills,
            bears: $sheet->bears,
            pourSeconds: $sheet->pourSeconds,
            opening: $sheet->opening,
            events: self::events($attempt),
            repeats: $this->repeats->like(
                $caster,
                $values->choice('mould.process'),
                $values->choice('metal.alloy'),
                $values->measurement('casting.wall')?->si(),
                $attempt->id()->toRfc4122(),
            ),
            together: $this->together($attempt, $record, $caster),
            metals: $this->metals($attempt, $record, $caster),
            blank: null === $attempt->pouredOn()
                ? []
                : BlankFields::ofTheDay(Catalogue::standard(), $record, new QuantityFormatter($caster->units())),
            sand: $this->madeOf->of($attempt, new QuantityFormatter($caster->units())),
            pattern: $this->mouldedOf->of($attempt, new QuantityFormatter($caster->units())),
            now: (float) $this->clock->now()->format('U.v'),
        ));
    }

    /** @return list<DayEventAnswer> */
    private static function events(Attempt $attempt): array
    {
        return array_map(
            static fn (string $id, DayEvent $event): DayEventAnswer => new DayEventAnswer(
                $id,
                $event->code,
                Tap::all()[$event->code]->label,
                $event->at,
                $event->word,
            ),
            array_keys($attempt->events()),
            array_values($attempt->events()),
        );
    }

    /** @return list<TogetherAnswer> */
    private function together(Attempt $attempt, AttemptRecord $record, Caster $caster): array
    {
        $here = $attempt->id()->toRfc4122();
        $moulds = [$here => $attempt];
        $alloy = $record->values()->choice('metal.alloy');
        foreach (null === $alloy ? [] : $this->notebook->plannedOf($caster, $alloy) as $other) {
            $moulds[$other->id()->toRfc4122()] = $other;
        }
        foreach (null === $attempt->heat() ? [] : $this->notebook->pouredFrom($attempt->heat()) as $other) {
            // A mould that was filled already still stands among those of its melt.
            $moulds[$other->id()->toRfc4122()] = $other;
        }
        if (count($moulds) < 2 || 'judged' === $attempt->state()) {
            return [];
        }
        $order = PouringOrder::of(
            [$here => $record] + array_map($this->notebook->record(...), array_diff_key($moulds, [$here => true])),
            new QuantityFormatter($caster->units()),
        );

        return array_map(
            static fn (PouringOrder $row): TogetherAnswer => new TogetherAnswer(
                $row->key,
                $moulds[$row->key]->casting()->name(),
                $moulds[$row->key]->number(),
                $row->needs,
                $moulds[$row->key] === $attempt,
                $moulds[$row->key]->heat()?->id()->toRfc4122(),
            ),
            $order,
        );
    }

    /** @return list<array{id: string, casting_name: string, number: int, metal: string, here: bool, loses: string|null}> */
    private function metals(Attempt $attempt, AttemptRecord $record, Caster $caster): array
    {
        $alloy = $record->values()->choice('metal.alloy');
        if (null === $alloy || 'planned' !== $attempt->state()) {
            return [];
        }
        $moulds = [$attempt->id()->toRfc4122() => $attempt];
        foreach ($this->notebook->plannedOfOtherMetals($caster, $alloy) as $other) {
            $moulds[$other->id()->toRfc4122()] = $other;
        }
        if (count($moulds) < 2) {
            return [];
        }
        $records = array_map(fn (Attempt $one): AttemptRecord => $one === $attempt ? $record : $this->notebook->record($one), $moulds);

        return array_map(static fn (LeavingOrder $row): array => [
            'id' => $row->key,
            'casting_name' => $moulds[$row->key]->casting()->name(),
            'number' => $moulds[$row->key]->number(),
            'metal' => AlloyTable::find($records[$row->key]->values()->choice('metal.alloy') ?? '')->name ?? '',
            'here' => $moulds[$row->key] === $attempt,
            'loses' => $row->loses,
        ], LeavingOrder::of($records, new QuantityFormatter($caster->units())));
    }
}
