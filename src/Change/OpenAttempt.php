<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Notebook\AcceptedChange;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Casting;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\PourDay\MeasuredValues;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\App\Shared\Seconds;
use MoltenNotes\Core\Attempt\FindingReader;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Calendar\Step;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Finishing\Repair;
use MoltenNotes\Core\Finishing\Route;
use MoltenNotes\Core\NextAttempt\Change;
use MoltenNotes\Core\PourDay\DayEvent;
use MoltenNotes\Core\PourDay\RunSheet;
use MoltenNotes\Core\PourDay\Tap;
use MoltenNotes\Core\Quantity\Nearest;
use MoltenNotes\Core\Recipe\Recipe;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\UnknownField;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\Uid\Uuid;

/**
 * Fields of an attempt: its own, and "planned.…", "made.…", "observations.…", "answers.…", "opinions.…", "sheet.…", "own.…" and "kept.…"
 * for what it holds many of.
 */
final class OpenAttempt implements OpenRecord
{
    private const MOST_OWN = 20;
    private const MOST_WORDS = 300;

    private const MOST_EVENTS = 300;

    private const WANTED_WITHIN_S = 2 * 366 * 86400;

    /** @var list<DayEvent>|null what was tapped before this command; null where it taps nothing */
    private ?array $tapped = null;

    public function __construct(
        private readonly Attempt $attempt,
        private readonly bool $new,
        private readonly Notebook $notebook,
        private readonly OfferedChanges $offered,
        private readonly MeasuredValues $measured,
        private readonly \DateTimeImmutable $now,
    ) {
    }

    public function isNew(): bool
    {
        return $this->new;
    }

    public function version(): int
    {
        return $this->attempt->version();
    }

    /** A next attempt begins as a copy of the plan before it. */
    public function begunWith(): array
    {
        return $this->new
            ? array_map(static fn (string $field): string => "planned.{$field}", array_keys($this->attempt->valuesOf('planned')->all()))
            : [];
    }

    public function about(): Uuid
    {
        return $this->attempt->id();
    }

    public function read(string $field, mixed $raw, string $pointer, ValueReader $reader): mixed
    {
        [$group, $key] = self::parted($field);

        return match ($group) {
            'planned', 'made' => $this->value($group, $key, $raw, $pointer, $reader),
            'observations' => isset(Vocabulary::standard()->observations[$key])
                ? $reader->mark($raw, $pointer)
                : self::noSuch($key, array_keys(Vocabulary::standard()->observations), 'an observation', $pointer, $reader),
            'answers' => isset(Vocabulary::standard()->checks[$key])
                ? (null === $raw
                    ? null
                    : $reader->choice('answer', $raw, $pointer))
                : self::noSuch($key, array_keys(Vocabulary::standard()->checks), 'a check', $pointer, $reader),
            'opinions' => isset(Catalogue::standard()->causes[$key])
                ? self::opinion($raw, $pointer, $reader)
                : self::noSuch($key, array_keys(Catalogue::standard()->causes), 'a cause', $pointer, $reader),
            'kept' => null === Fields::find($key)
                ? self::noSuch($key, array_keys(Fields::all()), 'a field', $pointer, $reader)
                : $reader->mark($raw, $pointer),
            'own' => $this->ownChange($key, $raw, $pointer, $reader),
            'event' => $this->event($key, $raw, $pointer, $reader),
            'hold' => self::hold($key, $raw, $pointer, $reader),
            'step' => $this->step($key, $raw, $pointer, $reader),
            'finish' => $this->finishStep($key, $raw, $pointer, $reader),
            'mend' => in_array($key, array_column(Repair::all(), 'code'), true)
                ? $reader->mark($raw, $pointer)
                : self::noSuch($key, array_column(Repair::all(), 'code'), 'a repair', $pointer, $reader),
            'sheet' => $this->offered->read($this->attempt, $key, $raw, $pointer, $reader),
            default => $this->own($field, $raw, $pointer, $reader),
        };
    }

