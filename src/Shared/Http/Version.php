<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

/** The version that runs, as CHANGELOG.md counts. */
final class Version
{
    public const CURRENT = '0.11.0';
}
