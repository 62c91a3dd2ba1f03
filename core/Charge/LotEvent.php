<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;

/** One line of the book of a lot: weighed, added to, charged into a heat, given back by one, analysed. */
final readonly class LotEvent
{
    /** Of one moment: what was there before it was taken, what was taken before it came back. */
    private const ORDER = ['lot_weighed', 'lot_added', 'lot_checked', 'lot_charged', 'lot_returned'];

    /**
     * @param float $at seconds since 1970
     * @param string|null $heat that it went into or came from
     * @param Estimate|null $mass kg
     * @param array<string, float> $found element → share
     */
    private function __construct(
        public float $at,
        public string $kind,
        public string $lot,
        public ?string $heat,
        public ?Estimate $mass,
        public array $found,
        public Knowledge $known,
        public ChargedAs $as,
    ) {
    }

    /** @param array<string, mixed> $columns as the table of movements has them */
    public static function from(float $at, string $kind, string $lot, ?string $heat, array $columns): self
    {
        $mass = $columns['mass'] ?? null;
        $known = $columns['known'] ?? null;
        $found = [];
        foreach (is_array($columns['composition'] ?? null) ? $columns['composition'] : [] as $element => $share) {
            if (is_float($share)) {
                $found[(string) $element] = $share;
            }
        }

        return new self(
            $at,
            $kind,
            $lot,
            $heat,
            $mass instanceof Measurement ? Estimate::of($mass) : null,
            $found,
            Knowledge::of(is_string($known) ? $known : 'assayed'),
            'stirred' === ($columns['as'] ?? null) ? ChargedAs::Stirred : ChargedAs::Cold,
        );
    }

    /** Below zero where this comes before the other. */
    public function before(self $other): int
    {
        return [$this->at, array_search($this->kind, self::ORDER, true)] <=> [$other->at, array_search($other->kind, self::ORDER, true)];
    }
}
