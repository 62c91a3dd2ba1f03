<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Record\ValueWords;

/** A value as it is stored and as this caster reads it. */
final readonly class ShownValueAnswer extends Answer
{
    /** @param array<mixed>|string|int|bool $raw */
    public function __construct(public array|string|int|bool $raw, public string $shown)
    {
    }

    /** @return object field → itself; an object even when empty */
    public static function each(Values $values, QuantityFormatter $format): object
    {
        $raw = $values->toArray();
        $shown = [];
        foreach ($values->all() as $field => $value) {
            $shown[$field] = new self($raw[$field], ValueWords::of($field, $value, $format));
        }

        return (object) $shown;
    }
}
