<?php

declare(strict_types=1);

namespace MoltenNotes\App\PourDay;

use MoltenNotes\App\Shared\Http\Answer;

/** Something that was tapped. */
final readonly class DayEventAnswer extends Answer
{
    /** @param float $at seconds since 1970 */
    public function __construct(public string $id, public string $code, public string $label, public float $at, public ?string $word)
    {
    }
}
