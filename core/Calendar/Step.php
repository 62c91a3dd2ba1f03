<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Calendar;

use MoltenNotes\Core\Table;

/** One step of a pour. The door to Data/steps.php; units and sources stand at its head. */
final readonly class Step
{
    /**
     * @param list<string> $in mould processes, or *
     * @param array{int, int} $hands minutes
     * @param array{int, int} $runs minutes
     * @param array{int, int} $waits minutes
     * @param FieldKey|null $field value of the record that stands before what is usual
     * @param 'may'|'watched'|'never' $alone
     * @param list<string> $after codes
     */
    private function __construct(
        public string $code,
        public string $label,
        public array $in,
        public ?string $only,
        public array $hands,
        public array $runs,
        public array $waits,
        public ?string $field,
        public bool $dries,
        public bool $cures,
        public ?string $machine,
        public string $alone,
        public bool $tied,
        public array $after,
    ) {
    }

    /** Whether moulds of such a process have this step. Source: the table. */
    public function isIn(string $process): bool
    {
        return in_array('*', $this->in, true) || in_array($process, $this->in, true);
    }

    /** @return array<string, self> by code, in working order */
    public static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;

        return $all ??= self::load();
    }

    /** @return array<string, self> */
    private static function load(): array
    {
        /**
         * @var list<array{code: string, label: string, in: list<string>, hands: array{int, int}, only: string|null, runs: array{int, int},
         *     waits: array{int, int}, field: FieldKey|null, dries: bool, cures: bool, machine: string|null, alone: 'may'|'watched'|'never',
         *     tied: bool, after: list<string>}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/steps.php', ['code', 'label', 'in', 'hands'], [
            'only' => null, 'runs' => [0, 0], 'waits' => [0, 0], 'field' => null, 'dries' => false, 'cures' => false, 'machine' => null,
            'alone' => 'may', 'tied' => false, 'after' => [],
        ]);
        $all = [];
        foreach ($rows as $row) {
            $all[$row['code']] = new self(
                $row['code'],
                $row['label'],
                $row['in'],
                $row['only'],
                $row['hands'],
                $row['runs'],
                $row['waits'],
                $row['field'],
                $row['dries'],
                $row['cures'],
                $row['machine'],
                $row['alone'],
                $row['tied'],
                $row['after'],
            );
        }

        return $all;
    }
}
