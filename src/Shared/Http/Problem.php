<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use MoltenNotes\Core\Record\FieldProblem;

/** Errors as application/problem+json (RFC 9457), with a JSON Pointer for each field at fault. */
final class Problem
{
    /** Told by whoever notices first: the look at the disk before a write, or storage itself. */
    public static function diskFull(): AnswerResponse
    {
        return self::response(
            507,
            'storage.full',
            'The disk is full: nothing was stored. What you wrote is still on this screen; make room, then save again.',
            [],
            [],
            ['Retry-After' => '60'],
        );
    }

    /**
     * @param list<FieldProblem> $fields
     * @param list<Answer> $clashes
     * @param array<string, string> $headers
     */
    public static function response(
        int $status,
        string $code,
        string $title,
        array $fields = [],
        array $clashes = [],
        array $headers = [],
    ): AnswerResponse {
        return new AnswerResponse(
            new ProblemAnswer('about:blank', $status, $code, $title, $fields, $clashes),
            $status,
            ['Content-Type' => 'application/problem+json'] + $headers,
        );
    }
}
