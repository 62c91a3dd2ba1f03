<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** What planned pours of one melt ask of the shelf. */
final readonly class NeedAnswer extends Answer
{
    /**
     * @param int $others moulds of the same melt besides
     * @param string $wanted metal to charge, in words
     * @param string $there of that metal, in words
     */
    public function __construct(
        public string $attemptId,
        public string $name,
        public int $number,
        public int $others,
        public string $metal,
        public string $wanted,
        public string $there,
        public string $sentence,
        public string $standing,
    ) {
    }
}
