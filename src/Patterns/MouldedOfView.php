<?php

declare(strict_types=1);

namespace MoltenNotes\App\Patterns;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\PatternBook;
use MoltenNotes\App\Shared\Http\ShownValueAnswer;
use MoltenNotes\Core\Quantity\QuantityFormatter;

/** The pattern that a mould names, as its record shows it. */
final readonly class MouldedOfView
{
    public function __construct(private PatternBook $patterns, private PatternView $view)
    {
    }

    /** Null where the attempt names none. */
    public function of(Attempt $attempt, QuantityFormatter $format): ?MouldedOfAnswer
    {
        $row = $attempt->pattern();
        if (null === $row) {
            return null;
        }
        $line = $this->view->line($row);

        return new MouldedOfAnswer(
            $line->id,
            $line->name,
            $line->standing,
            $line->words[0] ?? ('plain' === $line->standing ? 'Not used yet.' : 'Nothing speaks against it.'),
            ShownValueAnswer::each($this->patterns->valuesFor($attempt), $format),
        );
    }
}
