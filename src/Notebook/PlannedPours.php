<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Finishing\Route;
use MoltenNotes\Core\Finishing\RouteFacts;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\PourDay\RunSheet;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;

/** What is planned and not poured, and what the plans of it ask for: each is planned once after a change, whoever asks. */
final readonly class PlannedPours
{
    private const MOST = 12;

    public function __construct(private Notebook $notebook, private Remembered $remembered)
    {
    }

    /** @return list<Attempt> those with a wanted hour first, the earliest first, then the latest planned */
    public function of(Caster $caster): array
    {
        return $this->notebook->planned($caster, self::MOST);
    }

    /**
     * What the plan of each says: kg to charge, seconds that the melt takes, seconds from the pour to the opening, the hours of finishing;
     * null where it cannot tell.
     *
     * @return array<string, array{charge: float|null, melting: float|null, opens: float|null, finishing: Estimate}> by attempt
     */
    public function figures(Caster $caster): array
    {
        return $this->remembered->get($caster, 'what planned pours ask for', fn (): array => $this->planned($caster));
    }

    /** @return array<string, array{charge: float|null, melting: float|null, opens: float|null, finishing: Estimate}> */
    private function planned(Caster $caster): array
    {
        $format = new QuantityFormatter($caster->units());
        $figures = [];
        foreach ($this->of($caster) as $attempt) {
            $basis = Basis::of($this->notebook->record($attempt), $format);
            $plan = PlanCasting::of($basis);
            $facts = RouteFacts::ofPlan($basis, $plan, $attempt->casting()->purpose(), [], $attempt->mends());
            $figures[$attempt->id()->toRfc4122()] = [
                'charge' => $plan->figure('metal', 'charge')?->value->si,
                'melting' => $plan->figure('metal', 'melt_time')?->value->si,
                'opens' => RunSheet::opensAfter($plan)?->si(),
                'finishing' => Route::of($facts, $format)->hands,
            ];
        }

        return $figures;
    }
}
