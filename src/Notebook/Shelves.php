<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\ColumnReader;
use MoltenNotes\Core\Workshop\ThingKind;
use MoltenNotes\Core\Workshop\Workshop;
use MoltenNotes\Core\Workshop\WorkshopReader;

/** A workshop as it is stored: its settings, its things, what the two come to, and what of them can no longer be read. */
final readonly class Shelves
{
    public Workshop $workshop;

    /** @var list<string> in words */
    public array $unreadable;

    /**
     * @param list<WorkshopRow> $rows
     * @param array<string, float> $masses lot → kg that its book says there is of it today
     * @param list<string> $out crucibles that must not be used any more: no plan is made with them
     */
    public function __construct(public ?KeptWorkshop $kept, public array $rows, array $masses = [], array $out = [])
    {
        // The hours that are worked, and what they cost, are no part of what plans are made with.
        $document = array_diff_key($kept?->settings() ?? [], ['week' => 0, 'costs' => 0]);
        $reader = new ValueReader(UnitPreferences::metric());
        foreach ($rows as $row) {
            if (true !== ThingKind::find($row->kind())?->inPlans) {
                // What no plan is made with is read as well, so that what no longer can be is named.
                $columns = ThingKind::find($row->kind())->columns ?? [];
                ColumnReader::all($columns, $row->content(), '/'.($row->name() ?? $row->kind()), $reader);
                continue;
            }
            $id = $row->id()->toRfc4122();
            if (in_array($id, $out, true)) {
                continue;
            }
            $things = $document[$row->kind()] ?? [];
            $content = isset($masses[$id]) ? ['mass' => ['value' => $masses[$id], 'unit' => 'kg']] + $row->content() : $row->content();
            $document[$row->kind()] = [...is_array($things) ? $things : [], $content];
        }
        $this->workshop = WorkshopReader::read($document, '', $reader);
        $this->unreadable = array_map(
            static fn (FieldProblem $problem): string => "{$problem->pointer}: {$problem->message}",
            $reader->problems(),
        );
    }
}
