<?php

declare(strict_types=1);

namespace MoltenNotes\App\LogPour;

use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Record\Vocabulary;

/** What a caster sends when logging or changing an attempt, read and checked. */
final readonly class AttemptEntry
{
    private const PARTS = ['planned', 'made', 'heat', 'poured_on', 'verdict', 'note', 'observations', 'version', 'casting_id'];

    /**
     * @param list<string>       $observations
     * @param list<FieldProblem> $questions    taken, but unlikely
     */
    private function __construct(
        public Values $planned,
        public Values $made,
        public Values $heat,
        public ?string $heatId,
        public ?\DateTimeImmutable $pouredOn,
        public ?string $verdict,
        public ?string $note,
        public array $observations,
        public ?int $version,
        public ?string $castingId,
        public array $questions,
    ) {
    }

    /** @param array<string, mixed> $body */
    public static function read(array $body, UnitPreferences $units, \DateTimeImmutable $today): self
    {
        $reader = new ValueReader($units);
        $reader->refuseUnknown($body, self::PARTS, '', 'record.unknown_part', 'This is not part of an attempt.');
        $heat = $reader->object($body['heat'] ?? [], '/heat');
        $reader->refuseUnknown($heat, ['id', 'values'], '/heat', 'record.unknown_part', 'This is not told of a heat.');
        $made = self::apart($reader->values($body['made'] ?? null, '/made'), $reader->values($heat['values'] ?? null, '/heat/values'), $reader);
        $entry = new self(
            $reader->values($body['planned'] ?? null, '/planned'),
            $made[0],
            $made[1],
            isset($heat['id']) ? $reader->text($heat['id'], '/heat/id') : null,
            self::date($body['poured_on'] ?? null, $reader, $today),
            isset($body['verdict']) ? $reader->choice('verdict', $body['verdict'], '/verdict') : null,
            $reader->text($body['note'] ?? null, '/note'),
            self::observations($body['observations'] ?? [], $reader),
            self::version($body['version'] ?? null, $reader),
            isset($body['casting_id']) ? $reader->text($body['casting_id'], '/casting_id') : null,
            $reader->questions(),
        );
        if (null !== $entry->verdict && null === $entry->pouredOn) {
            $reader->refuse('/poured_on', 'record.verdict_before_pour', 'Say when it was poured before you judge it.');
        }
        $reader->insist();

        return $entry;
    }

    /**
     * A value that belongs to the melt is kept with the heat, wherever the form held it.
     *
     * @return array{Values, Values}
     */
    private static function apart(Values $made, Values $heat, ValueReader $reader): array
    {
        $own = [];
        $shared = $heat->all();
        foreach ($made->all() as $field => $value) {
            if (Fields::get($field)->isOfTheHeat()) {
                $shared[$field] = $value;
            } else {
                $own[$field] = $value;
            }
        }
        foreach (array_keys($shared) as $field) {
            if (!Fields::get($field)->isOfTheHeat()) {
                $reader->refuse('/heat/values/'.ValueReader::escape($field), 'record.not_of_the_heat', 'This belongs to the attempt, not to the melt.');
            }
        }

        return [Values::of($own), Values::of($shared)];
    }

    /** Anything but a number would pass for a first save, and write over what is there. */
    private static function version(mixed $raw, ValueReader $reader): ?int
    {
        if (null === $raw || is_int($raw)) {
            return $raw;
        }
        $reader->refuse('/version', 'record.not_a_count', 'The version is the whole number that was read.');

        return null;
    }

    private static function date(mixed $raw, ValueReader $reader, \DateTimeImmutable $today): ?\DateTimeImmutable
    {
        if (null === $raw || '' === $raw) {
            return null;
        }
        $date = is_string($raw) && 1 === preg_match('/^\d{4}-\d{2}-\d{2}$/', $raw) ? \DateTimeImmutable::createFromFormat('!Y-m-d', $raw) : false;
        if (false === $date || $date->format('Y-m-d') !== $raw) {
            $reader->refuse('/poured_on', 'record.not_a_date', 'This must be a date such as 2026-05-03.');

            return null;
        }
        // A day of grace: it may be tomorrow already where the caster stands.
        if ($date > $today->modify('+1 day')) {
            $reader->refuse('/poured_on', 'record.in_the_future', 'This day has not come yet. Leave it blank while the pour is only planned.');
        }

        return $date;
    }

    /** @return list<string> */
    private static function observations(mixed $raw, ValueReader $reader): array
    {
        if (!is_array($raw) || !array_is_list($raw)) {
            $reader->refuse('/observations', 'record.not_a_list', 'This must be a list.');

            return [];
        }
        $codes = [];
        foreach ($raw as $index => $code) {
            if (!is_string($code) || !isset(Vocabulary::standard()->observations[$code])) {
                $reader->refuse("/observations/{$index}", 'record.unknown_code', 'This is not an observation we know.');
                continue;
            }
            $codes[] = $code;
        }

        return array_values(array_unique($codes));
    }
}
