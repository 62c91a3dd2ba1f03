<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Cost;

use MoltenNotes\Core\Charge\EnergySource;
use MoltenNotes\Core\Experience\DrawnEnergy;
use MoltenNotes\Core\Quantity\Estimate;

/** What is known of a pour that costs money or hours. */
final readonly class PourFacts
{
    /**
     * @param EnergySource|null $source of the melt
     * @param DrawnEnergy $drawn by the melt, as measured
     * @param Estimate|null $reckoned J that its plan reckons with
     * @param Estimate|null $oven J that oven or kiln drew for this mould
     * @param Estimate $share of the melt that this mould has, 0…1
     * @param int $heats of the month it was melted in, 1 or more
     * @param list<array{name: string, kg: float, price: float|null}> $charged into the melt by the book
     * @param list<array{name: string, kg: float}> $returned by the melt
     * @param Estimate|null $lost kg of metal that this mould does not give back by its plan: casting, dross and splashes
     * @param array{name: string, price: float}|null $shelf the lot whose price stands for its metal where the book says nothing
     * @param list<array{name: string, amount: float, unit: string, price: float|null, whole: bool}> $used consumables; whole: of the melt
     * @param list<array{name: string, cost: float, uses: array{int, int}, times: int, whole: bool}> $tools what wears with each use
     * @param Estimate|null $hours s hands on
     * @param bool $isTold whether somebody told the hours
     * @param int $castings of the mould, 1 or more
     * @param Estimate|null $heat J into the metal of this mould, by its plan
     * @param string|null $furnace of the workshop, that it was melted in
     */
    public function __construct(
        public ?EnergySource $source,
        public DrawnEnergy $drawn,
        public ?Estimate $reckoned,
        public ?Estimate $oven,
        public Estimate $share,
        public int $heats,
        public array $charged,
        public array $returned,
        public ?Estimate $lost,
        public ?array $shelf,
        public array $used,
        public array $tools,
        public ?Estimate $hours,
        public bool $isTold,
        public int $castings = 1,
        public ?Estimate $heat = null,
        public ?string $furnace = null,
    ) {
    }
}
