<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Experience;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Sand\BurntSand;
use MoltenNotes\Core\Sand\SandKind;

/** What one pour burnt of the heap that its mould was made of. */
final class SandWear
{
    private const AIR_C = 20.0;

    /**
     * Null where metal or mass are not told. Where nobody wrote how hot it was, the middle of the alloy's own range (common practice).
     *
     * @param Mass|null $poured all metal in this mould
     */
    public static function of(Values $values, ?Mass $poured, SandKind $kind): ?Mass
    {
        $alloy = AlloyTable::find($values->choice('metal.alloy') ?? '');
        $sand = MouldMaterial::of($values->choice('mould.process'), $alloy);
        if (null === $alloy || null === $sand || null === $poured) {
            return null;
        }
        if (null === $kind->burnsAt) {
            return Mass::fromSi(0.0);
        }
        $metal = $values->measurement('pour.temperature')?->asTemperature()
            ?? Temperature::fromSi(($alloy->pourHeavy->kelvin() + $alloy->pourThin->kelvin()) / 2);

        return Mass::fromSi(BurntSand::from(
            $poured,
            $alloy,
            $metal,
            $sand,
            Temperature::fromCelsius($kind->burnsAt),
            Temperature::fromCelsius(self::AIR_C),
        )->si);
    }
}