    public function stored(string $field): mixed
    {
        [$group, $key] = self::parted($field);

        return match ($group) {
            'planned', 'made' => Plain::of($this->attempt->valuesOf($group)->all()[$key] ?? null),
            'observations' => in_array($key, $this->attempt->observations(), true),
            'answers' => $this->attempt->answerTo($key),
            'opinions' => ($this->attempt->opinions()[$key] ?? null)?->toAnswer()->jsonSerialize(),
            'sheet' => Plain::of($this->attempt->changeSheet()[$key] ?? null),
            'kept' => in_array($key, $this->attempt->kept(), true),
            'own' => $this->attempt->ownChanges()[$key] ?? null,
            'event' => self::eventTold($this->attempt->events()[$key] ?? null),
            'hold' => $this->attempt->holds()[$key] ?? null,
            'step' => self::secondsTold($this->attempt->steps()[$key] ?? null),
            'finish' => self::finishTold($this->attempt->finished()[$key] ?? null),
            'mend' => in_array($key, $this->attempt->mends(), true),
            default => match ($field) {
                'wanted' => self::secondsTold($this->attempt->wantedAt()),
                'beside' => $this->attempt->beside()?->id()->toRfc4122(),
                'poured_on' => Plain::of($this->attempt->pouredOn()),
                'verdict' => $this->attempt->verdict(),
                'note' => $this->attempt->note(),
                'name' => $this->attempt->name(),
                'heat' => $this->attempt->heat()?->id()->toRfc4122(),
                'heap' => $this->attempt->heap()?->id()->toRfc4122(),
                'pattern' => $this->attempt->pattern()?->id()->toRfc4122(),
                'recipe' => $this->attempt->recipe(),
                'casting' => $this->attempt->casting()->id()->toRfc4122(),
                'binned' => null !== $this->attempt->binnedAt(),
                default => null,
            },
        };
    }

    public function keep(string $field, mixed $value): void
    {
        [$group, $key] = self::parted($field);
        match ($group) {
            'planned', 'made' => $this->attempt->setValue($group, $key, CommonFields::told($value)),
            'observations' => $this->attempt->notice($key, true === $value),
            'answers' => $this->attempt->answer($key, in_array($value, ['yes', 'no', 'unclear'], true) ? $value : null),
            'opinions' => $this->opine($key, $value),
            'sheet' => $this->keepChange($key, $value),
            'kept' => $this->attempt->keep($key, true === $value),
            'own' => $this->attempt->changeOwn($key, self::ownWords($value)),
            'event' => $this->tap($key, $value),
            'hold' => $this->attempt->hold($key, is_array($value) ? ['reason' => self::textOf($value['reason'] ?? null)] : null),
            'step' => $this->attempt->stepDone($key, is_string($value) ? (float) $value : null),
            'finish' => $this->attempt->finishStep($key, self::finishRead($value)),
            'mend' => $this->attempt->mend($key, true === $value),
            default => $this->keepOwn($field, $value),
        };
    }

    public function close(ValueReader $reader, string $pointer, \DateTimeImmutable $now): void
    {
        if (null !== $this->attempt->verdict() && null === $this->attempt->pouredOn()) {
            $reader->refuse($pointer.'/set/poured_on', 'record.verdict_before_pour', 'Say when it was poured before you judge it.');
        }
        if (null !== $this->tapped) {
            $this->measured->flow($this->attempt, $this->tapped, $now);
        }
        $this->attempt->summarise();
        $this->attempt->touch($now);
    }

    /** @return array{string, string} group and key; the group is blank for the attempt's own fields */
    private static function parted(string $field): array
    {
        $parts = explode('.', $field, 2);

        return 2 === count($parts) ? [$parts[0], $parts[1]] : ['', $field];
    }

    private function value(string $stage, string $key, mixed $raw, string $pointer, ValueReader $reader): mixed
    {
        $field = Fields::find($key);
        if (null === $field) {
            return $reader->refuse($pointer, 'record.unknown_field', UnknownField::key($key, array_keys(Fields::all()))->getMessage());
        }
        if ('made' === $stage && $field->isOfTheHeat()) {
            return $reader->refuse($pointer, 'record.of_the_heat', 'This belongs to the melt, not to the attempt.');
        }

        return $reader->value($field, $raw, $pointer);
    }

