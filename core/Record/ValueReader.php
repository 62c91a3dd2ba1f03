<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\Nearest;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\QuantityParser;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Quantity\UnitTable;

/**
 * Reads named values from untrusted input and collects everything that is wrong or doubtful instead of stopping at the first.
 * Impossible is refused, unlikely is questioned, blank is left out.
 */
final class ValueReader
{
    private const LONGEST_TEXT = 2000;

    /** @var list<FieldProblem> */
    private array $problems = [];

    /** @var list<FieldProblem> */
    private array $questions = [];

    private readonly QuantityParser $parser;
    private readonly QuantityFormatter $formatter;

    public function __construct(UnitPreferences $preferences)
    {
        $this->parser = new QuantityParser($preferences);
        $this->formatter = new QuantityFormatter($preferences);
    }

    /** @param string $pointer where the set of values stands in its document */
    public function values(mixed $input, string $pointer): Values
    {
        if (null === $input) {
            return Values::none();
        }
        if (!is_array($input) || ([] !== $input && array_is_list($input))) {
            $this->refuse($pointer, 'record.not_an_object', 'This must be an object of named values.');

            return Values::none();
        }
        $values = [];
        foreach ($input as $key => $raw) {
            $key = (string) $key;
            $at = $pointer.'/'.self::escape($key);
            $field = Fields::find($key);
            if (null === $field) {
                $this->refuse($at, 'record.unknown_field', UnknownField::key($key, array_keys(Fields::all()))->getMessage());
                continue;
            }
            $value = $this->value($field, $raw, $at);
            if (null !== $value) {
                $values[$key] = $value;
            }
        }

        return Values::of($values);
    }

    /** One value, or null when it is blank or was refused. */
    public function value(Field $field, mixed $raw, string $pointer): Measurement|Sections|string|int|bool|null
    {
        if (null === $raw || '' === $raw || (is_string($raw) && '' === trim($raw))) {
            return null;
        }

        return match ($field->kind) {
            FieldKind::Quantity => $this->quantity($field, $raw, $pointer),
            FieldKind::Choice => $this->choice($field->choices ?? '', $raw, $pointer),
            FieldKind::Count => $this->count($field, $raw, $pointer),
            FieldKind::Flag => $this->flag($raw, $pointer),
            FieldKind::Text => $this->text($raw, $pointer),
            FieldKind::Sections => SectionsReader::read($raw, $pointer, $this),
        };
    }

    /**
     * A measurement that is not a named value of a record: one of a section, of a thing in the workshop.
     *
     * @param array{float|int, float|int} $possible in the unit, refused outside
     * @param array{float|int, float|int}|null $usual in the unit, questioned outside
     */
    public function measured(string $name, string $unit, array $possible, ?array $usual, mixed $raw, string $pointer): ?Measurement
    {
        $value = $this->value(
            new Field(
                $name,
                '',
                '',
                ucfirst(str_replace('_', ' ', $name)),
                FieldKind::Quantity,
                null,
                UnitTable::get($unit),
                [(float) $possible[0], (float) $possible[1]],
                null === $usual ? null : [(float) $usual[0], (float) $usual[1]],
                null,
                '',
            ),
            $raw,
            $pointer,
        );

        return $value instanceof Measurement ? $value : null;
    }

    /** Null when refused, blank among it; the fault is kept with its pointer and the nearest word. */
    public function choice(string $list, mixed $raw, string $pointer): ?string
    {
        $known = Choices::list($list);
        if (is_string($raw) && isset($known[$raw])) {
            return $raw;
        }
        $given = is_scalar($raw) ? mb_substr(mb_scrub((string) $raw), 0, 40) : gettype($raw);
        $suggestion = Nearest::to($given, array_map(strval(...), array_keys($known)));
        $this->refuse(
            $pointer,
            'record.unknown_choice',
            "“{$given}” is not one of the choices here.".(null === $suggestion ? '' : " Did you mean {$suggestion}?"),
        );

        return null;
    }

