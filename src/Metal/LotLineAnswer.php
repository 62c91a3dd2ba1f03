<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** A lot at a glance. */
final readonly class LotLineAnswer extends Answer
{
    /**
     * @param string|null $family of metals
     * @param int|null $pieces that are left, where it comes in pieces
     * @param float $remelts that its metal went through in the mean
     * @param string $caution before it goes into a pot; empty where it is dry and clean
     * @param string $made what it is made of, in short
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $alloy,
        public string $metal,
        public ?string $family,
        public ?string $what,
        public float $kg,
        public string $shown,
        public ?int $pieces,
        public float $remelts,
        public string $known,
        public string $caution,
        public string $made,
        public string $sentence,
        public string $standing,
    ) {
    }
}
