<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

use MoltenNotes\Core\CoreError;

/** A file that is no mesh, or not all of one. */
final class UnreadableMesh extends \DomainException implements CoreError
{
    /** @param array<string, scalar|null> $facts */
    private function __construct(string $message, private readonly string $stableCode, private readonly array $facts)
    {
        parent::__construct($message);
    }

    /** Fewer bytes than a head has. */
    public static function tooShort(int $bytes): self
    {
        return new self('This is too short to be an STL file.', 'mesh.too_short', ['bytes' => $bytes]);
    }

    /** The file ends before the facets that it promises. */
    public static function brokenOff(int $read, int $promised): self
    {
        return new self("The file breaks off: it promises {$promised} facets and holds {$read}. Send it again.", 'mesh.broken_off', [
            'read' => $read,
            'promised' => $promised,
        ]);
    }

    /** A facet without an end, after $read whole ones. */
    public static function endless(int $read): self
    {
        return new self("This is not the text of an STL file: after {$read} facets it goes on without the end of one.", 'mesh.endless', [
            'read' => $read,
        ]);
    }

    /** A file without a facet. */
    public static function empty(): self
    {
        return new self('There is no facet in this file.', 'mesh.empty', []);
    }

    public function errorCode(): string
    {
        return $this->stableCode;
    }

    public function facts(): array
    {
        return $this->facts;
    }
}
