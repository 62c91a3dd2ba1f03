<?php

declare(strict_types=1);

namespace MoltenNotes\App\Photos;

/** A photo as it is kept: drawn anew from its dots, with nothing else of the file that came. */
final readonly class MadePhoto
{
    public function __construct(public string $jpeg, public string $thumbnail, public int $width, public int $height)
    {
    }
}
