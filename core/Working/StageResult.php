<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Working;

use MoltenNotes\Core\Quantity\QuantityFormatter;

/** What one stage of a plan could compute, what it lacks for the rest, and what it took for granted. */
final readonly class StageResult
{
    /**
     * @param list<Figure> $figures
     * @param list<array{for: string, fields: list<string>, words: string}> $missing
     * @param list<array{words: string, field: string|null}> $assumptions
     * @param list<array{code: string, words: string, subject: string, standing: string}> $risks
     */
    public function __construct(public array $figures, public array $missing, public array $assumptions, public array $risks)
    {
    }

    /** @param FigureCode $code */
    public function figure(string $code, string $subject = ''): ?Figure
    {
        foreach ($this->figures as $figure) {
            if ($figure->code === $code && $figure->subject === $subject) {
                return $figure;
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    public function toArray(QuantityFormatter $format): array
    {
        return [
            'figures' => array_map(static fn (Figure $figure): array => $figure->toArray($format), $this->figures),
            'missing' => $this->missing,
            'assumptions' => $this->assumptions,
            'risks' => $this->risks,
        ];
    }
}
