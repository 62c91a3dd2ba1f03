<?php

declare(strict_types=1);

namespace MoltenNotes\App\LogPour;

use MoltenNotes\App\Shared\Http\Answer;

/** One melt, with what is written of it. */
final readonly class HeatAnswer extends Answer
{
    /** @param object $values field → ShownValueAnswer */
    public function __construct(
        public string $id,
        public ?string $name,
        public ?string $meltedOn,
        public int $version,
        public object $values,
    ) {
    }
}
