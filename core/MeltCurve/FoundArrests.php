<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\TemperatureDifference;

/** Where somebody's metal stood still while it cooled: read from a curve, or told. */
final readonly class FoundArrests
{
    /** One standard deviation of an arrest that is told without one, K; common practice for a dial that was watched. */
    private const WATCHED_K = 2.0;

    /**
     * @param TemperatureDifference $upperWithin one standard deviation, without the probe's own error
     * @param bool $ends whether it was followed until all was solid: only then does a missing lower arrest say something
     * @param Temperature|null $endsAt where it began to cool freely again, roughly
     */
    private function __construct(
        public Temperature $upper,
        public TemperatureDifference $upperWithin,
        public ?Temperature $lower,
        public TemperatureDifference $lowerWithin,
        public bool $ends,
        public ?Temperature $endsAt,
    ) {
    }

    /** Null where no arrest was seen. */
    public static function on(CoolingCurve $curve): ?self
    {
        $none = TemperatureDifference::fromSi(self::WATCHED_K);

        return null === $curve->upper ? null : new self(
            $curve->upper->temperature,
            $curve->upper->within,
            $curve->lower?->temperature,
            $curve->lower->within ?? $none,
            $curve->ends,
            $curve->endsAt,
        );
    }

    /** As somebody told them. A lower one that is not told may not have been watched for. */
    public static function told(Temperature $upper, ?Temperature $lower): self
    {
        $within = TemperatureDifference::fromSi(self::WATCHED_K);

        return new self($upper, $within, $lower, $within, null !== $lower, null);
    }
}
