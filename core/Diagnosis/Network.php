<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Attempt\Sign;

/**
 * A two-layer noisy-OR network in plain numbers: P(sign absent | causes) = (1 − leak) Π over present causes (1 − strength).
 * Source: M. Henrion 1987; D. Heckerman 1989 (recalled from memory).
 */
final readonly class Network
{
    /**
     * @param array<int, float> $priors P(cause), 0…1
     * @param list<array{leak: float, strengths: array<int, float>}> $positive signs seen: strengths by index of cause
     * @param list<array{leak: float, strengths: array<int, float>}> $negative signs looked for and not there
     */
    public function __construct(public array $priors, public array $positive, public array $negative)
    {
    }

    /** @param array{leak: float, strengths: array<int, float>} $sign */
    public function withNegative(array $sign): self
    {
        return new self($this->priors, $this->positive, [...$this->negative, $sign]);
    }

    /**
     * @param array<int, float> $priors
     * @param list<int> $which indices of the positive signs to keep
     */
    public function block(array $priors, array $which): self
    {
        return new self($priors, array_map(fn (int $index): array => $this->positive[$index], $which), []);
    }

    /**
     * @param list<Sign> $signs
     * @param list<Cause> $causes
     *
     * @return list<array{leak: float, strengths: array<int, float>}>
     */
    public static function rowsOf(array $signs, array $causes, Catalogue $catalogue): array
    {
        return array_map(static function (Sign $sign) use ($causes, $catalogue): array {
            $strengths = [];
            foreach ($causes as $index => $cause) {
                $link = $catalogue->signs[$cause->code][$sign->code] ?? null;
                if (null !== $link) {
                    $strengths[$index] = $link[0];
                }
            }

            return ['leak' => $sign->leak, 'strengths' => $strengths];
        }, $signs);
    }
}
