<?php

declare(strict_types=1);

namespace MoltenNotes\App\Demo;

use MoltenNotes\App\Instruments\Instruments;
use MoltenNotes\App\Instruments\Readings;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Photos\Photos;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Instrument\InstrumentKind;
use MoltenNotes\Core\Instrument\ReadingLine;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\Power;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Simulated\Noise;
use MoltenNotes\Core\Simulated\SimulatedHeat;
use Symfony\Component\Uid\Uuid;

/**
 * What the yard of the demo has besides words: pictures, and the curve of a melt that a program made up and says so.
 *
 * @phpstan-type Picture array{casting: string, number: int, caption: string, faults: list<array{kind: string, x: float, y: float}>}
 */
final readonly class DemoYard
{
    private const EVERY_S = 3.0;
    private const METER_EVERY_S = 15.0;
    /** Two in the afternoon. */
    private const BEGINS = '14:00:00';

    public function __construct(
        private Photos $photos,
        private Instruments $instruments,
        private Readings $readings,
        private Notebook $notebook,
    ) {
    }

    /** @param Picture $row */
    public function photograph(Attempt $attempt, array $row): void
    {
        $at = (float) ($attempt->pouredOn()?->getTimestamp() ?? 0) + 18 * 3600.0;
        $photo = $this->photos->take(Uuid::v7(), $attempt, DrawnPhoto::of($row['faults'], $row['number']), $at);
        $photo->describe($row['caption']);
        foreach ($row['faults'] as $fault) {
            foreach ($attempt->findings() as $finding) {
                if ($finding->toFinding()->kind === $fault['kind']) {
                    $photo->pin($finding->id()->toRfc4122(), ['x' => $fault['x'], 'y' => $fault['y']]);
                }
            }
        }
        $this->notebook->save();
    }

    /** A probe and a meter, simulated, over the melt of an attempt: heated, held, and what was left cooled in the pot. */
    public function melt(Attempt $attempt): void
    {
        $heat = $attempt->heat();
        $alloy = AlloyTable::find($heat?->values()->choice('metal.alloy') ?? '');
        $charge = $heat?->values()->measurement('metal.charge');
        if (null === $heat || null === $alloy || null === $charge) {
            throw new \LogicException('The demo has no melt to draw a curve of.');
        }
        $day = $attempt->pouredOn() ?? throw new \LogicException('Nothing was poured from it.');
        $begin = (float) (new \DateTimeImmutable($day->format('Y-m-d').'T'.self::BEGINS.'Z'))->getTimestamp();
        $run = SimulatedHeat::of(
            $alloy,
            Mass::fromSi($charge->si()),
            Power::fromSi(3200),
            Ratio::fromSi(0.3),
            Temperature::fromCelsius(755),
            Temperature::fromCelsius(19),
            Time::fromSi(self::EVERY_S),
            true,
        );
        $noise = ['°C' => new Noise(5, 1.0, 0.01), 'W' => new Noise(6, 8.0)];
        $probe = $meter = [];
        foreach ($run->rows as [$second, $temperature, $power]) {
            $hot = $noise['°C']->read($temperature->celsius());
            if (null !== $hot) {
                $probe[] = new ReadingLine($begin + $second, Measurement::of($hot, 'degC'));
            }
            $drawn = $noise['W']->read($power->si());
            if (null !== $drawn && 0.0 === fmod($second, self::METER_EVERY_S)) {
                $meter[] = new ReadingLine($begin + $second, Measurement::of(max(0.0, $drawn), 'W'));
            }
        }
        $last = $run->rows[count($run->rows) - 1][0] ?? 0.0;
        $this->read('Probe in the pot', InstrumentKind::Thermocouple, $probe, $heat, [$begin, $begin + $last]);
        $this->read('Plug meter', InstrumentKind::Power, $meter, $heat, [$begin, $begin + $last]);
        $this->notebook->save();
    }

    /**
     * @param list<ReadingLine> $lines
     * @param array{float, float} $when
     */
    private function read(string $name, InstrumentKind $kind, array $lines, Heat $heat, array $when): void
    {
        [$instrument] = $this->instruments->connect($heat->caster(), $name, $kind);
        $this->readings->take($instrument->id(), $lines, true);
        $this->readings->heard($instrument->id(), new \DateTimeImmutable('@'.(int) $when[1]), true, $lines);
        $heat->listenTo($instrument->id()->toRfc4122(), ['from' => $when[0], 'to' => $when[1] + 1]);
    }
}
