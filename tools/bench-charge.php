<?php

declare(strict_types=1);

use MoltenNotes\Core\Charge\Mix;
use MoltenNotes\Core\Charge\Stock;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Twenty lots in whole ingots, twelve elements each in its window; another shelf each time. */
function wholeIngots(): void
{
    $most = [
        'Si' => 0.12, 'Mg' => 0.008, 'Fe' => 0.008, 'Cu' => 0.03, 'Mn' => 0.005, 'Zn' => 0.01, 'Ti' => 0.002, 'Ni' => 0.002, 'Cr' => 0.002,
        'Sn' => 0.001, 'Pb' => 0.001, 'Sr' => 0.0003,
    ];
    $windows = [
        'Si' => [0.05, 0.07], 'Mg' => [0.0025, 0.0045], 'Fe' => [0.0, 0.0045], 'Cu' => [0.0, 0.015], 'Mn' => [0.0, 0.0035],
        'Zn' => [0.0, 0.006], 'Ti' => [0.0, 0.0012], 'Ni' => [0.0, 0.0012], 'Cr' => [0.0, 0.0012], 'Sn' => [0.0, 0.0006],
        'Pb' => [0.0, 0.0006], 'Sr' => [0.0, 0.0002],
    ];
    $chance = new Randomizer(new Mt19937(20));
    $between = static fn (float $low, float $high): float => $low + ($high - $low) * $chance->getInt(0, 1_000_000) / 1e6;
    measure('charge of whole ingots, 20 lots, 12 elements', 40, static function () use ($most, $windows, $between): void {
        $stock = [];
        for ($i = 0; $i < 20; ++$i) {
            $shares = array_map(static fn (float $share): float => $between(0.0, $share), $most);
            $stock[] = new Stock("lot {$i}", $shares, $between(0.01, 0.1), $between(0.5, 4), 0.0, $between(1, 6), $between(0.15, 1.2));
        }
        Mix::wholePieces(6.0, null, $windows, $stock);
    }, 'under 300 ms');
}
