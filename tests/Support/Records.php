<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Support;

use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Diagnosis\Diagnosis;
use MoltenNotes\Core\Quantity\UnitPreferences;

/** Attempt records for the tests, read through the same door as a caster's document. */
final class Records
{
    /** @param array<string, mixed> $parts laid over an empty attempt document */
    public static function read(array $parts): AttemptRecord
    {
        return AttemptDocument::read(
            ['format' => 'molten-notes/attempt', 'version' => 1] + $parts,
            Catalogue::standard()->causeCodes(),
        )['record'];
    }

    /** @param array<string, mixed> $parts */
    public static function diagnose(array $parts): Diagnosis
    {
        return (new Diagnose(Catalogue::standard(), UnitPreferences::metric()))->attempt(self::read($parts));
    }

    /**
     * The thin rim that did not fill: green sand in order, but the metal waited.
     *
     * @return array<string, mixed>
     */
    public static function coldRim(): array
    {
        return [
            'casting' => ['name' => 'Rowlock socket'],
            'made' => [
                'mould.process' => 'green_sand',
                'sand.condition' => 'good',
                'sand.moisture' => '3.6 %',
                'casting.wall' => '4 mm',
                'casting.run' => '210 mm',
                'gating.gates' => 1,
                'gating.fill' => 'parting',
                'venting.high_points' => 'all',
                'venting.vents' => 3,
                'pour.temperature' => '700 C',
                'pour.carry_time' => '25 s',
            ],
            'heat' => ['metal.alloy' => 'al_si7mg', 'metal.source' => 'castings', 'melt.temperature_by' => 'probe', 'melt.skimmed' => true],
            'observations' => ['sluggish', 'no_metal_at_vents'],
            'findings' => [['kind' => 'misrun', 'places' => ['far_from_gate'], 'looks' => ['rounded_edges'], 'severity' => 'spoils']],
        ];
    }

    /**
     * Blows under the cope face of a mould rammed too wet.
     *
     * @return array<string, mixed>
     */
    public static function wetSand(): array
    {
        return [
            'made' => [
                'mould.process' => 'green_sand',
                'sand.condition' => 'wet',
                'sand.moisture' => '5.8 %',
                'casting.wall' => '6 mm',
                'pour.temperature' => '720 C',
                'venting.high_points' => 'all',
            ],
            'heat' => ['metal.alloy' => 'al_si7mg', 'melt.charge_dry' => true],
            'observations' => ['steam', 'bubbling'],
            'findings' => [['kind' => 'blowhole', 'places' => ['cope_face'], 'looks' => ['smooth_wall']]],
        ];
    }
}
