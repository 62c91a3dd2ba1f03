<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use MoltenNotes\App\Shared\Http\Answer;

/** An instrument of the workshop: what it last read, and since when. */
final readonly class InstrumentAnswer extends Answer
{
    /**
     * @param 'thermocouple'|'scale'|'power'|'weather'|'file' $kind
     * @param float|null $seenAt seconds since 1970
     * @param float|null $runningSince seconds since 1970: the beginning of its present run
     * @param list<array{quantity: string, shown: string, at: float, simulated: bool}> $last
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public string $kindLabel,
        public bool $revoked,
        public bool $simulated,
        public ?float $seenAt,
        public ?float $runningSince,
        public array $last,
    ) {
    }
}
