<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Shared\Http\Answer;

/** How far the worker is with a mesh, and what it measured. */
final readonly class MeshReadingAnswer extends Answer
{
    /**
     * @param float $share of the file, 0 to 1
     * @param array{code: string, title: string}|null $refused
     */
    public function __construct(
        public string $id,
        public string $state,
        public string $askedAt,
        public float $share,
        public ?array $refused,
        public ?MeshAnswer $mesh,
    ) {
    }
}
