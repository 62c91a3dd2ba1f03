<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Experience;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Charge\EnergySource;
use MoltenNotes\Core\Charge\MeltEnergy;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Power;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Record\Values;

/** What one heat taught of its furnace: which share of the energy drawn reached the metal, and how fast the heat went in. */
final readonly class PastHeat
{
    /** Where nobody wrote how hot it got, K above the liquidus; common practice. */
    private const USUAL_SUPERHEAT_K = 100.0;
    private const AIR_C = 20.0;

    /**
     * @param string|null $furnace as the caster calls it; null where that is not written
     * @param string|null $crucible likewise
     * @param Ratio|null $efficiency above 0, below 1; null where no energy was written
     * @param string|null $source what heated it, as its record says; null where that is not written
     * @param Power|null $pace heat into the metal over the time from lighting to all liquid; null where no time was written
     */
    public function __construct(
        public ?string $furnace,
        public ?string $crucible,
        public ?Ratio $efficiency,
        public ?Power $pace,
        public ?string $source = null,
    ) {
    }

    /** Null where a heat tells nothing: its metal, its charge, or both energy and time are missing. Source: derived, an energy balance. */
    public static function from(Values $values): ?self
    {
        $alloy = AlloyTable::find($values->choice('metal.alloy') ?? '');
        $charge = $values->measurement('metal.charge');
        if (null === $alloy || null === $charge || $charge->si() <= 0.0) {
            return null;
        }
        $mass = Mass::fromSi($charge->si());
        $air = Temperature::fromCelsius(self::AIR_C);
        $drawn = DrawnEnergy::of($values, EnergySource::find($values->choice('melt.energy_source')))->energy->si ?? 0.0;
        $peak = $values->measurement('melt.peak')?->asTemperature()
            ?? Temperature::fromSi($alloy->liquidus->kelvin() + self::USUAL_SUPERHEAT_K);
        $share = $drawn > 0.0 ? MeltEnergy::of($alloy, $mass, $air, $peak)->si() / $drawn : 1.0;
        $time = $values->measurement('melt.time')?->si() ?? 0.0;
        $pace = $time > 0.0 ? MeltEnergy::of($alloy, $mass, $air, $alloy->liquidus)->si() / $time : null;
        // More than was drawn is a slip of the pen, and teaches nothing.
        $efficiency = $share < 1.0 ? Ratio::fromSi($share) : null;

        return null === $efficiency && null === $pace ? null : new self(
            self::name($values->choice('melt.furnace')),
            self::name($values->choice('crucible.name')),
            $efficiency,
            null === $pace ? null : Power::fromSi($pace),
            EnergySource::find($values->choice('melt.energy_source'))?->code,
        );
    }

    /** @return array<string, mixed> as the attempt document holds it */
    public function toArray(): array
    {
        return array_filter(
            [
                'furnace' => $this->furnace,
                'crucible' => $this->crucible,
                'efficiency' => $this->efficiency?->si(),
                'pace' => $this->pace?->si(),
                'source' => $this->source,
            ],
            static fn (mixed $part): bool => null !== $part,
        );
    }

    /** Names are the same however they are written. */
    public static function name(?string $raw): ?string
    {
        $plain = mb_strtolower(trim($raw ?? ''));

        return '' === $plain ? null : $plain;
    }
}
