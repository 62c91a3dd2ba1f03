<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

/** Marks a call that computes for a while: a caster has a few of these at a time, so that no account holds up the others. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Costly
{
}
