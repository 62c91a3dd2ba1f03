<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Mould;

use MoltenNotes\Core\Quantity\Estimate;

/** How a mould takes heat from the metal. The door to the table of mould materials. */
final readonly class MouldMaterial
{
    /**
     * @param float $conductivity W/mK, 0.2…50
     * @param float $density kg/m³
     * @param float $heat J/kgK
     * @param Estimate $transfer W/m²K at the face, as a plain number
     */
    private function __construct(
        public string $process,
        public float $conductivity,
        public float $density,
        public float $heat,
        public Estimate $transfer,
    ) {
    }

    /** Null when the process is unknown: sand and rubber are too far apart to guess. */
    public static function of(?string $process, string $family): ?self
    {
        foreach (self::rows() as [$code, $light, $copper, $iron, $density, $heat, $h, $hLow, $hHigh]) {
            if ($code === $process) {
                $k = match ($family) {
                    'copper', 'silver' => $copper,
                    'iron' => $iron,
                    default => $light,
                };

                return new self($code, $k, $density, $heat, Estimate::ratio($h, $hLow, $hHigh));
            }
        }

        return null;
    }

    /**
     * Heat diffusivity b = √(k ρ c), W·√s/m²K: how greedily the mould draws heat. Source: H. S. Carslaw, J. C. Jaeger, recalled from
     * memory.
     */
    public function greed(): float
    {
        return sqrt($this->conductivity * $this->density * $this->heat);
    }

    /** Thermal diffusivity α = k / ρc, m²/s. */
    public function diffusivity(): float
    {
        return $this->conductivity / ($this->density * $this->heat);
    }

    public function isMetal(): bool
    {
        return 'metal_mould' === $this->process;
    }

    /** Sand breathes; the rest needs a vent at each high point. Common practice. */
    public function breathes(): bool
    {
        return in_array($this->process, ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand', 'printed_sand', 'lost_foam'], true);
    }

    public function isSandMould(): bool
    {
        return $this->breathes() && 'lost_foam' !== $this->process;
    }

    /** @return list<array{string, float, float, float, float, float, float, float, float}> */
    private static function rows(): array
    {
        /** @var list<array{string, float, float, float, float, float, float, float, float}>|null $rows */
        static $rows = null;

        return $rows ??= self::load();
    }

    /** @return list<array{string, float, float, float, float, float, float, float, float}> */
    private static function load(): array
    {
        /** @var list<array{string, float, float, float, float, float, float, float, float}> $rows */
        $rows = require __DIR__.'/Data/materials.php';

        return $rows;
    }
}
