<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Measurement;

/** A lot of metal as it came onto the shelf: ingots, scrap of one kind, returns. What is blank is as usual for such metal. */
final readonly class Lot
{
    private const USUAL_LOSS = 0.05;

    /**
     * @param Estimate $mass kg when it was written down
     * @param bool $isWeighed whether anybody said how much there was
     * @param bool $saysHow whether anybody said how its composition is known
     * @param Estimate $loss share that a melt takes of it, 0…0.9
     * @param int $remelts that it went through before it came here, 0 or more
     * @param float|null $price of one kilogram, in the workshop's currency
     * @param Mass|null $piece one of its pieces; null where it comes in any size
     * @param Mass $least kg that must go into a mix
     * @param string|null $state how dry and clean it is: dry, damp, oily, painted
     */
    private function __construct(
        public string $id,
        public string $name,
        public Estimate $mass,
        public bool $isWeighed,
        public ?Alloy $alloy,
        public ?string $form,
        public Knowledge $known,
        public bool $saysHow,
        public ?Composition $composition,
        public Estimate $loss,
        public int $remelts,
        public ?float $price,
        public ?Mass $piece,
        public Mass $least,
        public ?string $state,
    ) {
    }

    /** @param array<string, mixed> $columns as the table of things has them */
    public static function from(string $id, string $name, array $columns): self
    {
        $told = static fn (string $key): ?Measurement => ($columns[$key] ?? null) instanceof Measurement ? $columns[$key] : null;
        $word = static fn (string $key): ?string => is_string($columns[$key] ?? null) ? $columns[$key] : null;
        $alloy = AlloyTable::find($word('alloy') ?? '');
        $form = $word('form');
        $known = Knowledge::of($word('known') ?? ('ingot' === $form ? 'certified' : null));
        $typed = is_array($columns['composition'] ?? null) ? $columns['composition'] : [];
        $mass = $told('mass');
        $loss = $told('loss');
        $piece = $told('piece');
        $remelts = $columns['remelts'] ?? null;
        $price = $columns['price'] ?? null;
        $usual = null === $alloy ? Estimate::ratio(self::USUAL_LOSS, 0.01, 0.1) : MetalFamily::of($alloy)->usualLoss($form);

        return new self(
            $id,
            $name,
            null === $mass ? Estimate::exact(Dimension::Mass, 0.0) : Estimate::of($mass),
            null !== $mass,
            $alloy,
            $form,
            $known,
            null !== $word('known'),
            Composition::told(self::shares($typed), $alloy?->code, $known),
            null === $loss ? $usual : Estimate::of($loss),
            is_int($remelts) ? $remelts : 0,
            is_float($price) ? $price : null,
            null === $piece ? null : Mass::fromSi($piece->si()),
            Mass::fromSi($told('least')?->si() ?? 0.0),
            $word('state'),
        );
    }

    /** Whether anything is known of what it is made of. */
    public function isKnown(): bool
    {
        return null !== $this->composition;
    }

    /**
     * @param array<mixed> $typed
     *
     * @return array<string, float>
     */
    private static function shares(array $typed): array
    {
        $shares = [];
        foreach ($typed as $element => $share) {
            if (is_float($share)) {
                $shares[(string) $element] = $share;
            }
        }

        return $shares;
    }
}
