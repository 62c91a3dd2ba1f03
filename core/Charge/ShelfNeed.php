<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\Grade;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\QuantityFormatter;

/** What a planned melt asks of the shelf, and whether it is there: of that metal, or mixed from what is. Derived. */
final readonly class ShelfNeed
{
    /**
     * @param string $key of the first mould that asks
     * @param int $others moulds of the same melt besides
     * @param Mass $wanted kg to charge
     * @param Mass $there kg of that alloy
     * @param 'good'|'risky'|'bad' $standing
     */
    private function __construct(
        public string $key,
        public int $others,
        public Alloy $alloy,
        public Mass $wanted,
        public Mass $there,
        public string $sentence,
        public string $standing,
    ) {
    }

    /**
     * In the order in which they are asked for: what the first takes is not there for the next.
     *
     * @param list<array{ids: list<string>, alloy: string, kg: float}> $asked melts, each with its moulds
     * @param list<LotState> $states
     *
     * @return list<self>
     */
    public static function of(array $asked, array $states, QuantityFormatter $format): array
    {
        $needs = [];
        foreach ($asked as $melt) {
            $alloy = AlloyTable::find($melt['alloy']);
            if (null === $alloy || [] === $melt['ids'] || $melt['kg'] <= 0.0) {
                continue;
            }
            [$need, $states] = self::one($melt['ids'], $alloy, $melt['kg'], $states, $format);
            $needs[] = $need;
        }

        return $needs;
    }

    /**
     * @param non-empty-list<string> $ids
     * @param list<LotState> $states
     *
     * @return array{self, list<LotState>} and what is left of the lots
     */
    private static function one(array $ids, Alloy $alloy, float $kg, array $states, QuantityFormatter $format): array
    {
        $there = 0.0;
        foreach ($states as $state) {
            $there += self::isOf($state, $alloy) ? $state->mass->si : 0.0;
        }
        $mass = static fn (float $of): string => $format->si($of, Dimension::Mass);
        $of = static fn (string $sentence, string $standing): self => new self(
            $ids[0],
            count($ids) - 1,
            $alloy,
            Mass::fromSi($kg),
            Mass::fromSi($there),
            $sentence,
            'good' === $standing || 'risky' === $standing ? $standing : 'bad',
        );
        if ($there >= $kg) {
            return [$of("There is {$mass($there)} of {$alloy->name}.", 'good'), self::without($states, $alloy, $kg)];
        }
        if (true !== Grade::find($alloy->code)?->known) {
            return [
                $of('It is short by '.$mass($kg - $there).', as far as the shelf says what it is.', 'risky'),
                self::without($states, $alloy, $there),
            ];
        }
        $proposal = ChargeProposal::of($kg, $alloy, $states, false, null, $format);
        if (true === $proposal->mix?->isFeasible()) {
            $left = array_map(
                static fn (LotState $state): LotState => isset($proposal->charge[$state->lot->id])
                    ? $state->weighed($state->mass->times(max(0.0, 1 - $proposal->charge[$state->lot->id] / max(1e-9, $state->mass->si))))
                    : $state,
                $states,
            );
            $names = array_values(array_map(
                static fn (LotState $state): string => $state->lot->name,
                array_filter($states, static fn (LotState $state): bool => isset($proposal->charge[$state->lot->id])),
            ));

            return [$of('It can be mixed: '.implode(', ', $names).'.', 'good'), $left];
        }
        $can = max($there, ChargeProposal::reach($kg, $alloy, $states));

        return [
            $of($can > 0.0
                ? 'It is short by '.$mass($kg - $can)." of {$alloy->name}: buy or melt down some before the day."
                : "There is no {$alloy->name} on the shelf, nor anything it could be mixed from: {$mass($kg)} are wanted.", 'bad'),
            self::without($states, $alloy, $there),
        ];
    }

    private static function isOf(LotState $state, Alloy $alloy): bool
    {
        return null !== $state->lot->alloy
            && ($state->lot->alloy->code === $alloy->code || ($alloy->isGradeUnknown() && $state->lot->alloy->family === $alloy->family));
    }

    /**
     * @param list<LotState> $states
     *
     * @return list<LotState>
     */
    private static function without(array $states, Alloy $alloy, float $kg): array
    {
        return array_map(static function (LotState $state) use ($alloy, &$kg): LotState {
            $takes = self::isOf($state, $alloy) ? min($kg, $state->mass->si) : 0.0;
            $kg -= $takes;

            return $takes > 0.0 ? $state->weighed($state->mass->times(1 - $takes / $state->mass->si)) : $state;
        }, $states);
    }
}
