<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Calendar;

/** One thing to do before or after a pour: hands on it, then it runs by itself, then it waits. Minutes. */
final readonly class Task
{
    /**
     * @param string $key of its own, in one calendar
     * @param int $hands minutes somebody is at it, in one go, inside a working window; 0 for what only takes time
     * @param int $runs minutes it then goes on by itself and keeps its machine
     * @param int $waits minutes until what comes next may begin: drying, setting, cooling
     * @param list<string> $after keys of what must be through first
     * @param string|null $machine that it keeps while hands are on it and while it runs; one task at a time
     * @param bool $tied done as late as it can be: what is tempered, melted or poured does not keep
     * @param int|null $due minute at which it is to be through; null where nobody said
     * @param int|null $began minute at which it was begun, or is done; null where it is still to come
     * @param int $notBefore minute before which it cannot begin
     */
    public function __construct(
        public string $key,
        public int $hands,
        public int $runs,
        public int $waits,
        public array $after = [],
        public ?string $machine = null,
        public bool $tied = false,
        public ?int $due = null,
        public ?int $began = null,
        public int $notBefore = \PHP_INT_MIN,
    ) {
    }

    /** Minutes from its begin until what comes next may begin. */
    public function length(): int
    {
        return $this->hands + $this->runs + $this->waits;
    }

    /** Minutes that it keeps its machine. */
    public function occupies(): int
    {
        return $this->hands + $this->runs;
    }

    /** The same, not before a minute. */
    public function notBefore(int $minute): self
    {
        return new self(
            $this->key,
            $this->hands,
            $this->runs,
            $this->waits,
            $this->after,
            $this->machine,
            $this->tied,
            $this->due,
            $this->began,
            max($minute, $this->notBefore),
        );
    }
}
