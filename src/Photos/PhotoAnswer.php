<?php

declare(strict_types=1);

namespace MoltenNotes\App\Photos;

use MoltenNotes\App\Shared\Http\Answer;

/** A photo, and where findings show on it. */
final readonly class PhotoAnswer extends Answer
{
    /**
     * @param float $takenAt seconds since 1970
     * @param list<array{finding: string, kind: string, label: string, section: string|null, x: float, y: float}> $pins
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $attemptId,
        public int $number,
        public ?string $verdict,
        public float $takenAt,
        public int $width,
        public int $height,
        public ?string $caption,
        public array $pins,
    ) {
    }
}
