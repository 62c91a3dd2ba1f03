<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Calendar\Step;
use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Finishing\Repair;
use MoltenNotes\Core\Finishing\Route;
use MoltenNotes\Core\NextAttempt\Remedies;
use MoltenNotes\Core\PourDay\Tap;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Field;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Record\ValueWords;

/** What a field is called and what stood in it, for whoever reads of a change. */
final readonly class FieldWords
{
    private const LABELS = [
        'poured_on' => 'Poured on',
        'melted_on' => 'Melted on',
        'verdict' => 'Verdict',
        'note' => 'Note',
        'name' => 'Name',
        'heat' => 'Heat',
        'heap' => 'Sand heap',
        'pattern' => 'Pattern or mould',
        'after' => 'Taken from',
        'recipe' => 'Recipe',
        'at' => 'When',
        'casting' => 'Casting',
        'attempt' => 'Attempt',
        'beside' => 'Compared with',
        'binned' => 'In the bin',
        'made' => 'Made',
        'created' => 'Begun',
        'kind' => 'Kind',
        'places' => 'Where',
        'looks' => 'Looks',
        'shown_at' => 'Showed',
        'severity' => 'How bad',
        'section' => 'On the section',
        'pieces' => 'On the castings',
        'number' => 'Gate or vent',
        'caption' => 'Caption',
        'purpose' => 'What counts as good',
        'wanted' => 'How many',
        'safe_lift' => 'One person lifts',
        'currency' => 'Currency',
        'school' => 'Gating school',
    ];
    /** Fields that take a code of a list. */
    private const LISTS = [
        'verdict' => 'verdict',
        'purpose' => 'purpose',
        'shown_at' => 'shown_at',
        'severity' => 'severity',
        'places' => 'place',
        'looks' => 'look',
        'school' => 'school',
        'source' => 'energy_source',
    ];

    /** Fields that hold the id of another thing of the book. */
    private const NAMED = ['heat', 'casting', 'attempt', 'beside', 'heap', 'pattern', 'after'];

    private const COSTS = ['tax' => 'Tax on top of tariffs', 'monthly' => 'Fees of a month', 'hour' => 'An hour of yours'];

    private QuantityFormatter $format;

    /** @param array<string, string> $names record id → what it is called, for fields that name another record */
    public function __construct(private UnitPreferences $units, private array $names = [])
    {
        $this->format = new QuantityFormatter($units);
    }

    public function label(string $field): string
    {
        [$group, $key] = [...explode('.', $field, 2), ''];

        return match ($group) {
            'planned' => (Fields::find($key)->label ?? $key).', planned',
            'observations' => 'Noticed: '.self::lower(Vocabulary::standard()->observations[$key]['label'] ?? $key),
            'answers' => Vocabulary::standard()->checks[$key]->label ?? $key,
            'opinions' => 'Opinion of '.self::lower(Catalogue::standard()->causes[$key]->label ?? $key),
            'sheet' => 'Change sheet: '.self::lower(Remedies::find($key)->label ?? $key),
            'kept' => 'To stay as it is: '.self::lower(Fields::find($key)->label ?? $key),
            'own' => 'Own change',
            'event' => 'Tapped',
            'hold' => 'Hold',
            'pin' => 'A finding pinned on it',
            'listens' => 'Listens to an instrument',
            'finish' => 'Finishing: '.self::lower(array_column(Route::labels(), 'label', 'code')[$key] ?? $key),
            'mend' => 'Mended: '.self::lower(self::repair($key)),
            'step' => 'Done: '.self::lower(Step::all()[preg_replace('/[.#]\d+$/', '', $key)]->label ?? $key),
            'costs' => self::COSTS[$key] ?? $key,
            'tariffs' => 'Price of '.self::lower(Choices::label('energy_source', $key)),
            default => $this->value($field)->label ?? (self::LABELS[$field] ?? ucfirst(str_replace('_', ' ', $field))),
        };
    }

    public function words(string $field, mixed $plain): string
    {
        $value = $this->value($field);

        return match (true) {
            null === $plain, '' === $plain, [] === $plain => 'blank',
            null !== $value => $this->valueWords($value, $plain),
            is_bool($plain) => $plain ? 'yes' : 'no',
            is_int($plain), is_float($plain) => (string) $plain,
            is_string($plain) => $this->text($field, $plain),
            !is_array($plain) => 'blank',
            default => $this->structure($field, $plain),
        };
    }

    private function value(string $field): ?Field
    {
        [$group, $key] = [...explode('.', $field, 2), ''];

        return in_array($group, ['planned', 'made'], true) ? Fields::find($key) : Fields::find($field);
    }

    private function valueWords(Field $field, mixed $plain): string
    {
        $reader = new ValueReader($this->units);
        $value = $reader->value($field, $plain, '');

        return null === $value
            ? (is_string($plain)
                ? $plain
                : (string) json_encode($plain))
            : ValueWords::of($field->key, $value, $this->format);
    }

    private function text(string $field, string $plain): string
    {
        $list = self::LISTS[$field] ?? (str_starts_with($field, 'answers.') ? 'answer' : null);

        return match (true) {
            self::isDay($field, $plain) => (new \DateTimeImmutable($plain))->format('j M Y'),
            'kind' === $field => Vocabulary::standard()->defects[$plain]->label ?? $plain,
            null !== $list => Choices::label($list, $plain),
            'at' === $field && is_numeric($plain) => (new \DateTimeImmutable('@'.(int) $plain))->format('j M Y H:i').' UTC',
            in_array($field, self::NAMED, true) => $this->names[$plain] ?? 'one that is gone',
            'recipe' === $field => $this->names[$plain] ?? Choices::label('recipe', $plain),
            default => $plain,
        };
    }

    private static function isDay(string $field, string $plain): bool
    {
        return in_array($field, ['poured_on', 'melted_on'], true) && 1 === preg_match('/^\d{4}-\d{2}-\d{2}$/', $plain);
    }

    /** @param array<mixed> $plain */
    private function structure(string $field, array $plain): string
    {
        $new = $plain['new'] ?? null;
        $opinion = $plain['opinion'] ?? null;
        $remedy = str_starts_with($field, 'sheet.') ? Remedies::find(substr($field, 6)) : null;
        if (null !== $remedy) {
            return null === $new || null === $remedy->field ? 'on the sheet' : $this->words($remedy->field, $new);
        }
        $tap = is_string($plain['code'] ?? null) ? Tap::all()[$plain['code']] ?? null : null;
        if (null !== $tap && is_numeric($plain['at'] ?? null)) {
            $time = (new \DateTimeImmutable('@'.(int) $plain['at']))->format('H:i:s');

            return "{$tap->label}, {$time} UTC".(is_string($plain['word'] ?? null) ? ": {$plain['word']}" : '');
        }
        if (str_starts_with($field, 'pin.')) {
            return 'pinned';
        }
        if (str_starts_with($field, 'listens.') && is_numeric($plain['from'] ?? null)) {
            $time = static fn (mixed $at): string => (new \DateTimeImmutable('@'.(is_numeric($at) ? (int) $at : 0)))->format('j M H:i');

            return "from {$time($plain['from'])}".(is_numeric($plain['to'] ?? null) ? " to {$time($plain['to'])} UTC" : ' UTC on');
        }
        if (str_starts_with($field, 'finish.') && is_numeric($plain['at'] ?? null)) {
            return implode(', ', array_filter([
                'done '.(new \DateTimeImmutable('@'.(int) $plain['at']))->format('j M Y H:i').' UTC',
                is_int($plain['minutes'] ?? null) ? "{$plain['minutes']} min" : '',
                is_string($plain['note'] ?? null) ? $plain['note'] : '',
            ]));
        }
        if (str_starts_with($field, 'hold.')) {
            return is_string($plain['reason'] ?? null) ? "overridden: {$plain['reason']}" : 'seen to';
        }
        if (is_string($plain['words'] ?? null)) {
            return $plain['words'];
        }
        if (is_string($opinion)) {
            return str_replace('_', ' ', $opinion).(is_string($plain['note'] ?? null) ? ": {$plain['note']}" : '');
        }
        if (isset($plain['value'], $plain['unit'])) {
            return $this->measured($plain);
        }

        return implode(
            ', ',
            array_map(
                fn (mixed $part, int|string $key): string => (is_int($key) ? '' : "{$key} ").
                    (is_scalar($part) ? $this->text($field, (string) $part) : (string) json_encode($part)),
                $plain,
                array_keys($plain),
            ),
        );
    }

    private static function repair(string $code): string
    {
        foreach (Repair::all() as $one) {
            if ($code === $one->code) {
                return $one->label;
            }
        }

        return $code;
    }

    /** @param array<mixed> $plain */
    private function measured(array $plain): string
    {
        $number = $plain['value'] ?? null;
        try {
            return (is_int($number) || is_float($number)) && is_string($plain['unit'] ?? null)
                ? $this->format->measurement(Measurement::of((float) $number, $plain['unit']))
                : (string) json_encode($plain);
        } catch (CoreError) {
            return (string) json_encode($plain);
        }
    }

    private static function lower(string $words): string
    {
        return mb_strtolower(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }
}
