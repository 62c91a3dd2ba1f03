<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

/** A mesh that is given up: it takes too long, or its file has gone. The message is for the caster. */
final class MeshTooSlow extends \RuntimeException
{
}