    /** @param list<int|string> $known */
    private static function noSuch(string $key, array $known, string $kind, string $pointer, ValueReader $reader): null
    {
        $suggestion = Nearest::to(mb_scrub(mb_substr($key, 0, 60)), array_map(strval(...), $known));
        $reader->refuse(
            $pointer,
            'record.unknown_code',
            "This is not {$kind} we know.".(null === $suggestion ? '' : " Did you mean {$suggestion}?"),
        );

        return null;
    }

    /** @return array{opinion: string, note: string|null, sure: string|null}|null */
    private static function opinion(mixed $raw, string $pointer, ValueReader $reader): ?array
    {
        if (null === $raw) {
            return null;
        }
        $raw = is_string($raw) ? ['opinion' => $raw] : $reader->object($raw, $pointer);
        $reader->refuseUnknown($raw, ['opinion', 'note', 'sure'], $pointer, 'record.unknown_part', 'This is not part of an opinion.');
        $opinion = $raw['opinion'] ?? null;
        if (!in_array($opinion, ['confirmed', 'suspected', 'ruled_out'], true)) {
            $reader->refuse($pointer.'/opinion', 'record.unknown_choice', 'Say confirmed, suspected or ruled out.');

            return null;
        }

        return [
            'opinion' => $opinion,
            'note' => $reader->text($raw['note'] ?? null, $pointer.'/note'),
            'sure' => isset($raw['sure']) ? $reader->choice('how_sure', $raw['sure'], $pointer.'/sure') : null,
        ];
    }

    private function own(string $field, mixed $raw, string $pointer, ValueReader $reader): mixed
    {
        return match ($field) {
            'poured_on' => CommonFields::day($raw, $pointer, $reader, $this->now),
            'verdict' => null === $raw ? null : $reader->choice('verdict', $raw, $pointer),
            'note' => $reader->text($raw, $pointer),
            'name' => CommonFields::name($raw, $pointer, $reader),
            'heat' => null === $raw ? null : $this->heat($raw, $pointer, $reader),
            'heap' => null === $raw ? null : $this->thing($raw, 'heaps', 'sand heap', $pointer, $reader),
            'pattern' => null === $raw ? null : $this->thing($raw, 'patterns', 'pattern or mould', $pointer, $reader),
            'recipe' => null === $raw ? null : $this->recipe($raw, $pointer, $reader),
            'casting' => $this->casting($raw, $pointer, $reader),
            'beside' => null === $raw ? null : $this->beside($raw, $pointer, $reader),
            'wanted' => $this->wanted($raw, $pointer, $reader),
            'binned' => $reader->mark($raw, $pointer),
            default => CommonFields::unknown($pointer, $reader, 'an attempt'),
        };
    }

    private function heat(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        try {
            return $this->notebook
                ->heat(is_string($raw) ? $raw : '', $this->attempt->caster())
                ->id()
                ->toRfc4122();
        } catch (RecordNotFound) {
            return $reader->refuse($pointer, 'record.not_found', 'There is no such heat in this notebook.');
        }
    }

    private function thing(mixed $raw, string $kind, string $called, string $pointer, ValueReader $reader): ?string
    {
        try {
            return $this->notebook
                ->thing(is_string($raw) ? $raw : '', $kind, $this->attempt->caster(), $called)
                ->id()
                ->toRfc4122();
        } catch (RecordNotFound) {
            return $reader->refuse($pointer, 'record.not_found', "There is no such {$called} in your workshop.");
        }
    }

    /** One of the trade by its code, or one of the caster's own by its id. */
    private function recipe(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        $told = is_string($raw) ? $raw : '';

        return isset(Recipe::standard()[$told]) || null !== $this->notebook->recipe($told, $this->attempt->caster())
            ? $told
            : $reader->refuse($pointer, 'record.not_found', 'There is no such recipe, of the trade or in your workshop.');
    }

