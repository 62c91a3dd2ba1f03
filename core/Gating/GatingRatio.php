<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

/** Areas of sprue base, runner and gates to each other. The choke is the smallest of the three. */
final readonly class GatingRatio
{
    private function __construct(public float $sprue, public float $runner, public float $gates)
    {
    }

    /** Ratio of a school for a family, else of the school, else 1 : 2 : 2. Source: row by row in the table. */
    public static function of(string $school, string $family): self
    {
        foreach ([$family, '*'] as $wanted) {
            foreach (self::rows() as [$of, $metal, $sprue, $runner, $gates]) {
                if ($of === $school && $metal === $wanted) {
                    return new self($sprue, $runner, $gates);
                }
            }
        }

        return new self(1.0, 2.0, 2.0);
    }

    /** Area of one member as a multiple of the choke: member ÷ smallest member. */
    public function timesChoke(float $member): float
    {
        return $member / min($this->sprue, $this->runner, $this->gates);
    }

    /** As it is written: 1 : 2 : 2. */
    public function words(): string
    {
        return implode(
            ' : ',
            array_map(static fn (float $x): string => rtrim(rtrim(number_format($x, 1, '.', ''), '0'), '.'), [
                $this->sprue,
                $this->runner,
                $this->gates,
            ]),
        );
    }

    /** @return list<array{string, string, float, float, float}> */
    private static function rows(): array
    {
        /** @var list<array{string, string, float, float, float}>|null $rows */
        static $rows = null;

        return $rows ??= self::load();
    }

    /** @return list<array{string, string, float, float, float}> */
    private static function load(): array
    {
        /** @var list<array{string, string, float, float, float}> $rows */
        $rows = require __DIR__.'/Data/ratios.php';

        return $rows;
    }
}
