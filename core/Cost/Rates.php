<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Cost;

use MoltenNotes\Core\Charge\EnergySource;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\ColumnReader;

/** What a caster pays by: tariffs as on the bill, tax on top of them, fees that come every month, and what an hour is worth. */
final readonly class Rates
{
    public const SETTINGS = ['tax', 'monthly', 'hour'];

    /**
     * @param array<string, float> $tariffs energy source → price of a kWh, kilogram or cubic metre, without the tax
     * @param float $tax on energy, as a fraction, 0 or more
     * @param float|null $monthly fees of a month that are for casting; null where nobody said
     * @param float|null $hour of one's own; null where it is not to be counted
     */
    public function __construct(
        public string $currency,
        public array $tariffs,
        public float $tax = 0.0,
        public ?float $monthly = null,
        public ?float $hour = null,
    ) {
    }

    /** What a unit of the fuel costs with its tax; null where nobody said. */
    public function of(EnergySource $source): ?float
    {
        $tariff = $this->tariffs[$source->code] ?? $this->tariffs[$source->paidAs] ?? null;

        return null === $tariff ? null : $tariff * (1 + $this->tax);
    }

    /** One of the settings from untrusted input: a share for the tax, an amount for the others. Null is blank, or was refused. */
    public static function setting(string $setting, mixed $raw, string $pointer, ValueReader $reader): Measurement|float|null
    {
        return match (true) {
            null === $raw, '' === $raw => null,
            'tax' === $setting => $reader->measured('tax', 'percent', [0, 100], [0, 30], $raw, $pointer),
            default => ColumnReader::price($raw, $pointer, $reader),
        };
    }

    /**
     * As they are kept; what can no longer be read is blank.
     *
     * @param array<mixed> $kept
     * @param array<string, float> $tariffs
     */
    public static function from(array $kept, array $tariffs, string $currency): self
    {
        $reader = new ValueReader(UnitPreferences::metric());
        $read = static fn (string $setting): Measurement|float|null => self::setting($setting, $kept[$setting] ?? null, '', $reader);
        [$tax, $monthly, $hour] = [$read('tax'), $read('monthly'), $read('hour')];

        return new self(
            $currency,
            $tariffs,
            $tax instanceof Measurement ? $tax->si() : 0.0,
            is_float($monthly) ? $monthly : null,
            is_float($hour) ? $hour : null,
        );
    }
}
