<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Planning\Change;
use MoltenNotes\Core\Planning\NextAttempt;
use MoltenNotes\Core\Planning\Remedies;
use MoltenNotes\Core\Planning\UnknownRemedy;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueReader;

/** What may stand on a change sheet: a remedy with the amount the plan offers (true), with one of the caster's own ({"new": …}), or none (null). */
final readonly class OfferedChanges
{
    private const MOST_ROWS = 60;

    public function __construct(private Catalogue $catalogue, private Notebook $notebook)
    {
    }

    public function read(Attempt $attempt, string $code, mixed $raw, string $pointer, ValueReader $reader): ?Change
    {
        try {
            $remedy = Remedies::get($code);
        } catch (UnknownRemedy $unknown) {
            return $reader->refuse($pointer, $unknown->errorCode(), $unknown->getMessage());
        }
        if (null !== $this->notebook->next($attempt)) {
            return $reader->refuse($pointer, 'planning.sheet_closed', 'The next attempt follows this sheet already; its predictions stay as written.');
        }
        if (null === $raw || false === $raw) {
            return null;
        }
        if (count($attempt->changes()) >= self::MOST_ROWS) {
            return $reader->refuse($pointer, 'planning.too_many', 'At most '.self::MOST_ROWS.' changes stand on a sheet.');
        }
        $own = true === $raw ? null : $reader->object($raw, $pointer, 'A change is taken as it is offered (true), or with your own amount ({"new": …}).')['new'] ?? null;
        if (null !== $own && null !== $remedy->field) {
            $record = $this->notebook->record($attempt);
            $value = $reader->value(Fields::get($remedy->field), $own, $pointer.'/new');

            return null === $value ? null : new Change($remedy, $record->values()->get($remedy->field), $value);
        }
        $offered = array_values(array_filter($this->offered($attempt, $remedy->cause), static fn (Change $change): bool => $change->remedy->code === $code))[0] ?? null;
        if (null === $offered) {
            return $reader->refuse($pointer, 'planning.nothing_to_change', "“{$remedy->label}” has nothing to change in this plan.");
        }

        return $offered;
    }

    /** @return list<Change> */
    private function offered(Attempt $attempt, string $cause): array
    {
        return (new NextAttempt($this->catalogue, $attempt->caster()->units()))->proposals($this->notebook->record($attempt), [$cause]);
    }
}