    /**
     * Each once; what is refused is left out, its fault kept with its pointer. Null is an empty list.
     *
     * @return list<string>
     */
    public function choices(string $list, mixed $raw, string $pointer): array
    {
        if (null === $raw) {
            return [];
        }
        if (!is_array($raw) || !array_is_list($raw)) {
            $this->refuse($pointer, 'record.not_a_list', 'This must be a list.');

            return [];
        }
        $codes = [];
        foreach ($raw as $index => $code) {
            $codes[] = $this->choice($list, $code, "{$pointer}/{$index}");
        }

        return array_values(array_unique(array_filter($codes, static fn (?string $code): bool => null !== $code)));
    }

    /** Null when blank or refused: too long, or no text. */
    public function text(mixed $raw, string $pointer): ?string
    {
        if (null === $raw || '' === $raw) {
            return null;
        }
        if (!is_string($raw)) {
            $this->refuse($pointer, 'record.not_text', 'This must be text.');

            return null;
        }
        if (mb_strlen($raw) > self::LONGEST_TEXT) {
            $this->refuse($pointer, 'record.text_too_long', 'At most '.self::LONGEST_TEXT.' characters fit here.');

            return null;
        }

        return $raw;
    }

    /**
     * Refuses every key that is not known here, with the nearest one that is.
     *
     * @param array<mixed> $given
     * @param list<int|string> $known
     */
    public function refuseUnknown(array $given, array $known, string $pointer, string $code, string $words): void
    {
        $known = array_map(strval(...), $known);
        foreach (array_diff(array_map(strval(...), array_keys($given)), $known) as $unknown) {
            $suggestion = Nearest::to(mb_scrub($unknown), $known);
            $this->refuse(
                $pointer.'/'.self::escape($unknown),
                $code,
                $words.(null === $suggestion ? '' : " Did you mean {$suggestion}?"),
            );
        }
    }

    /**
     * An object of JSON, or an empty one where it was refused. An empty list passes as an empty object: PHP cannot tell the two apart.
     *
     * @return array<mixed>
     */
    public function object(mixed $raw, string $pointer, string $words = 'This must be an object.'): array
    {
        if (is_array($raw) && ([] === $raw || !array_is_list($raw))) {
            return $raw;
        }
        $this->refuse($pointer, 'record.not_an_object', $words);

        return [];
    }

    /** Yes or no, and no where it is blank; anything else is refused. */
    public function mark(mixed $raw, string $pointer): bool
    {
        return null !== $raw && true === $this->flag($raw, $pointer);
    }

    /** @return null so that a reader can refuse and give nothing in one line */
    public function refuse(string $pointer, string $code, string $message): null
    {
        $this->problems[] = new FieldProblem($pointer, $code, $message);

        return null;
    }

    /** @return list<FieldProblem> */
    public function problems(): array
    {
        return $this->problems;
    }

    /** @return list<FieldProblem> what was taken but looks unlikely */
    public function questions(): array
    {
        return $this->questions;
    }

    /** @throws RejectedRecord when anything was refused */
    public function insist(): void
    {
        if ([] !== $this->problems) {
            throw RejectedRecord::because($this->problems);
        }
    }

    /** JSON Pointer escaping, RFC 6901 section 3. */
    public static function escape(string $key): string
    {
        return str_replace(['~', '/'], ['~0', '~1'], $key);
    }

