<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use MoltenNotes\Core\Record\FieldProblem;

/** Why something was not done (RFC 9457), with what is wrong at which field, or what clashes with what. */
final readonly class ProblemAnswer extends Answer
{
    /**
     * @param list<FieldProblem> $problems
     * @param list<Answer> $clashes
     */
    public function __construct(
        public string $type,
        public int $status,
        public string $code,
        public string $title,
        public array $problems,
        public array $clashes,
    ) {
    }

    /** Lists with nothing in them are not told: whoever finds clashes has something to decide. */
    public function jsonSerialize(): array
    {
        return array_filter(parent::jsonSerialize(), static fn (mixed $member): bool => [] !== $member);
    }
}
