<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use Symfony\Component\HttpFoundation\JsonResponse;

/** What a controller sends: an answer whose shape is a class, never a loose array. */
final class AnswerResponse extends JsonResponse
{
    /** @param array<string, string> $headers */
    public function __construct(Answer $answer, int $status = 200, array $headers = [])
    {
        parent::__construct($answer, $status, $headers);
    }
}
