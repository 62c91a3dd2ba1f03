<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Mould;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Estimate;

/** How a mould takes heat from the metal. Source: the table of processes. */
final readonly class MouldMaterial
{
    /**
     * @param float $conductivity W/mK, 0.2…50
     * @param float $density kg/m³
     * @param float $heat J/kgK
     * @param Estimate $transfer W/m²K at the face, as a plain number
     * @param float|null $wall m, of a mould that stands free in the air; null for a thick or buried one
     */
    private function __construct(
        public string $process,
        public float $conductivity,
        public float $density,
        public float $heat,
        public Estimate $transfer,
        private MouldProcess $row,
        public ?float $wall,
    ) {
    }

    /**
     * Null when the process is unknown: sand and rubber are too far apart to guess.
     *
     * @param float|null $wall m, as told; else as usual for a process that has a thin one
     * @param bool $buried in sand: then it cools as thick as that
     */
    public static function of(?string $process, ?Alloy $alloy, ?float $wall = null, bool $buried = false): ?self
    {
        $row = MouldProcess::find($process);

        return null === $row
            ? null
            : new self(
                $row->code,
                $row->conductivityUnder(null === $alloy ? null : MetalFamily::of($alloy)),
                $row->density,
                $row->heat,
                Estimate::ratio(...$row->transfer),
                $row,
                null === $row->wall || $buried ? null : $wall ?? $row->wall / 1000,
            );
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

    /** Heat leaves through the face alone: the mould itself takes it as fast as it comes. */
    public function isMetal(): bool
    {
        return 'metal_mould' === $this->process;
    }

    /** Foam fills the mould and sets the pace of the metal; what is a rule of sand does not hold there. */
    public function isLostFoam(): bool
    {
        return 'lost_foam' === $this->process;
    }

    /** No parting: one box, flask or bucket. By the table of processes. */
    public function isOnePiece(): bool
    {
        return $this->row->onePiece;
    }

    /** The narrowest sprue of it that is kept full by hand, m. By the table of processes. */
    public function leastBore(): float
    {
        return $this->row->leastBore / 1000;
    }

    /** Sand breathes; the rest needs a vent at each high point. Common practice. */
    public function breathes(): bool
    {
        return $this->row->breathes;
    }

    /** Moulding sand held together by a binder, by the table of processes. */
    public function isSandMould(): bool
    {
        return $this->row->bondedSand;
    }
}