    private function beside(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        try {
            $other = $this->notebook->attempt(is_string($raw) ? $raw : '', $this->attempt->caster());
        } catch (RecordNotFound) {
            return $reader->refuse($pointer, 'record.not_found', 'There is no such attempt in this notebook.');
        }
        if ($other->casting() !== $this->attempt->casting() || $other->id()->equals($this->attempt->id())) {
            return $reader->refuse($pointer, 'record.not_comparable', 'Compare it with another attempt at the same casting.');
        }

        return $other->id()->toRfc4122();
    }

    /** @return array{code: string, at: string, word: string|null}|null */
    private function event(string $id, mixed $raw, string $pointer, ValueReader $reader): ?array
    {
        if (!Uuid::isValid($id)) {
            return $reader->refuse($pointer, 'record.not_an_id', 'A tap has an id of its own.');
        }
        if (null === $raw) {
            return null;
        }
        $raw = $reader->object($raw, $pointer);
        $reader->refuseUnknown($raw, ['code', 'at', 'word'], $pointer, 'record.unknown_part', 'This is not part of a tap.');
        $code = $raw['code'] ?? null;
        $tap = is_string($code) ? Tap::all()[$code] ?? null : null;
        if (null === $tap) {
            self::noSuch(is_string($code) ? $code : '', array_keys(Tap::all()), 'a tap', $pointer.'/code', $reader);

            return null;
        }
        $at = CommonFields::moment($raw['at'] ?? null, $pointer.'/at', $reader, $this->now);
        if (null === $at) {
            return null;
        }
        if (!isset($this->attempt->events()[$id]) && count($this->attempt->events()) >= self::MOST_EVENTS) {
            return $reader->refuse($pointer, 'record.too_many', 'At most '.self::MOST_EVENTS.' taps stand in a day.');
        }
        $word = $reader->text($raw['word'] ?? null, $pointer.'/word');
        $field = null === $tap->takes ? null : Fields::find($tap->takes);
        if (null !== $field) {
            $reader->value($field, $word, $pointer.'/word');
        }

        return [
            'code' => $tap->code,
            'at' => $at,
            'word' => null === $word ? null : mb_substr($word, 0, self::MOST_WORDS),
        ];
    }

    /** @return array{code: string, at: string, word: string|null}|null */
    private static function eventTold(?DayEvent $event): ?array
    {
        return null === $event ? null : ['code' => $event->code, 'at' => Seconds::words($event->at), 'word' => $event->word];
    }

    private function tap(string $id, mixed $value): void
    {
        $this->tapped ??= array_values($this->attempt->events());
        $value = is_array($value) ? $value : [];
        $code = self::textOf($value['code'] ?? null);
        $at = $value['at'] ?? null;
        $this->attempt->tap($id, null === $code || !is_string($at) ? null : [
            'code' => $code,
            'at' => (float) $at,
            'word' => self::textOf($value['word'] ?? null),
        ]);
    }

    /** A step of its week: done at a moment, which is not still to come. */
    private function step(string $key, mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        if (1 !== preg_match('/^([a-z_]+)(?:[.#]\d{1,2})?$/', $key, $parts) || !isset(Step::all()[$parts[1]])) {
            self::noSuch($key, array_keys(Step::all()), 'a step', $pointer, $reader);

            return null;
        }

        return null === $raw ? null : CommonFields::moment($raw, $pointer, $reader, $this->now);
    }

