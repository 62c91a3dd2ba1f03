<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;

/** A heap as it stands at one time. */
final readonly class HeapState
{
    /**
     * @param array<string, HeapReading> $readings measure → what is known of it
     * @param string|null $squeeze of that day: dry, good or wet
     * @param Estimate|null $dry kg of dry sand in it; null where nobody said what it weighs
     * @param Estimate|null $burnt share of it that was burnt and not renewed
     * @param int $pours moulds poured of it since it was mixed
     * @param int $sinceMended of these, since clay, oil or new sand was added
     * @param int $untold pours among these whose wear is not known
     */
    public function __construct(
        public SandKind $kind,
        public array $readings,
        public ?string $squeeze,
        public ?Estimate $dry,
        public ?Estimate $burnt,
        public int $pours,
        public int $sinceMended,
        public int $untold,
    ) {
    }

    /** What of it is good enough to be taken for today's; null where it is not known, or too old. */
    public function fresh(string $measure): ?Estimate
    {
        $reading = $this->readings[$measure] ?? null;

        return null === $reading || $reading->old ? null : $reading->value;
    }

    /**
     * What a mould takes from its heap that day.
     *
     * @return array<string, Measurement|string|int> value of an attempt → what it is
     */
    public function values(): array
    {
        $values = [];
        foreach (Measure::all() as $code => $measure) {
            $value = $this->fresh($code);
            // What was only taken for granted is not told as if it were known.
            if (null === $measure->field || null === $value || 'recipe' === $this->readings[$code]->origin) {
                continue;
            }
            $values[$measure->field] =
                'number' === $measure->unit
                    ? max(1, (int) round($value->si))
                    : Measurement::of(
                        round(100 * $value->lowSi, 2),
                        'percent',
                        $value->isExact() || round(100 * $value->highSi, 2) <= round(100 * $value->lowSi, 2)
                            ? null
                            : round(100 * $value->highSi, 2),
                    );
        }
        if (null !== $this->squeeze) {
            $values['sand.condition'] = $this->squeeze;
        }
        $values['sand.reused'] = $this->sinceMended;
        $values['sand.kind'] = $this->kind->code;

        return $values;
    }
}
