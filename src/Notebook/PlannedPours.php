<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\PourDay\RunSheet;
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
     * What the plan of each says: kg to charge, seconds that the melt takes, seconds from the pour to the opening;
     * null where it cannot tell.
     *
     * @return array<string, array{charge: float|null, melting: float|null, opens: float|null}> by attempt
     */
    public function figures(Caster $caster): array
    {
        return $this->remembered->get($caster, 'figures of planned pours', fn (): array => $this->planned($caster));
    }

    /** @return array<string, array{charge: float|null, melting: float|null, opens: float|null}> */
    private function planned(Caster $caster): array
    {
        $format = new QuantityFormatter($caster->units());
        $figures = [];
        foreach ($this->of($caster) as $attempt) {
            $plan = PlanCasting::of(Basis::of($this->notebook->record($attempt), $format));
            $figures[$attempt->id()->toRfc4122()] = [
                'charge' => $plan->figure('metal', 'charge')?->value->si,
                'melting' => $plan->figure('metal', 'melt_time')?->value->si,
                'opens' => RunSheet::opensAfter($plan)?->si(),
            ];
        }

        return $figures;
    }
}