    /**
     * A step of its finishing: when it was done, how long hands were at it, and whatever is to be said of it.
     *
     * @return array{at: string, minutes: int|null, note: string|null}|null
     */
    private function finishStep(string $step, mixed $raw, string $pointer, ValueReader $reader): ?array
    {
        if (!in_array($step, Route::codes(), true)) {
            self::noSuch($step, Route::codes(), 'a step of finishing', $pointer, $reader);

            return null;
        }
        if (null === $raw) {
            return null;
        }
        $raw = $reader->object($raw, $pointer);
        $reader->refuseUnknown($raw, ['at', 'minutes', 'note'], $pointer, 'record.unknown_part', 'This is not part of a step.');
        $at = CommonFields::moment($raw['at'] ?? null, $pointer.'/at', $reader, $this->now);
        $time = $raw['minutes'] ?? null;
        $minutes = null === $time || '' === $time
            ? null
            : $reader->measured('minutes', 'min', [0, 60000], [1, 1200], is_int($time) ? "{$time} min" : $time, $pointer.'/minutes');
        $note = $reader->text($raw['note'] ?? null, $pointer.'/note');

        return null === $at ? null : [
            'at' => $at,
            'minutes' => null === $minutes ? null : (int) round($minutes->si() / 60),
            'note' => null === $note ? null : mb_substr($note, 0, self::MOST_WORDS),
        ];
    }

    /**
     * @param array{at: float, minutes: int|null, note: string|null}|null $done
     *
     * @return array{at: string, minutes: int|null, note: string|null}|null
     */
    private static function finishTold(?array $done): ?array
    {
        return null === $done ? null : ['at' => Seconds::words($done['at'])] + $done;
    }

    /** @return array{at: float, minutes: int|null, note: string|null}|null */
    private static function finishRead(mixed $value): ?array
    {
        $at = is_array($value) ? $value['at'] ?? null : null;
        $minutes = is_array($value) ? $value['minutes'] ?? null : null;

        return !is_array($value) || !is_string($at) ? null : [
            'at' => (float) $at,
            'minutes' => is_int($minutes) ? $minutes : null,
            'note' => self::textOf($value['note'] ?? null),
        ];
    }

    /** When it is to be poured: a moment, to come or past. */
    private function wanted(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        if (null === $raw) {
            return null;
        }
        $at = is_int($raw) || is_float($raw) || is_numeric($raw) ? (float) $raw : null;
        $latest = (float) $this->now->getTimestamp() + self::WANTED_WITHIN_S;

        return null === $at || $at < Seconds::FIRST || $at > $latest
            ? $reader->refuse($pointer, 'record.impossible', 'Say when it is to be poured: a day and an hour within two years.')
            : Seconds::words($at);
    }

    private static function secondsTold(?float $at): ?string
    {
        return null === $at ? null : Seconds::words($at);
    }

    /** @return array{reason: string|null}|null */
    private static function hold(string $code, mixed $raw, string $pointer, ValueReader $reader): ?array
    {
        if (!RunSheet::isHold($code)) {
            self::noSuch($code, RunSheet::holdCodes(), 'a hold', $pointer, $reader);

            return null;
        }
        if (null === $raw) {
            return null;
        }
        $raw = true === $raw ? [] : $reader->object($raw, $pointer);
        $reader->refuseUnknown($raw, ['reason'], $pointer, 'record.unknown_part', 'This is not part of a hold.');

        return ['reason' => $reader->text($raw['reason'] ?? null, $pointer.'/reason')];
    }

    private static function textOf(mixed $raw): ?string
    {
        return is_string($raw) ? $raw : null;
    }

    /** @return array{words: string, against: string|null}|null */
    private function ownChange(string $id, mixed $raw, string $pointer, ValueReader $reader): ?array
    {
        if (!Uuid::isValid($id)) {
            return $reader->refuse($pointer, 'record.not_an_id', 'A change of your own has an id of its own.');
        }
        if (null !== $this->notebook->next($this->attempt)) {
            return $reader->refuse(
                $pointer,
                'planning.sheet_closed',
                'The next attempt follows this sheet already; its predictions stay as written.',
            );
        }
        if (null === $raw) {
            return null;
        }
        if (count($this->attempt->ownChanges()) >= self::MOST_OWN) {
            return $reader->refuse($pointer, 'planning.too_many', 'At most '.self::MOST_OWN.' changes of your own stand on a sheet.');
        }
        $raw = $reader->object($raw, $pointer);
        $reader->refuseUnknown($raw, ['words', 'against'], $pointer, 'record.unknown_part', 'This is not part of a change.');
        $words = $reader->text($raw['words'] ?? null, $pointer.'/words');
        if (null === $words || '' === trim($words)) {
            return $reader->refuse($pointer.'/words', 'record.blank', 'Say what you change.');
        }
        $against = $raw['against'] ?? null;

        return [
            'words' => mb_substr(trim($words), 0, self::MOST_WORDS),
            'against' => null === $against ? null : FindingReader::kind($against, $pointer.'/against', $reader, Vocabulary::standard()),
        ];
    }

