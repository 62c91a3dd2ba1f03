<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Compare;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Cost\Amount;
use MoltenNotes\Core\Experience\Share;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Time;

/** What one way of making a part comes to, ready to be held against another. */
final readonly class WayFigures
{
    /**
     * @param Estimate $hands s hands on
     * @param Time|null $elapsed until it lies there; null where the hours do not reach
     * @param Amount|null $money null where nothing of it can be told
     * @param list<string> $notCounted what the money leaves out
     * @param Estimate|null $energy J, oven and melt
     * @param string $cannot why the mould does not bear the metal, or not its heat; '' where it does
     * @param list<array{words: string, standing: 'risky'|'bad'}> $risks what its plan wants put right, and doubts; the gravest first
     * @param Estimate|null $fill what the tightest place has of what it needs; null where that cannot be told
     * @param array{float, float} $skin mean height of the roughness, µm
     * @param Estimate|null $strength Pa; null where nothing is known of the metal
     * @param Share $before what came of such pours of one's own
     */
    public function __construct(
        public MouldProcess $process,
        public Alloy $alloy,
        public Estimate $hands,
        public ?Time $elapsed,
        public ?Amount $money,
        public array $notCounted,
        public ?Estimate $energy,
        public string $cannot,
        public array $risks,
        public ?Estimate $fill,
        public array $skin,
        public ?Estimate $strength,
        public Share $before,
    ) {
    }

    /** Whether no riser and no vent puts it right: the mould does not bear the metal, or the metal does not fill it. */
    public function isRuledOut(): bool
    {
        return '' !== $this->cannot || (null !== $this->fill && $this->fill->highSi < 1.0);
    }

    /** Things that its plan says are to be put right before it can work. */
    public function toPutRight(): int
    {
        return count(array_filter($this->risks, static fn (array $risk): bool => 'bad' === $risk['standing']));
    }
}
