<?php

declare(strict_types=1);

namespace MoltenNotes\App\Workshop;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\PlanCasting\OwnExperience;
use MoltenNotes\App\Shared\Storage\Notebook;
use MoltenNotes\Core\Quantity\Estimate;

/** The workshop as the API shows it, with what its heats have taught. */
final readonly class WorkshopView
{
    public function __construct(private Notebook $notebook, private OwnExperience $experience)
    {
    }

    /** @return array<string, mixed> */
    public function of(Caster $caster): array
    {
        $workshop = $this->notebook->workshop($caster)->toArray();
        $efficiencies = $this->experience->efficiencies($caster);

        return [
            'tariffs' => (object) $workshop['tariffs'],
            'stock' => array_map(static fn (array $row): array => ['composition' => (object) ($row['composition'] ?? [])] + $row, is_array($workshop['stock']) ? $workshop['stock'] : []),
        ] + $workshop + [
            'unreadable' => $this->notebook->keptWorkshop($caster)?->unreadable() ?? [],
            'version' => $this->notebook->keptWorkshop($caster)?->version() ?? 0,
            'learnt' => ['heats' => count($efficiencies), 'efficiency' => [] === $efficiencies ? null : array_sum(array_map(static fn (Estimate $one): float => $one->si, $efficiencies)) / count($efficiencies)],
        ];
    }
}
