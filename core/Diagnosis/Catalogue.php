<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Attempt\Sign;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Table;

/** The catalogue: causes, how they show, and what a record says about them. Data of the trade behind one door. */
final readonly class Catalogue
{
    /**
     * @param array<string, Cause> $causes
     * @param array<string, array<string, array{float, string}>> $signs cause → sign → [strength, why]
     * @param array<string, list<EvidenceRule>> $evidence cause → rules
     * @param array<string, list<Refinement>> $refinements cause → rules
     * @param array<string, array{label: string, unit: string, basis: string}> $facts
     */
    private function __construct(
        public Vocabulary $vocabulary,
        public array $causes,
        public array $signs,
        public array $evidence,
        public array $refinements,
        public array $facts,
    ) {
    }

    /** All causes, signs and refinements of the tables. */
    public static function standard(): self
    {
        /** @var self|null $standard */
        static $standard = null;

        return $standard ??= self::load();
    }

    /** @return list<string> */
    public function causeCodes(): array
    {
        return array_keys($this->causes);
    }

    /** @return array<string, float> cause → strength, for one sign */
    public function causesOf(string $sign): array
    {
        $found = [];
        foreach ($this->signs as $cause => $signs) {
            if (isset($signs[$sign])) {
                $found[$cause] = $signs[$sign][0];
            }
        }

        return $found;
    }

    /**
     * @param list<string> $defects
     *
     * @return list<Sign> checks worth asking with these defects in this process
     */
    public function checksFor(array $defects, ?string $process): array
    {
        return array_values(
            array_filter(
                $this->vocabulary->checks,
                static fn (Sign $check): bool => (null === $check->processes
                    || null === $process
                    || in_array($process, $check->processes, true))
                    && ([] === $check->askedWith || [] !== array_intersect($check->askedWith, $defects)),
            ),
        );
    }

    /** What a fact rests on, so that one measurement is not counted twice. */
    public function basisOf(string $fact): string
    {
        return $this->facts[$fact]['basis'] ?? $fact;
    }

    private static function load(): self
    {
        /**
         * @var list<array{code: string, label: string, prior: float, processes: list<string>|null, families: list<string>|null,
         *     words: string}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/causes.php', ['code', 'label', 'prior', 'words'], ['processes' => null, 'families' => null]);
        $causes = [];
        foreach ($rows as $row) {
            ['code' => $code, 'label' => $label, 'prior' => $prior, 'words' => $words] = $row;
            $causes[$code] = new Cause($code, $label, $prior, $row['processes'], $row['families'], $words);
        }
        /** @var array<string, array<string, array{float, string}>> $signs */
        $signs = require __DIR__.'/Data/signs.php';
        /** @var list<array{code: string, label: string, unit: string, basis: string}> $named */
        $named = Table::rows(__DIR__.'/Data/facts.php', ['code', 'label', 'unit', 'basis']);
        $facts = [];
        foreach ($named as $row) {
            $facts[$row['code']] = ['label' => $row['label'], 'unit' => $row['unit'], 'basis' => $row['basis']];
        }

        return new self(Vocabulary::standard(), $causes, $signs, self::evidence(), self::refinements(), $facts);
    }

    /** @return array<string, list<EvidenceRule>> */
    private static function evidence(): array
    {
        /**
         * @var list<array{cause: string, fact: string, unit: string, ratios: list<array{float|int, float|int}>|array<string, float>,
         *     raised: string, lowered: string, processes: list<string>|null, families: list<string>|null, source: string}> $rows
         */
        $rows = Table::rows(
            __DIR__.'/Data/evidence.php',
            ['cause', 'fact', 'unit', 'ratios'],
            ['raised' => '', 'lowered' => '', 'processes' => null, 'families' => null, 'source' => 'common practice'],
        );
        $evidence = [];
        foreach ($rows as $row) {
            $curve = null;
            $map = null;
            foreach ($row['ratios'] as $key => $entry) {
                if (is_array($entry)) {
                    $curve[] = [(float) $entry[0], (float) $entry[1]];
                } else {
                    $map[(string) $key] = $entry;
                }
            }
            $evidence[$row['cause']][] = new EvidenceRule(
                $row['cause'],
                $row['fact'],
                $row['unit'],
                $curve,
                $map,
                $row['raised'],
                $row['lowered'],
                $row['processes'],
                $row['families'],
                $row['source'],
            );
        }

        return $evidence;
    }

    /** @return array<string, list<Refinement>> */
    private static function refinements(): array
    {
        /**
         * @var list<array{causes: list<string>, findings: list<string>, kind: 'place'|'look'|'shown', code: string, ratio: float,
         *     words: string}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/refinements.php', ['causes', 'findings', 'kind', 'code', 'ratio', 'words']);
        $refinements = [];
        foreach ($rows as $row) {
            ['findings' => $findings, 'kind' => $kind, 'code' => $code] = $row;
            foreach ($row['causes'] as $cause) {
                $refinements[$cause][] = new Refinement($cause, $findings, $kind, $code, $row['ratio'], $row['words']);
            }
        }

        return $refinements;
    }
}
