<?php

declare(strict_types=1);

namespace MoltenNotes\App\Photos;

use MoltenNotes\App\Shared\Http\Answer;

/** Photos of an attempt, or of all attempts at a casting, in the order they were taken. */
final readonly class PhotoListAnswer extends Answer
{
    /** @param list<PhotoAnswer> $photos */
    public function __construct(public array $photos)
    {
    }
}
