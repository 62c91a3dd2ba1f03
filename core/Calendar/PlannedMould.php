<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Calendar;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Record\Values;

/** A mould that is to be poured, as a calendar sees it. */
final readonly class PlannedMould
{
    /**
     * @param string $key of its attempt
     * @param string $melt of its melt; moulds of one melt share it
     * @param bool $isFirst whether the pattern has never been moulded
     * @param bool|null $isAtHand whether what it is made of, or poured into, is there already; null where nobody said what that is
     * @param Time|null $melting that its melt takes, by its plan
     * @param Time|null $opens that it stays in the mould, by its plan, at the late end
     * @param Estimate|null $finishing s hands on from the opened mould to the signature, by its route of finishing
     * @param float $hotness kelvin at which its metal melts: what melts hotter is melted later
     * @param int|null $wanted minute at which it is to be poured; null where nobody said
     * @param array<string, int> $done step → minute at which it was done
     */
    public function __construct(
        public string $key,
        public string $name,
        public ?string $process,
        public Values $values,
        public string $melt,
        public bool $isFirst,
        public ?bool $isAtHand,
        public ?Time $melting,
        public ?Time $opens,
        public ?Estimate $finishing,
        public float $hotness,
        public ?int $wanted,
        public array $done,
    ) {
    }
}