    private function quantity(Field $field, mixed $raw, string $pointer): ?Measurement
    {
        $unit = $field->unit;
        if (null === $unit) {
            return null;
        }
        try {
            $measurement = match (true) {
                is_string($raw) => $this->parser->parse($raw, $unit->dimension),
                is_array($raw) => $this->written($raw),
                default => null,
            };
        } catch (CoreError $error) {
            $this->refuse($pointer, $error->errorCode(), $error->getMessage());

            return null;
        }
        if (null === $measurement || $measurement->dimension !== $unit->dimension) {
            $this->refuse(
                $pointer,
                'quantity.wrong_kind',
                "This must be {$unit->dimension->withArticle()} with its unit, such as {\"value\": 12, \"unit\": \"{$unit->code}\"}.",
            );

            return null;
        }
        $values = [$unit->fromSi($measurement->lowerSi), $unit->fromSi($measurement->upperSi ?? $measurement->lowerSi)];
        if ($this->outside($field->possible, $values)) {
            $this->refuse($pointer, 'record.impossible', $this->boundMessage($field, $field->possible, $measurement, 'cannot be'));

            return null;
        }
        if ($this->outside($field->likely, $values)) {
            $this->questions[] = new FieldProblem(
                $pointer,
                'record.unlikely',
                $this->boundMessage($field, $field->likely, $measurement, 'is unusual'),
            );
        }

        return $measurement;
    }

    /** @param array<mixed> $raw */
    private function written(array $raw): ?Measurement
    {
        if ([] !== array_diff_key($raw, ['value' => 0, 'unit' => 0, 'upper' => 0])) {
            return null;
        }
        $value = $raw['value'] ?? null;
        $unit = $raw['unit'] ?? null;
        $upper = $raw['upper'] ?? null;
        if ((!is_int($value) && !is_float($value)) || !is_string($unit) || (null !== $upper && !is_int($upper) && !is_float($upper))) {
            return null;
        }

        return Measurement::of((float) $value, $unit, null === $upper ? null : (float) $upper);
    }

    private function count(Field $field, mixed $raw, string $pointer): ?int
    {
        if (is_string($raw) && 1 === preg_match('/^\s*\d{1,6}\s*$/', $raw)) {
            $raw = (int) trim($raw);
        }
        if (!is_int($raw)) {
            $this->refuse($pointer, 'record.not_a_count', 'This must be a whole number.');

            return null;
        }
        if ($this->outside($field->possible, [(float) $raw])) {
            $this->refuse($pointer, 'record.impossible', "{$field->label} cannot be {$raw}.");

            return null;
        }
        if ($this->outside($field->likely, [(float) $raw])) {
            $this->questions[] = new FieldProblem($pointer, 'record.unlikely', "{$field->label}: {$raw} is unusual. Kept as you wrote it.");
        }

        return $raw;
    }

    private function flag(mixed $raw, string $pointer): ?bool
    {
        if (is_bool($raw)) {
            return $raw;
        }
        $this->refuse($pointer, 'record.not_yes_or_no', 'This must be yes or no (true or false).');

        return null;
    }

    /**
     * @param array{float, float}|null $bounds
     * @param non-empty-list<float> $values
     */
    private function outside(?array $bounds, array $values): bool
    {
        // A millionth of slack: 150 °C typed as 302 °F must not fall a rounding error below 150 °C.
        return null !== $bounds
            && (min($values) < $bounds[0] - 1e-6 * max(1, abs($bounds[0])) || max($values) > $bounds[1] + 1e-6 * max(1, abs($bounds[1])));
    }

    /** @param array{float, float}|null $bounds */
    private function boundMessage(Field $field, ?array $bounds, Measurement $measurement, string $verb): string
    {
        $shown = $this->formatter->measurement($measurement);
        if (null === $bounds || null === $field->unit) {
            return "{$field->label}: {$shown}.";
        }
        $low = $this->formatter->si($field->unit->toSi($bounds[0]), $field->unit->dimension);
        $high = $this->formatter->si($field->unit->toSi($bounds[1]), $field->unit->dimension);

        return 'cannot be' === $verb
            ? "{$field->label} cannot be {$shown}; it lies between {$low} and {$high}."
            : "{$field->label}: {$shown} is unusual; most lie between {$low} and {$high}. Kept as you wrote it.";
    }
}
