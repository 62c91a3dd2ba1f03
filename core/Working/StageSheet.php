<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Working;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;

/** Collects what a stage computes while it computes; result() closes it. */
final class StageSheet
{
    /** @var list<Figure> */
    private array $figures = [];

    /** @var list<array{for: string, fields: list<string>, words: string}> */
    private array $missing = [];

    /** @var array<string, array{words: string, field: string|null}> */
    private array $assumptions = [];

    /** @var list<array{code: string, words: string, subject: string, standing: string}> */
    private array $risks = [];

    public function __construct(private readonly QuantityFormatter $format)
    {
    }

    /**
     * Adds a figure; its working's result and spread are worded here, from the value itself.
     *
     * @param FigureCode $code
     * @param list<WorkingInput> $inputs
     * @param 'good'|'risky'|'bad'|'plain' $standing
     */
    public function add(
        string $code,
        string $label,
        Estimate $value,
        string $formula,
        array $inputs,
        string $source,
        Mark $mark,
        string $standing = 'plain',
        string $note = '',
        string $subject = '',
    ): Figure {
        $spread = $value->isExact() ? '' : '± '.round(100 * $value->relativeSpread()).' %';
        $figure = new Figure(
            $code,
            $label,
            $value,
            new Working($formula, $inputs, Figure::shown($value, $this->format), $spread, $source, $mark),
            $standing,
            $note,
            $subject,
        );
        $this->figures[] = $figure;
        if ('risky' === $standing || 'bad' === $standing) {
            $this->risks[] = ['code' => $code, 'words' => '' === $note ? $label : $note, 'subject' => $subject, 'standing' => $standing];
        }

        return $figure;
    }

    /** @param list<FieldKey> $fields what would have to be known */
    public function lacks(string $for, array $fields, string $words): void
    {
        $this->missing[] = ['for' => $for, 'fields' => $fields, 'words' => $words];
    }

    /** @param FieldKey|null $field */
    public function assume(string $words, ?string $field = null): void
    {
        $this->assumptions[$words] = ['words' => $words, 'field' => $field];
    }

    /** @param 'risky'|'bad' $standing */
    public function warn(string $code, string $words, string $standing = 'risky', string $subject = ''): void
    {
        $this->risks[] = ['code' => $code, 'words' => $words, 'subject' => $subject, 'standing' => $standing];
    }

    /** A number that goes into a formula, with where it is from: typed, table, computed or assumed. */
    public function input(string $symbol, string $label, Estimate $value, string $origin = 'computed'): WorkingInput
    {
        return new WorkingInput(
            $symbol,
            $label,
            Figure::shown($value, $this->format),
            'typed' === $origin || 'table' === $origin || 'default' === $origin ? $origin : 'computed',
        );
    }

    /** All that was written on the sheet. */
    public function result(): StageResult
    {
        return new StageResult($this->figures, $this->missing, array_values($this->assumptions), $this->risks);
    }
}
