<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;

/** An alloy, temperatures and density as this caster reads them. */
final readonly class AlloyAnswer extends Answer
{
    /** @param list<string> $attributes */
    public function __construct(
        public string $code,
        public string $name,
        public string $family,
        public string $note,
        public array $attributes,
        public string $freezing,
        public string $liquidus,
        public string $solidus,
        public string $pour,
        public string $density,
        public float $contractionPercent,
        public float $shrinkagePercent,
        public string $mark,
        public string $source,
    ) {
    }

    public static function of(Alloy $alloy, QuantityFormatter $format): self
    {
        return new self(
            code: $alloy->code,
            name: $alloy->name,
            family: $alloy->family,
            note: $format->words($alloy->note),
            attributes: $alloy->attributes,
            freezing: $alloy->freezing->value,
            liquidus: $format->quantity($alloy->liquidus),
            solidus: $format->quantity($alloy->solidus),
            pour: $format->measurement(Measurement::fromSi($alloy->pourHeavy->kelvin(), 'degC', $alloy->pourThin->kelvin())),
            density: $format->quantity($alloy->densitySolid),
            contractionPercent: round($alloy->contraction->in('percent'), 2),
            shrinkagePercent: round($alloy->shrinkage->in('percent'), 2),
            mark: $alloy->mark('liquidus_c')->value,
            source: $alloy->source('liquidus_c'),
        );
    }
}
