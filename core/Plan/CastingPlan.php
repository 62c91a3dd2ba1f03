<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan;

use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Working\Figure;
use MoltenNotes\Core\Working\StageResult;

/** A whole plan: every stage with its figures, what it lacks, what it took for granted, and the risks in one list. */
final readonly class CastingPlan
{
    public const FORMAT = 'molten-notes/plan';
    public const VERSION = 1;
    private const TITLES = ['pattern' => 'Pattern', 'metal' => 'Metal', 'gating' => 'Gating', 'filling' => 'Will it fill', 'feeding' => 'Will it feed', 'venting' => 'Venting', 'mould' => 'Mould'];

    /** @param array<string, StageResult> $stages */
    public function __construct(public array $stages)
    {
    }

    /** The first figure of this code; of a section when named. */
    public function figure(string $stage, string $code, string $subject = ''): ?Figure
    {
        return $this->stages[$stage]->figure($code, $subject) ?? null;
    }

    /** The figure of this code that stands worst: the least, for ratios that should be large. */
    public function least(string $stage, string $code): ?Figure
    {
        $least = null;
        foreach ($this->stages[$stage]->figures ?? [] as $figure) {
            if ($figure->code === $code && (null === $least || $figure->value->si < $least->value->si)) {
                $least = $figure;
            }
        }

        return $least;
    }

    /** @return list<array{stage: string, code: string, words: string, subject: string, standing: string}> bad ones first */
    public function risks(): array
    {
        $risks = [];
        foreach ($this->stages as $stage => $result) {
            foreach ($result->risks as $risk) {
                $risks[] = ['stage' => $stage] + $risk;
            }
        }
        usort($risks, static fn (array $a, array $b): int => ('bad' === $b['standing'] ? 1 : 0) <=> ('bad' === $a['standing'] ? 1 : 0));

        return $risks;
    }

    /** @return array<string, mixed> */
    public function toArray(QuantityFormatter $format): array
    {
        $stages = [];
        foreach ($this->stages as $code => $result) {
            $stages[] = ['stage' => $code, 'title' => self::TITLES[$code] ?? $code] + $result->toArray($format);
        }

        return ['format' => self::FORMAT, 'version' => self::VERSION, 'stages' => $stages, 'risks' => $this->risks()];
    }
}
