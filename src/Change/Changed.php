<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use Symfony\Component\Uid\Uuid;

/** One field that was changed, as the history keeps it. */
final readonly class Changed
{
    public function __construct(
        public Part $part,
        public Uuid $record,
        public Uuid $about,
        public string $field,
        public mixed $was,
        public mixed $became,
    ) {
    }
}
