<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

/** What is wrong, or worth asking about, at one place of a record. */
final readonly class FieldProblem
{
    /** @param string $pointer JSON Pointer (RFC 6901) from the root of the document */
    public function __construct(public string $pointer, public string $code, public string $message)
    {
    }

    /** @return array{pointer: string, code: string, message: string} */
    public function toArray(): array
    {
        return ['pointer' => $this->pointer, 'code' => $this->code, 'message' => $this->message];
    }
}
