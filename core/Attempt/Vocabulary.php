<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Attempt;

use MoltenNotes\Core\Table;

/** What can be written down about a pour: defects in seven classes, observations, checks. */
final readonly class Vocabulary
{
    /**
     * @param array<string, string> $classes letter → words
     * @param array<string, list<string>> $looks letter → parts of a look that say something of it
     * @param array<string, Sign> $defects
     * @param array<string, Sign> $checks
     * @param array<string, array{label: string, when: string, sound: list<string>, step: string|null}> $observations
     */
    private function __construct(
        public array $classes,
        public array $looks,
        public array $defects,
        public array $checks,
        public array $observations,
    ) {
    }

    /** Everything that can be seen, asked or answered of a pour, with its codes. */
    public static function standard(): self
    {
        /** @var self|null $standard */
        static $standard = null;

        return $standard ??= self::load();
    }

    /** Null when nothing of this code can be seen or asked. */
    public function sign(string $code): ?Sign
    {
        return $this->defects[$code] ?? $this->checks[$code] ?? null;
    }

    private static function load(): self
    {
        /** @var list<array{code: string, label: string, looks: list<string>}> $named */
        $named = Table::rows(__DIR__.'/Data/defect_classes.php', ['code', 'label', 'looks']);
        $classes = array_column($named, 'label', 'code');
        $looks = array_column($named, 'looks', 'code');
        /** @var list<array{code: string, class: string, label: string, words: string, leak: float}> $atlas */
        $atlas = Table::rows(__DIR__.'/Data/defects.php', ['code', 'class', 'label', 'words', 'leak']);
        $defects = [];
        foreach ($atlas as $row) {
            $defects[$row['code']] = new Sign($row['code'], $row['class'], $row['label'], $row['words'], [], $row['leak'], null);
        }
        /**
         * @var list<array{code: string, question: string, how: string, asked_with: list<string>, leak: float,
         *     processes: list<string>|null, known_by: list<string>, effort: string, destroys: string, needs: list<string>}> $rows
         */
        $rows = Table::rows(
            __DIR__.'/Data/checks.php',
            ['code', 'question', 'how', 'leak'],
            ['asked_with' => [], 'processes' => null, 'known_by' => [], 'effort' => 'look', 'destroys' => '', 'needs' => []],
        );
        $checks = [];
        foreach ($rows as $row) {
            ['code' => $code, 'question' => $question, 'how' => $how, 'asked_with' => $askedWith] = $row;
            $checks[$code] = new Sign(
                $code,
                '',
                $question,
                $how,
                $askedWith,
                $row['leak'],
                $row['processes'],
                $row['known_by'],
                $row['effort'],
                $row['destroys'],
                $row['needs'],
            );
        }
        /** @var list<array{code: string, label: string, when: string, sound: list<string>, step: string|null}> $noticed */
        $noticed = Table::rows(__DIR__.'/Data/observations.php', ['code', 'label', 'when'], ['sound' => [], 'step' => null]);
        $observations = [];
        foreach ($noticed as $row) {
            ['code' => $code, 'label' => $label, 'when' => $when, 'sound' => $sound, 'step' => $step] = $row;
            $observations[$code] = ['label' => $label, 'when' => $when, 'sound' => $sound, 'step' => $step];
        }

        return new self($classes, $looks, $defects, $checks, $observations);
    }
}
