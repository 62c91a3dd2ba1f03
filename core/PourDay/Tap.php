<?php

declare(strict_types=1);

namespace MoltenNotes\Core\PourDay;

use MoltenNotes\Core\Table;

/** Something that can be tapped on the day. */
final readonly class Tap
{
    /**
     * @param 'melt'|'carry'|'pour'|'cooling'|'any' $phase where its button stands
     * @param string|null $seen observation that it notices in the record
     * @param array<string, bool> $sets what it says of fields
     * @param string|null $takes what is typed with it: a field, or "word"
     * @param list<string>|null $processes where it can happen, null for all
     */
    private function __construct(
        public string $code,
        public string $label,
        public string $phase,
        public ?string $seen,
        public array $sets,
        public ?string $takes,
        public ?array $processes,
    ) {
    }

    /** @return array<string, self> by code, in the order of the day */
    public static function all(): array
    {
        /** @var array<string, self>|null $taps */
        static $taps = null;
        if (null === $taps) {
            /**
             * @var list<array{code: string, label: string, phase: 'melt'|'carry'|'pour'|'cooling'|'any', seen: string|null,
             *     sets: array<string, bool>, takes: string|null, processes: list<string>|null}> $rows
             */
            $rows = Table::rows(
                __DIR__.'/Data/taps.php',
                ['code', 'label', 'phase'],
                ['seen' => null, 'sets' => [], 'takes' => null, 'processes' => null],
            );
            $taps = [];
            foreach ($rows as $row) {
                $taps[$row['code']] = new self(
                    $row['code'],
                    $row['label'],
                    $row['phase'],
                    $row['seen'],
                    $row['sets'],
                    $row['takes'],
                    $row['processes'],
                );
            }
        }

        return $taps;
    }

    /** Whether it can happen in a mould of this kind; where none is told, anywhere. */
    public function isPossibleIn(?string $process): bool
    {
        return null === $this->processes || null === $process || in_array($process, $this->processes, true);
    }
}
