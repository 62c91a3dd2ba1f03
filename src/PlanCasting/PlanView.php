<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\Mould\MouldSection;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Workshop\Workshop;
use Psr\Log\LoggerInterface;

/** A plan with its drawing, from values that need not be saved. */
final readonly class PlanView
{
    public function __construct(private Notebook $notebook, private OwnExperience $experience, private LoggerInterface $logger)
    {
    }

    /** @param Workshop|null $workshop where it was read already */
    public function basis(Values $values, Caster $caster, ?Workshop $workshop = null): Basis
    {
        return new Basis($values, $workshop ?? $this->notebook->workshop($caster), new QuantityFormatter($caster->units()), $this->experience->calibration($caster, $values->choice('mould.process')), $this->experience->efficiencies($caster));
    }

    /**
     * @param Values|null $planned drawn thinly behind what was made, where the two differ
     *
     * @return array<string, mixed>
     */
    public function of(Values $values, Caster $caster, ?Values $planned = null): array
    {
        $basis = $this->basis($values, $caster);
        $plan = PlanCasting::of($basis);

        return $plan->toArray($basis->format) + [
            'section' => self::section($basis, $plan, $planned),
            'calibration' => ['pours' => $basis->calibration->pours, 'factor' => round($basis->calibration->factor()->si, 3)],
        ];
    }

    /**
     * The drawing of one of several records on a page. Should it fail, the page goes on without it: one broken record never breaks another.
     *
     * @return array<string, mixed>|null
     */
    public function drawing(Values $values, Caster $caster, Workshop $workshop): ?array
    {
        try {
            $basis = $this->basis($values, $caster, $workshop);

            return self::section($basis, PlanCasting::of($basis), null);
        } catch (\Throwable $error) {
            $this->logger->error('A record cannot be drawn.', ['caster' => $caster->id()->toRfc4122(), 'exception' => $error]);

            return null;
        }
    }

    /**
     * @param Values|null $planned drawn thinly behind what was made, where the two differ
     *
     * @return array<string, mixed>
     */
    public static function section(Basis $basis, CastingPlan $plan, ?Values $planned): array
    {
        $made = MouldSection::of($basis, $plan);
        $ghosts = [];
        foreach (null === $planned ? [] : MouldSection::of($basis->with($planned))->parts() as $part) {
            $same = array_filter($made->parts(), static fn ($other): bool => $other->id === $part->id && $other->outline === $part->outline);
            if ([] === $same && !$part->assumed) {
                $ghosts[] = $part->toArray();
            }
        }

        return $made->toArray() + ['planned_parts' => $ghosts];
    }
}
