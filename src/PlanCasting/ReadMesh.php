<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

/** Told to the worker: an uploaded mesh waits to be read. */
final readonly class ReadMesh
{
    public function __construct(public string $reading)
    {
    }
}