    /** @return array{words: string, against: string|null}|null */
    private static function ownWords(mixed $value): ?array
    {
        $words = is_array($value) ? $value['words'] ?? null : null;
        $against = is_array($value) ? $value['against'] ?? null : null;

        return is_string($words) ? ['words' => $words, 'against' => is_string($against) ? $against : null] : null;
    }

    private function casting(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        try {
            return $this->notebook
                ->casting(is_string($raw) ? $raw : '', $this->attempt->caster())
                ->id()
                ->toRfc4122();
        } catch (RecordNotFound) {
            return $reader->refuse($pointer, 'record.not_found', 'There is no such casting in this notebook.');
        }
    }

    private function keepOwn(string $field, mixed $value): void
    {
        $text = is_string($value) ? $value : null;
        match ($field) {
            'poured_on' => $this->attempt->pourOn($value instanceof \DateTimeImmutable ? $value : null),
            'verdict' => $this->attempt->judge($text),
            'note' => $this->attempt->remark($text),
            'wanted' => $this->attempt->want(null === $text ? null : (float) $text),
            'name' => $this->attempt->rename($text),
            'heat' => $this->attempt->joinHeat(
                null === $text ? null : $this->notebook->own(Heat::class, Uuid::fromString($text), $this->attempt->caster()),
            ),
            'heap' => $this->attempt->mouldFrom(null === $text ? null : $this->notebook->heap($text, $this->attempt->caster())),
            'pattern' => $this->attempt->mouldOf(
                null === $text ? null : $this->notebook->thing($text, 'patterns', $this->attempt->caster()),
            ),
            'recipe' => $this->attempt->mixBy(
                $text,
                null === $text ? null : $this->notebook->recipe($text, $this->attempt->caster())?->version(),
            ),
            'casting' => $this->move($text),
            'beside' => $this->attempt->compareWith(
                null === $text ? null : $this->notebook->own(Attempt::class, Uuid::fromString($text), $this->attempt->caster()),
            ),
            default => $this->bin(true === $value),
        };
    }

    /** An attempt does not come back to a casting that is in the bin: the casting comes with it. */
    private function bin(bool $in): void
    {
        $this->attempt->bin($in ? $this->now : null);
        $casting = $this->attempt->casting();
        if (!$in && null !== $casting->binnedAt()) {
            $casting->bin(null);
            $casting->touch($this->now);
        }
    }

    private function move(?string $to): void
    {
        $casting = null === $to ? null : $this->notebook->own(Casting::class, Uuid::fromString($to), $this->attempt->caster());
        if (null !== $casting) {
            $this->attempt->moveTo($casting, $this->notebook->nextNumber($casting));
        }
    }

    private function opine(string $cause, mixed $value): void
    {
        $opinion = is_array($value) ? $value['opinion'] ?? null : null;
        $note = is_array($value) ? $value['note'] ?? null : null;
        $sure = is_array($value) ? $value['sure'] ?? null : null;
        $this->attempt->opine(
            $cause,
            in_array($opinion, ['confirmed', 'suspected', 'ruled_out'], true) ? $opinion : null,
            is_string($note) ? $note : null,
            is_string($sure) ? $sure : null,
        );
    }

    private function keepChange(string $remedy, mixed $value): void
    {
        if (!$value instanceof Change) {
            $this->attempt->dropChange($remedy);

            return;
        }
        $known = $this->attempt->changes()[$remedy] ?? null;
        if (null === $known) {
            $this->attempt->acceptChange(new AcceptedChange($this->attempt, $value));
        } else {
            $known->rewrite($value);
        }
    }
}
