<?php

declare(strict_types=1);

namespace MoltenNotes\App\LogPour;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\Ids;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\App\Shared\Http\StaleSave;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Core\Record\Values;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** Logs a pour or a plan, and changes one that is there. The same request twice leaves one attempt. */
final readonly class LogPour
{
    private const FIRST_VERSION = 1;

    public function __construct(private Notebook $notebook, private AttemptView $view, private ClockInterface $clock)
    {
    }

    /** @return array{attempt: Attempt, created: bool} */
    public function __invoke(string $id, AttemptEntry $entry, Caster $caster): array
    {
        $uuid = Ids::of($id, 'attempt');
        $attempt = $this->notebook->findAttempt($uuid, $caster);
        if (null === $attempt) {
            return ['attempt' => $this->create($uuid, $entry, $caster), 'created' => true];
        }
        if (null === $entry->version) {
            // The client made the id: the same create came again, after an answer that got lost on the way; perhaps put right in between.
            if (self::FIRST_VERSION === $attempt->version() && !self::sayTheSame($attempt, $entry)) {
                $this->fill($attempt, $entry);
            }

            return ['attempt' => $attempt, 'created' => false];
        }
        if ($entry->version !== $attempt->version()) {
            throw StaleSave::of($this->view->detail($attempt));
        }
        $this->fill($attempt, $entry);

        return ['attempt' => $attempt, 'created' => false];
    }

    private function create(Uuid $id, AttemptEntry $entry, Caster $caster): Attempt
    {
        if ($this->notebook->isTaken('attempt', $id) || null !== $entry->version) {
            throw RecordNotFound::named('attempt');
        }
        if (!Ids::isFresh($id)) {
            throw RejectedRecord::because([new FieldProblem('', 'record.id', 'A new attempt needs a UUID of version 7.')]);
        }
        if (null === $entry->castingId) {
            throw RejectedRecord::because([new FieldProblem('/casting_id', 'record.casting_missing', 'Say which casting this is an attempt at.')]);
        }
        $casting = $this->notebook->casting($entry->castingId, $caster);
        $attempt = new Attempt($id, $casting, $this->notebook->nextNumber($casting), null, $this->clock->now());
        $this->notebook->add($attempt);
        $this->fill($attempt, $entry);

        return $attempt;
    }

    private function fill(Attempt $attempt, AttemptEntry $entry): void
    {
        $now = $this->clock->now();
        $heat = $this->heatFor($attempt, $entry);
        $attempt->record($entry->planned, $entry->made, $heat, $entry->pouredOn, $entry->verdict, $entry->note, $entry->observations, $now);
        $this->notebook->save();
    }

    private static function sayTheSame(Attempt $attempt, AttemptEntry $entry): bool
    {
        $stored = [$attempt->valuesOf('planned')->toArray(), $attempt->valuesOf('made')->toArray(), $attempt->heat()?->values()->toArray() ?? [], $attempt->pouredOn()?->format('Y-m-d'), $attempt->verdict(), $attempt->note(), $attempt->observations()];
        $sent = [$entry->planned->toArray(), $entry->made->toArray(), $entry->heat->toArray(), $entry->pouredOn?->format('Y-m-d'), $entry->verdict, $entry->note, $entry->observations];

        // Values have no order.
        return $stored == $sent;
    }

    /** The heat named, the attempt's own, or a new one as soon as the entry says something of the melt. */
    private function heatFor(Attempt $attempt, AttemptEntry $entry): ?Heat
    {
        $now = $this->clock->now();
        $heat = null === $entry->heatId ? $attempt->heat() : $this->notebook->heat($entry->heatId, $attempt->caster());
        if (null === $heat && [] === $entry->heat->all()) {
            return null;
        }
        if (null === $heat) {
            $heat = new Heat(Uuid::v7(), $attempt->caster(), $entry->pouredOn, $now);
            $this->notebook->add($heat);
        }
        $joins = null !== $entry->heatId && $heat !== $attempt->heat();
        // Joining a heat keeps what is known of it and adds; editing one's own heat replaces it.
        $values = $joins ? $heat->values()->overlaidBy($entry->heat) : $entry->heat;
        if ($values->toArray() !== $heat->values()->toArray()) {
            $heat->record($values, $entry->pouredOn, $now);
        }

        return $heat;
    }

    /** The plan of a next attempt: everything of the one before, with the changes in it, all of it planned and nothing made. */
    public function planNext(Uuid $id, Attempt $previous, Values $plan): Attempt
    {
        $attempt = new Attempt($id, $previous->casting(), $this->notebook->nextNumber($previous->casting()), $previous, $this->clock->now());
        $attempt->record($plan, Values::none(), null, null, null, null, [], $this->clock->now());
        $this->notebook->add($attempt);

        return $attempt;
    }
}
