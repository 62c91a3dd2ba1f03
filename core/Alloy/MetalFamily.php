<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Alloy;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Table;

/**
 * What is alike in all alloys of a family of metals. The door to the one table of families; units, ranges and sources of every column stand
 * at its head.
 */
final readonly class MetalFamily
{
    private const COLUMNS = [
        'code', 'label', 'tension_n_m', 'viscosity_pa_s', 'bath_emissivity', 'heats_sand', 'sand_around', 'pour_rule', 'ratios',
        'melt_loss', 'stiff_below_c', 'bears_water', 'common',
    ];

    /**
     * @param float $tension N/m at the melting point, 0.3…2
     * @param float $viscosity Pa·s a little above the melting point, 0.0005…0.01
     * @param float $bathEmissivity of the bath in the pot, 0…1
     * @param 'warm'|'hot'|'white' $heatsSand how hot it makes the sand it lies in
     * @param float $sandAround how much more sand it wants around it than a light metal, 1…2
     * @param 'light'|'copper'|'iron' $pourRule whose rule for the time of a pour holds
     * @param array<string, array{float, float, float}> $ratios school → areas of sprue base, runner and gates to each other
     * @param array<string, array{float, float}> $meltLoss kind of charge or * → share of its mass, least and most
     * @param float $stiffBelow °C below which a flat part taken out no longer warps, 50…600
     * @param bool $bearsWater whether it is ever quenched from the mould
     * @param float $common share of hobby pours, 0…1
     */
    private function __construct(
        public string $code,
        public string $label,
        public float $tension,
        public float $viscosity,
        public float $bathEmissivity,
        public string $heatsSand,
        public float $sandAround,
        public string $pourRule,
        public array $ratios,
        public array $meltLoss,
        public float $stiffBelow,
        public bool $bearsWater,
        public float $common,
    ) {
    }

    /** @throws \LogicException when the table of alloys names a family that the table of families does not have */
    public static function of(Alloy $alloy): self
    {
        return self::find($alloy->family) ?? throw new \LogicException("There is no family {$alloy->family}.");
    }

    /** Null when there is no such family. */
    public static function find(string $code): ?self
    {
        return self::all()[$code] ?? null;
    }

    /** @return array<string, self> */
    public static function all(): array
    {
        /** @var array<string, self>|null $families */
        static $families = null;

        return $families ??= self::load();
    }

    /**
     * What a charge of this kind usually loses to dross, slag and fume: share of its mass, 0…1, with its spread. Source: common practice.
     *
     * @param string|null $charge kind of charge; null when it is not told, which counts as unknown scrap
     */
    public function usualLoss(?string $charge): Estimate
    {
        [$low, $high] = $this->meltLoss[$charge ?? 'unknown'] ?? $this->meltLoss['*'];

        return Estimate::ratio(($low + $high) / 2, $low, $high);
    }

    /** @return array<string, self> */
    private static function load(): array
    {
        /**
         * @var list<array{code: string, label: string, tension_n_m: float, viscosity_pa_s: float, bath_emissivity: float,
         *     heats_sand: 'warm'|'hot'|'white', sand_around: float, pour_rule: 'light'|'copper'|'iron',
         *     ratios: array<string, array{float, float, float}>, melt_loss: array<string, array{float, float}>,
         *     stiff_below_c: float, bears_water: bool, common: float}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/families.php', self::COLUMNS);
        $families = [];
        foreach ($rows as $row) {
            $families[$row['code']] = new self(
                code: $row['code'],
                label: $row['label'],
                tension: $row['tension_n_m'],
                viscosity: $row['viscosity_pa_s'],
                bathEmissivity: $row['bath_emissivity'],
                heatsSand: $row['heats_sand'],
                sandAround: $row['sand_around'],
                pourRule: $row['pour_rule'],
                ratios: $row['ratios'],
                meltLoss: $row['melt_loss'],
                stiffBelow: $row['stiff_below_c'],
                bearsWater: $row['bears_water'],
                common: $row['common'],
            );
        }

        return $families;
    }
}
