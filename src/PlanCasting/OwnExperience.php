<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\LogPour\Attempt;
use MoltenNotes\App\LogPour\Heat;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Charge\MeltEnergy;
use MoltenNotes\Core\Filling\Calibration;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Record\History;
use Symfony\Contracts\Cache\CacheInterface;

/** What a caster's own pours and heats have taught: the factor on filling, process by process, and the efficiency of the furnace. */
final readonly class OwnExperience
{
    /** Older pours than these say little of the sand and the hand of today. */
    private const LATEST = 30;
    private const SHORT = ['misrun', 'cold_shut', 'frozen_gate', 'missing_detail', 'foam_fold'];

    public function __construct(private EntityManagerInterface $storage, private CacheInterface $cache)
    {
    }

    public function calibration(Caster $caster, ?string $process): Calibration
    {
        if (null === $process) {
            return Calibration::none();
        }
        $pours = $this->cache->get($this->key('filling', $caster, $process), fn (): array => $this->pours($caster, $process));

        return [] === $pours ? Calibration::none() : Calibration::from($pours);
    }

    /** @return list<Estimate> shares of the drawn energy that reached the metal, of heats whose energy was logged */
    public function efficiencies(Caster $caster): array
    {
        $shares = $this->cache->get($this->key('heats', $caster, ''), fn (): array => $this->heats($caster));

        return array_map(static fn (float $share): Estimate => Estimate::ratio($share), $shares);
    }

    /** A new pour or a put-right record makes a new key; the old one is simply forgotten. */
    private function key(string $what, Caster $caster, string $process): string
    {
        $state = $this->storage->getConnection()->fetchOne('SELECT CONCAT(COUNT(*), MAX(updated_at), SUM(version)) FROM attempt WHERE caster_id = ?', [$caster->id()->toBinary()]);

        return 'experience.'.hash('xxh128', implode('|', [$what, $caster->id()->toRfc4122(), $process, is_scalar($state) ? (string) $state : '']));
    }

    /** @return list<array{ratio: float, filled: bool}> */
    private function pours(Caster $caster, string $process): array
    {
        $pours = [];
        $format = new QuantityFormatter($caster->units());
        foreach ($this->storage->getRepository(Attempt::class)->findBy(['caster' => $caster, 'process' => $process], ['happenedOn' => 'DESC'], self::LATEST) as $attempt) {
            if (null === $attempt->verdict()) {
                continue;
            }
            $record = $attempt->toRecord(new History(), null);
            $ratio = PlanCasting::of(Basis::of($record, $format))->least('filling', 'fill_ratio')?->value->si;
            if (null !== $ratio && $ratio > 0) {
                $pours[] = ['ratio' => $ratio, 'filled' => [] === array_intersect($record->defectKinds(), self::SHORT)];
            }
        }

        return $pours;
    }

    /** @return list<float> */
    private function heats(Caster $caster): array
    {
        $shares = [];
        foreach ($this->storage->getRepository(Heat::class)->findBy(['caster' => $caster], ['meltedOn' => 'DESC'], self::LATEST) as $heat) {
            $values = $heat->values();
            $alloy = AlloyTable::find($values->choice('metal.alloy') ?? '');
            $charge = $values->measurement('metal.charge');
            $drawn = $values->measurement('melt.energy');
            if (null === $alloy || null === $charge || null === $drawn || $drawn->si() <= 0) {
                continue;
            }
            $peak = $values->measurement('melt.peak')?->asTemperature() ?? Temperature::fromSi($alloy->liquidus->kelvin() + 100);
            $share = MeltEnergy::of($alloy, Mass::fromSi($charge->si()), Temperature::fromCelsius(20), $peak)->si() / $drawn->si();
            if ($share < 1) {
                $shares[] = $share;
            }
        }

        return $shares;
    }
}
