<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Storage;

/** A folder of the application's own files. */
final class Folder
{
    /** @throws \RuntimeException when it is not there and cannot be made */
    public static function insist(string $dir): void
    {
        if (!is_dir($dir) && !@mkdir($dir, 0o770, true) && !is_dir($dir)) {
            throw new \RuntimeException("{$dir} cannot be made.");
        }
    }
}
