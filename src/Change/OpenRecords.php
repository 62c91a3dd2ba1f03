<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use Doctrine\DBAL\Connection;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Instruments\Instruments;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Casting;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\KeptWorkshop;
use MoltenNotes\App\Notebook\Movement;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\PatternBook;
use MoltenNotes\App\Notebook\RecordedFinding;
use MoltenNotes\App\Notebook\WorkshopRow;
use MoltenNotes\App\Photos\Photos;
use MoltenNotes\App\PlanNext\StartNext;
use MoltenNotes\App\PourDay\MeasuredValues;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\MovementKind;
use MoltenNotes\Core\Workshop\ThingKind;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** Finds the record a change is of, or makes it where the change says what it hangs on. Whatever belongs to somebody else is not found. */
final readonly class OpenRecords
{
    private const MOST_FINDINGS = 100;
    private const MOST_THINGS = 200;
    private const MOST_ENTRIES = 2000;

    public function __construct(
        private Notebook $notebook,
        private OfferedChanges $offered,
        private MeasuredValues $measured,
        private StartNext $startNext,
        private Instruments $instruments,
        private Photos $photos,
        private PatternBook $patterns,
        private Connection $storage,
        private ClockInterface $clock,
    ) {
    }

    /** @return OpenRecord|null null where it was refused; the reader then holds why */
    public function open(PartChange $change, Caster $caster, ValueReader $reader): ?OpenRecord
    {
        return match ($change->part) {
            Part::Casting => $this->casting($change, $caster),
            Part::Attempt => $this->attempt($change, $caster, $reader),
            Part::Heat => $this->heat($change, $caster),
            Part::Finding => $this->finding($change, $caster, $reader),
            Part::Photo => new OpenPhoto($this->photos->get($change->id->toRfc4122(), $caster), $this->clock->now()),
            Part::WorkshopRow => $this->thing($change, $caster, $reader),
            Part::Movement => $this->movement($change, $caster, $reader),
            Part::Workshop => $this->workshop($caster),
        };
    }

    private function casting(PartChange $change, Caster $caster): OpenRecord
    {
        $casting = $this->notebook->own(Casting::class, $change->id, $caster);
        $new = null === $casting;
        if (null === $casting) {
            $this->mustBeNew($change, Casting::class);
            $casting = new Casting($change->id, $this->notebook->owner($caster), '', null, 1, null, $this->clock->now());
            $this->notebook->add($casting);
        }

        return new OpenCasting($casting, $new, $this->storage, $this->clock->now());
    }

    private function attempt(PartChange $change, Caster $caster, ValueReader $reader): ?OpenRecord
    {
        $attempt = $this->notebook->own(Attempt::class, $change->id, $caster);
        $new = null === $attempt;
        if (null === $attempt) {
            $this->mustBeNew($change, Attempt::class);
            $attempt = $this->newAttempt($change, $caster, $reader);
            if (null === $attempt) {
                return null;
            }
        }

        return new OpenAttempt($attempt, $new, $this->notebook, $this->offered, $this->measured, $this->clock->now());
    }

    /** An attempt at a casting, or the one that follows the change sheet of another. */
    private function newAttempt(PartChange $change, Caster $caster, ValueReader $reader): ?Attempt
    {
        $after = $change->create['after'] ?? null;
        $of = $change->create['casting'] ?? null;
        if (is_string($after)) {
            $previous = $this->notebook->attempt($after, $caster);
            if (null !== $this->notebook->next($previous)) {
                return $reader->refuse($change->pointer.'/create/after', 'planning.next_exists', 'The next attempt was started already.');
            }

            return ($this->startNext)($previous, $change->id);
        }
        if (!is_string($of)) {
            return $reader->refuse(
                $change->pointer.'/create/casting',
                'record.casting_missing',
                'Say which casting this is an attempt at.',
            );
        }
        $casting = $this->notebook->casting($of, $caster);
        $attempt = new Attempt($change->id, $casting, $this->notebook->nextNumber($casting), null, $this->clock->now());
        $this->notebook->add($attempt);

        return $attempt;
    }

    private function heat(PartChange $change, Caster $caster): OpenRecord
    {
        $heat = $this->notebook->own(Heat::class, $change->id, $caster);
        $new = null === $heat;
        if (null === $heat) {
            $this->mustBeNew($change, Heat::class);
            $heat = new Heat($change->id, $this->notebook->owner($caster), null, $this->clock->now());
            $this->notebook->add($heat);
        }

        return new OpenHeat($heat, $new, $this->notebook, $this->instruments, $this->clock->now());
    }

    private function finding(PartChange $change, Caster $caster, ValueReader $reader): ?OpenRecord
    {
        $finding = $this->notebook->ownFinding($change->id, $caster);
        $new = null === $finding;
        if (null === $finding) {
            $this->mustBeNew($change, RecordedFinding::class);
            $of = $change->create['attempt'] ?? null;
            $attempt = $this->notebook->attempt(is_string($of) ? $of : '', $caster);
            if (count($attempt->findings()) >= self::MOST_FINDINGS) {
                return $reader->refuse(
                    $change->pointer,
                    'record.too_many_findings',
                    'At most '.self::MOST_FINDINGS.' findings to an attempt: put alike ones together.',
                );
            }
            $finding = new RecordedFinding($change->id, $attempt, '', $this->clock->now());
            $this->notebook->add($finding);
            $attempt->addFinding($finding);
        }

        return new OpenFinding($finding, $new, $this->notebook, $this->clock->now());
    }

    private function thing(PartChange $change, Caster $caster, ValueReader $reader): ?OpenRecord
    {
        $row = $this->notebook->own(WorkshopRow::class, $change->id, $caster);
        $new = null === $row;
        if (null === $row) {
            $this->mustBeNew($change, WorkshopRow::class);
            $kind = $change->create['kind'] ?? null;
            if (!is_string($kind) || null === ThingKind::find($kind)) {
                return $reader->refuse(
                    $change->pointer.'/create/kind',
                    'record.unknown_choice',
                    'A thing of the workshop is one of: '.implode(', ', array_keys(ThingKind::all())).'.',
                );
            }
            if ($this->notebook->things($caster, $kind) >= self::MOST_THINGS) {
                return $reader->refuse(
                    $change->pointer,
                    'workshop.too_many',
                    'At most '.self::MOST_THINGS.' of a kind: take out what you no longer have.',
                );
            }
            $row = new WorkshopRow(
                $change->id,
                $this->notebook->owner($caster),
                $kind,
                $this->notebook->nextPlace($caster, $kind),
                $this->clock->now(),
            );
            $this->notebook->add($row);
        }

        return new OpenThing($row, $new, $this->patterns, $this->clock->now());
    }

    /** An entry of a thing: a test of a heap, say. */
    private function movement(PartChange $change, Caster $caster, ValueReader $reader): ?OpenRecord
    {
        $movement = $this->notebook->own(Movement::class, $change->id, $caster);
        $new = null === $movement;
        if (null === $movement) {
            $this->mustBeNew($change, Movement::class);
            $of = $change->create['of'] ?? null;
            $row = is_string($of) && Uuid::isValid($of)
                ? $this->notebook->own(WorkshopRow::class, Uuid::fromString($of), $caster)
                : null;
            $kind = $change->create['kind'] ?? null;
            $kind = is_string($kind) ? MovementKind::find($kind) : null;
            if (null === $row || null === $kind || $kind->of !== $row->kind()) {
                return $reader->refuse(
                    $change->pointer.'/create/of',
                    'record.not_found',
                    'Say of which thing of your workshop this is an entry, and of what kind.',
                );
            }
            if ($this->notebook->entries($row) >= self::MOST_ENTRIES) {
                return $reader->refuse($change->pointer, 'workshop.too_many', 'At most '.self::MOST_ENTRIES.' entries of a thing.');
            }
            $movement = new Movement($change->id, $row, $kind->kind, (float) $this->clock->now()->getTimestamp(), $this->clock->now());
            $this->notebook->add($movement);
        }

        return new OpenMovement($movement, $new, $this->notebook, $this->clock->now());
    }

    /** There is one for each caster; it comes about with the first thing that is said of it. */
    private function workshop(Caster $caster): OpenRecord
    {
        $workshop = $this->notebook->keptWorkshop($caster);
        $new = null === $workshop;
        if (null === $workshop) {
            $workshop = new KeptWorkshop($this->notebook->owner($caster), $this->clock->now());
            $this->notebook->add($workshop);
        }

        return new OpenWorkshop($workshop, $new);
    }

    /** @param class-string $class */
    private function mustBeNew(PartChange $change, string $class): void
    {
        if (null === $change->create || $this->notebook->isTaken($class, $change->id)) {
            throw RecordNotFound::named(str_replace('_', ' ', $change->part->value));
        }
    }
}
