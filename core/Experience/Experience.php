<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Experience;

/**
 * What a caster's other pours have taught that counts for a record: what was foretold of each pour of the same process and whether it
 * filled, and what each heat taught of its furnace. The record's own outcome is never part of it: a pour must not foretell itself.
 */
final readonly class Experience
{
    /**
     * @param string|null $process mould process the pours are of
     * @param list<array{ratio: float, filled: bool}> $pours fill ratio as predicted without any factor, above zero, and the outcome
     * @param list<PastHeat> $heats
     */
    public function __construct(public ?string $process = null, public array $pours = [], public array $heats = [])
    {
    }

    /** Somebody without a record: nothing is calibrated. */
    public static function none(): self
    {
        return new self();
    }

    /** The factor on flow lengths in a mould of this process; none where the pours are of another. */
    public function calibration(?string $process): Calibration
    {
        return [] === $this->pours || $process !== $this->process ? Calibration::none() : Calibration::from($this->pours);
    }

    /** Those that count for a furnace and a crucible, as the caster calls them, and for what heats it. */
    public function heatsLike(?string $furnace, ?string $crucible, ?string $source = null): LikeHeats
    {
        return LikeHeats::among($this->heats, $furnace, $crucible, $source);
    }

    /** @return array<string, mixed> as the attempt document holds it; empty where there is none */
    public function toArray(): array
    {
        return array_filter(
            [
                'process' => $this->process,
                'pours' => $this->pours,
                'heats' => array_map(static fn (PastHeat $heat): array => $heat->toArray(), $this->heats),
            ],
            static fn (mixed $part): bool => null !== $part && [] !== $part,
        );
    }
}
