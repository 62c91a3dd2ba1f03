<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** Columns of a thing or of an entry, by the tables of the core. */
trait Contents
{
    /** As they are read; whatever of it no longer fits is kept and shown. */
    #[ORM\Column(type: Types::JSON)]
    private mixed $content = [];

    /** @return array<string, mixed> */
    public function content(): array
    {
        $content = [];
        foreach (is_array($this->content) ? $this->content : [] as $key => $value) {
            $content[(string) $key] = $value;
        }

        return $content;
    }

    public function set(string $column, mixed $value): void
    {
        $content = $this->content();
        $content[$column] = $value;
        $this->content = array_filter($content, static fn (mixed $kept): bool => null !== $kept);
    }
}
