<?php

declare(strict_types=1);

namespace MoltenNotes\App\Finish;

use MoltenNotes\App\Shared\Http\Answer;

/** A heat treatment that such metal bears. */
final readonly class TreatmentAnswer extends Answer
{
    /**
     * @param list<array{label: string, set: string, limit: string, celsius: float, hold: string, seconds: float, then: string}> $stages
     * @param list<string> $cautions
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $gives,
        public array $stages,
        public array $cautions,
        public string $source,
        public bool $chosen,
    ) {
    }
}
