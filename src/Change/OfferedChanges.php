<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\NextAttempt\Change;
use MoltenNotes\Core\NextAttempt\NextAttempt;
use MoltenNotes\Core\NextAttempt\Remedies;
use MoltenNotes\Core\NextAttempt\UnknownRemedy;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueReader;

/**
 * What may stand on a change sheet: a remedy with the amount the plan offers (true), with one of the caster's own ({"new": …}), or none
 * (null).
 */
final class OfferedChanges
{
    private const MOST_ROWS = 60;

    /** @var array<string, Change> */
    private array $offers = [];

    private string $planned = '';

    public function __construct(private readonly Catalogue $catalogue, private readonly Notebook $notebook)
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
            return $reader->refuse(
                $pointer,
                'planning.sheet_closed',
                'The next attempt follows this sheet already; its predictions stay as written.',
            );
        }
        if (null === $raw || false === $raw) {
            return null;
        }
        if (count($attempt->changes()) >= self::MOST_ROWS) {
            return $reader->refuse($pointer, 'planning.too_many', 'At most '.self::MOST_ROWS.' changes stand on a sheet.');
        }
        $own =
            true === $raw
                ? null
                : $reader->object($raw, $pointer, 'A change is taken as it is offered (true), or with your own amount ({"new": …}).')[
                        'new'
                    ] ?? null;
        if (null !== $own && null !== $remedy->field) {
            $record = $this->notebook->record($attempt);
            $value = $reader->value(Fields::get($remedy->field), $own, $pointer.'/new');

            return null === $value ? null : new Change($remedy, $record->values()->get($remedy->field), $value);
        }
        $offered = $this->offered($attempt)[$code] ?? null;
        if (null === $offered) {
            return $reader->refuse($pointer, 'planning.nothing_to_change', "“{$remedy->label}” has nothing to change in this plan.");
        }

        if ('' !== $offered->open) {
            return $reader->refuse($pointer, 'planning.amount_open', "Say how much. {$offered->open}");
        }

        return $offered;
    }

    /**
     * What is offered against any cause, planned once for as long as the record says the same: a sheet of many lines is one plan.
     *
     * @return array<string, Change> remedy → change
     */
    private function offered(Attempt $attempt): array
    {
        $record = $this->notebook->record($attempt);
        $says = $attempt->id()->toRfc4122().hash('xxh128', serialize($record->values()->toArray()));
        if ($this->planned !== $says) {
            $this->planned = $says;
            $this->offers = [];
            $planner = new NextAttempt($this->catalogue, $attempt->caster()->units());
            foreach ($planner->proposals($record, array_keys($this->catalogue->causes)) as $change) {
                $this->offers[$change->remedy->code] ??= $change;
            }
        }

        return $this->offers;
    }
}
