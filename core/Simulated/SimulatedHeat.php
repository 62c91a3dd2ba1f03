<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Simulated;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\MeltCurve\KnownArrests;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Power;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;

/** A whole heat as its instruments would read it: heated up and held, and left to cool in the pot; or a cup poured from it. Made up. */
final readonly class SimulatedHeat
{
    /** A closed furnace leaves so much of the losses of a pot that stands in the open. Made up. */
    private const INSULATED = 0.3;
    private const HELD_S = 180.0;
    private const LONGEST_S = 6 * 3600.0;
    private const CUP_ABOVE_K = 50.0;

    /**
     * @param list<array{float, Temperature, Power}> $rows second from its beginning, in the melt, drawn from the mains
     * @param bool $reached whether it got as hot as was wanted
     */
    private function __construct(public array $rows, public bool $reached)
    {
    }

    /**
     * @param Power $drawn of the furnace, above zero
     * @param Ratio $reaching share of it that reaches the pot, 0…1
     * @param bool $cools whether it is left to cool in its pot after it was held
     */
    public static function of(
        Alloy $alloy,
        Mass $charge,
        Power $drawn,
        Ratio $reaching,
        Temperature $target,
        Temperature $air,
        Time $every,
        bool $cools,
    ): self {
        $melt = SimulatedMelt::cold($alloy, $charge, $air);
        $rows = [];
        $held = null;
        $second = 0.0;
        while ($second < self::LONGEST_S && (null === $held || $second - $held < self::HELD_S)) {
            $hot = $melt->temperature()->si() >= $target->si();
            $held ??= $hot ? $second : null;
            // Held by switching on and off, as a small furnace's controller does.
            $on = Power::fromSi($hot ? 0.0 : $drawn->si());
            $rows[] = [$second, $melt->temperature(), $on];
            $melt->run($every->si(), Power::fromSi($reaching->si() * $on->si()), self::INSULATED);
            $second += $every->si();
        }
        $reached = null !== $held;
        $end = self::coldEnough($alloy);
        while ($cools && $reached && $second < 2 * self::LONGEST_S && $melt->temperature()->si() > $end) {
            $rows[] = [$second, $melt->temperature(), Power::fromSi(0.0)];
            $melt->run($every->si(), Power::fromSi(0.0));
            $second += $every->si();
        }

        return new self($rows, $reached);
    }

    /** A cup of it, poured a little above its liquidus, until it is solid and colder. */
    public static function cup(Alloy $alloy, Mass $metal, Temperature $air, Time $every): self
    {
        $melt = SimulatedMelt::liquid($alloy, $metal, $air, Temperature::fromSi($alloy->liquidus->si() + self::CUP_ABOVE_K));
        $rows = [];
        $end = self::coldEnough($alloy);
        for ($second = 0.0; $second < self::LONGEST_S && $melt->temperature()->si() > $end; $second += $every->si()) {
            $rows[] = [$second, $melt->temperature(), Power::fromSi(0.0)];
            $melt->run($every->si(), Power::fromSi(0.0));
        }

        return new self($rows, true);
    }

    private static function coldEnough(Alloy $alloy): float
    {
        return KnownArrests::meltingBegins($alloy)->si() - 60.0 - 0.1 * $alloy->liquidus->celsius();
    }
}
