<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Alloy\Harm;
use MoltenNotes\Core\Quantity\Estimate;

/** A harm that is in a metal, or may be. */
final readonly class PotHarm
{
    /** What may just reach a limit, as a grade is allowed to, is not beyond it. */
    private const BEYOND = 1.001;

    /**
     * @param bool $sure whether it is there in the middle of what is known, not only at its end
     * @param string $words what it does; where it is not sure, how much there may be first
     */
    private function __construct(public Harm $harm, public bool $sure, public string $words)
    {
    }

    /**
     * What strikes a metal, the surest first.
     *
     * @return list<self>
     */
    public static function in(Composition $metal): array
    {
        $middle = $metal->middle();
        // Half and half is of both: what either must not hold so much of.
        $bases = array_unique([$metal->base, $metal->byWhatItMostlyIs()->base]);
        $harms = [];
        foreach (array_merge(...array_map(Harm::of(...), $bases)) as $harm) {
            $sure = $harm->strikes($middle);
            $highest = $metal->share($harm->element)->highSi;
            // The element as high as it may be; what must be beside it as it is thought to be.
            $may = $highest > $harm->from * self::BEYOND && $harm->strikes([$harm->element => min($harm->to, $highest)] + $middle);
            if ($sure || $may) {
                $harms[] = new self(
                    $harm,
                    $sure,
                    $sure
                        ? $harm->words
                        : "{$harm->element} may reach ".PotMetal::percent(Estimate::ratio($highest)).': '.lcfirst($harm->words),
                );
            }
        }
        usort($harms, static fn (self $a, self $b): int => $b->sure <=> $a->sure);

        return $harms;
    }
}
