<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;

/** A pour of which it is known what really happened: what a diagnosis is held against. */
final readonly class KnownCase
{
    public const FORMAT = 'molten-notes/case';
    private const PARTS = ['format', 'version', 'truth', 'also', 'clear', 'near', 'because', 'document'];

    /**
     * @param string|null $truth cause that made what was found; null for a good casting
     * @param list<string> $also causes at work besides, or that nobody could tell from the truth by this record
     * @param list<string> $clear causes that a good foundryman would clear
     * @param list<string> $near causes that nearly did harm
     */
    private function __construct(
        public string $name,
        public AttemptRecord $record,
        public ?string $truth,
        public array $also,
        public array $clear,
        public array $near,
        public string $because,
    ) {
    }

    /**
     * @throws RejectedRecord when it is no case, names a cause that is none, or its document is refused
     */
    public static function read(string $name, mixed $input, Catalogue $catalogue): self
    {
        $problems = [];
        if (!is_array($input) || self::FORMAT !== ($input['format'] ?? null) || 1 !== ($input['version'] ?? null)) {
            throw RejectedRecord::because([new FieldProblem('/format', 'case.format', 'This must be "'.self::FORMAT.'", version 1.')]);
        }
        foreach (array_diff(array_keys($input), self::PARTS) as $part) {
            $problems[] = new FieldProblem("/{$part}", 'case.unknown_part', 'This is not a part of a case.');
        }
        $truth = $input['truth'] ?? null;
        $lists = ['truth' => null === $truth ? [] : [$truth]];
        foreach (['also', 'clear', 'near'] as $part) {
            $lists[$part] = is_array($input[$part] ?? []) ? array_values($input[$part] ?? []) : [null];
        }
        $causes = [];
        foreach ($lists as $part => $list) {
            $causes[$part] = [];
            foreach ($list as $cause) {
                if (is_string($cause) && isset($catalogue->causes[$cause])) {
                    $causes[$part][] = $cause;
                } else {
                    $problems[] = new FieldProblem("/{$part}", 'case.unknown_cause', 'This names no cause of the catalogue.');
                }
            }
        }
        $because = $input['because'] ?? null;
        if (!is_string($because) || '' === trim($because)) {
            $problems[] = new FieldProblem('/because', 'case.because', 'A case says why its truth is the truth.');
        }
        if ([] !== $problems) {
            throw RejectedRecord::because($problems);
        }
        ['record' => $record] = AttemptDocument::read($input['document'] ?? null, $catalogue->causeCodes());

        return new self(
            $name,
            $record,
            $causes['truth'][0] ?? null,
            $causes['also'],
            $causes['clear'],
            $causes['near'],
            is_string($because) ? $because : '',
        );
    }

    /** Whether a cause was at work, so far as anybody could tell. */
    public function isTrue(string $cause): bool
    {
        return $cause === $this->truth || in_array($cause, $this->also, true);
    }
}
