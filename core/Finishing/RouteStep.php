<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Finishing;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Working\Working;

/** One step of the route of finishing. */
final readonly class RouteStep
{
    /**
     * @param string $words what is done, for this casting
     * @param string $hold how it is held
     * @param string $why why here in the route
     * @param Estimate $hands s of somebody's hands
     * @param Estimate|null $waits s that it then takes by itself: oven, cure, drying
     * @param Estimate|null $chips kg worth collecting
     * @param list<string> $cautions
     * @param list<int> $grits in their order; none where nothing is sanded
     * @param list<string> $repairs labels of what is mended at this step
     */
    public function __construct(
        public string $code,
        public string $label,
        public string $words,
        public string $hold,
        public string $why,
        public Estimate $hands,
        public ?Estimate $waits,
        public ?Estimate $chips,
        public array $cautions,
        public array $grits,
        public array $repairs,
        public ?Working $working,
    ) {
    }
}
