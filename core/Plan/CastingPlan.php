<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan;

use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Working\Figure;
use MoltenNotes\Core\Working\StageResult;

/** A whole plan: every stage with its figures, what it lacks, what it took for granted, and the risks in one list. */
final readonly class CastingPlan
{
    public const FORMAT = 'molten-notes/plan';
    public const VERSION = 1;
    private const TITLES = [
        'pattern' => 'Pattern',
        'metal' => 'Metal',
        'gating' => 'Gating',
        'filling' => 'Will it fill',
        'feeding' => 'Will it feed',
        'venting' => 'Venting',
        'mould' => 'Mould',
        'cooling' => 'Opening',
    ];

    /** The figures that answer a stage's question, and how they are said. */
    private const TELLING = [
        'pattern' => ['casting_mass' => 'One casting weighs {value}', 'scale_factor' => 'the pattern is {value} times as large'],
        'metal' => ['charge' => 'Melt {value}', 'melt_time' => 'it takes {value}'],
        'gating' => [
            'sprue_base' => 'Sprue {value} at the base', 'fill_time' => 'it fills in {value}', 'cup_volume' => 'the cup holds {value}',
        ],
        'filling' => ['fill_ratio' => 'It fills: the tightest place has {value} times what it needs', 'window' => 'pour at {value}'],
        'venting' => ['vents_wanted' => 'Vents wanted: {value}'],
        'cooling' => ['solid_through' => 'Solid right through after {value}', 'stiff_after' => 'stiff after {value}'],
        'mould' => [
            'cope_weights' => 'Weights on the cope: {value}', 'sand_weights' => 'weight on the sand: {value}',
            'flask_length' => 'from {value} long inside',
        ],
    ];

    /** @param array<string, StageResult> $stages */
    public function __construct(public array $stages, public Assembly $assembly, public ?CastingGeometry $solid, public bool $hasRisers)
    {
    }

    /**
     * The first figure of this code; of a section when named.
     *
     * @param FigureCode $code
     */
    public function figure(string $stage, string $code, string $subject = ''): ?Figure
    {
        return $this->stages[$stage]->figure($code, $subject) ?? null;
    }

    /**
     * The figure of this code with the least value: the one that stands worst, for ratios that should be large.
     *
     * @param FigureCode $code
     */
    public function least(string $stage, string $code): ?Figure
    {
        return $this->among($stage, $code)[0] ?? null;
    }

    /**
     * The figure of this code with the greatest value.
     *
     * @param FigureCode $code
     */
    public function most(string $stage, string $code): ?Figure
    {
        $figures = $this->among($stage, $code);

        return [] === $figures ? null : $figures[array_key_last($figures)];
    }

    /** @return list<Figure> all of this code, the least value first */
    private function among(string $stage, string $code): array
    {
        $figures = array_values(
            array_filter($this->stages[$stage]->figures ?? [], static fn (Figure $figure): bool => $figure->code === $code),
        );
        usort($figures, static fn (Figure $a, Figure $b): int => $a->value->si <=> $b->value->si);

        return $figures;
    }

    /** The figure behind a risk, which may be no figure's own: then null. */
    public function behind(string $stage, string $risk, string $subject): ?Figure
    {
        foreach ($this->stages[$stage]->figures ?? [] as $figure) {
            if ($figure->code === $risk && $figure->subject === $subject) {
                return $figure;
            }
        }

        return null;
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

    /**
     * Each stage in one sentence, worst news first within it: a risk where there is one, else the number that answers its question, else
     * what is missing.
     *
     * @return list<array{stage: string, title: string, words: string, standing: 'good'|'risky'|'bad'|'plain'|'unknown'}>
     */
    public function answers(QuantityFormatter $format): array
    {
        $answers = [];
        foreach ($this->stages as $stage => $result) {
            $answers[] = ['stage' => $stage, 'title' => self::TITLES[$stage] ?? $stage] + $this->answer($stage, $result, $format);
        }

        return $answers;
    }

    /** @return array{words: string, standing: 'good'|'risky'|'bad'|'plain'|'unknown'} */
    private function answer(string $stage, StageResult $result, QuantityFormatter $format): array
    {
        foreach (['bad', 'risky'] as $standing) {
            foreach ($result->risks as $risk) {
                if ($risk['standing'] === $standing) {
                    $helps = 'fill_ratio' === $risk['code'] ? $this->figure($stage, 'lever', $risk['subject']) : null;

                    return ['words' => trim($risk['words'].' '.($helps->note ?? '')), 'standing' => $standing];
                }
            }
        }
        $said = [];
        foreach (self::TELLING[$stage] ?? [] as $code => $words) {
            $figure = 'filling' === $stage ? $this->least($stage, $code) : $this->figure($stage, $code);
            if (null !== $figure) {
                $said[] = str_replace('{value}', Figure::shown($figure->value, $format), $words);
            }
        }

        return match (true) {
            [] !== $said => ['words' => ucfirst(implode('; ', $said)).'.', 'standing' => 'filling' === $stage ? 'good' : 'plain'],
            [] !== $result->missing => ['words' => $result->missing[0]['words'], 'standing' => 'unknown'],
            default => ['words' => 'Nothing speaks against it.', 'standing' => 'good'],
        };
    }

    /** @return array<string, mixed> */
    public function toArray(QuantityFormatter $format): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'stages' => $this->stages($format),
            'risks' => $this->risks(),
            'solid' => $this->solid?->toArray($this->hasRisers),
        ];
    }

    /** @return list<array<string, mixed>> each stage with its title, figures, gaps, assumptions and risks, in the order of the work */
    public function stages(QuantityFormatter $format): array
    {
        $stages = [];
        foreach ($this->stages as $code => $result) {
            $stages[] = ['stage' => $code, 'title' => self::TITLES[$code] ?? $code] + $result->toArray($format);
        }

        return $stages;
    }
}
