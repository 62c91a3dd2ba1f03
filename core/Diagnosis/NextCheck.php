<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Attempt\Sign;
use MoltenNotes\Core\Record\Choices;

/** A check not made yet, and how much its answer is expected to tell. */
final readonly class NextCheck
{
    /** How dear a check is, a look being 1. */
    private const COSTS = ['remember' => 0.9, 'look' => 1.0, 'feel' => 1.1, 'weigh' => 1.3, 'break' => 1.6, 'wait' => 2.0, 'saw' => 2.5];

    /**
     * @param float $gainBits expected fall of the causes' entropy, in bits
     * @param float $chance P(yes) as things stand
     * @param list<array{cause: string, label: string, if_yes: float, if_no: float}> $moves the causes it would move most
     */
    public function __construct(public Sign $check, public float $gainBits, public float $chance, public array $moves)
    {
    }

    /** What it tells for what it takes: a look is worth more than a saw cut that tells as much. The costs are common practice. */
    public function worth(): float
    {
        return $this->gainBits / (self::COSTS[$this->check->effort] ?? 1.0);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'check' => $this->check->code,
            'question' => $this->check->label,
            'how' => $this->check->words,
            'effort' => Choices::label('check_effort', $this->check->effort),
            'destroys' => $this->check->destroys,
            'gain_bits' => round($this->gainBits, 4),
            'chance_yes' => round($this->chance, 4),
            'moves' => array_map(
                static fn (array $move): array => [
                    'cause' => $move['cause'],
                    'label' => $move['label'],
                    'if_yes' => round($move['if_yes'], 4),
                    'if_no' => round($move['if_no'], 4),
                ],
                $this->moves,
            ),
        ];
    }
}
