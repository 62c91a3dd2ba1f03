<?php

declare(strict_types=1);

namespace MoltenNotes\App\Workshop;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\PlanCasting\OwnExperience;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Workshop\Workshop;

/** The workshop as the API shows it, with what its heats have taught. */
final readonly class WorkshopView
{
    public function __construct(private Notebook $notebook, private OwnExperience $experience)
    {
    }

    /** @return array<string, mixed> */
    public function of(Caster $caster): array
    {
        $kept = $this->notebook->keptWorkshop($caster);
        $owned = $kept?->workshop() ?? new Workshop();
        $workshop = $owned->toArray();
        $efficiencies = $this->experience->efficiencies($caster);

        return [
            'tariffs' => (object) $workshop['tariffs'],
            'stock' => array_map(static fn (array $row): array => ['composition' => (object) ($row['composition'] ?? [])] + $row, is_array($workshop['stock']) ? $workshop['stock'] : []),
        ] + $workshop + [
            'shown' => (object) self::shown($owned, new QuantityFormatter($caster->units())),
            'unreadable' => $kept?->unreadable() ?? [],
            'version' => $kept?->version() ?? 0,
            'learnt' => ['heats' => count($efficiencies), 'efficiency' => [] === $efficiencies ? null : array_sum(array_map(static fn (Estimate $one): float => $one->si, $efficiencies)) / count($efficiencies)],
        ];
    }

    /**
     * Every measured thing as this caster reads it: what was typed in other units stands beside it.
     *
     * @return array<string, string> pointer → in the caster's units
     */
    private static function shown(Workshop $workshop, QuantityFormatter $format): array
    {
        $shown = null === $workshop->safeLift ? [] : ['/safe_lift' => $format->measurement($workshop->safeLift)];
        foreach (['furnaces' => $workshop->furnaces, 'crucibles' => $workshop->crucibles, 'flasks' => $workshop->flasks, 'cutters' => $workshop->cutters, 'stock' => $workshop->stock] as $kind => $rows) {
            foreach ($rows as $index => $row) {
                foreach ($row as $key => $value) {
                    if ($value instanceof Measurement) {
                        $shown["/{$kind}/{$index}/{$key}"] = $format->measurement($value);
                    }
                }
            }
        }

        return $shown;
    }
}
