<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

/** Whether the notebook can be read and written, and how much room is left. */
final readonly class HealthAnswer extends Answer
{
    /**
     * @param 'ok'|'failing' $status
     * @param array{reading: bool, writing: bool} $storage
     */
    public function __construct(
        public string $status,
        public array $storage,
        public ?float $diskFreeBytes,
        public string $version,
    ) {
    }
}
