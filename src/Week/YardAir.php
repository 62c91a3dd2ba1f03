<?php

declare(strict_types=1);

namespace MoltenNotes\App\Week;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Instruments\Instruments;
use MoltenNotes\App\Instruments\Readings;
use MoltenNotes\App\Notebook\Instrument;
use MoltenNotes\App\Notebook\WeekSettings;
use MoltenNotes\Core\Instrument\InstrumentKind;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Temperature;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** The air of the yard as a weather station read it last, where one is connected and has spoken today. */
final readonly class YardAir
{
    private const TODAY_S = 86400;

    public function __construct(private Instruments $instruments, private Readings $readings, private ClockInterface $clock)
    {
    }

    /**
     * The air of these days: what somebody typed goes before what the yard says.
     *
     * @return array{air: Temperature|null, humidity: float|null, read: array{simulated: bool}|null} humidity 0…1; read: null where no
     *                                                                                               station was asked or none spoke
     */
    public function ofThese(Caster $caster, WeekSettings $settings): array
    {
        $read = null === $settings->air || null === $settings->humidity ? $this->of($caster) : null;

        return [
            'air' => $settings->air ?? $read['air'] ?? null,
            'humidity' => $settings->humidity ?? $read['humidity'] ?? null,
            'read' => $read,
        ];
    }

    /** @return array{air: Temperature|null, humidity: float|null, simulated: bool}|null humidity 0…1; null where nothing was read today */
    private function of(Caster $caster): ?array
    {
        $stations = array_values(array_filter(
            $this->instruments->all($caster),
            static fn (Instrument $one): bool => InstrumentKind::Weather === $one->kind() && !$one->isRevoked(),
        ));
        $since = $this->clock->now()->getTimestamp() - self::TODAY_S;
        $air = $humidity = null;
        $simulated = false;
        foreach ($this->readings->last(array_map(static fn (Instrument $one): Uuid => $one->id(), $stations)) as $last) {
            if ($last['at'] < $since) {
                continue;
            }
            $simulated = $simulated || $last['simulated'];
            if (Dimension::Temperature->value === $last['quantity']) {
                $air ??= Temperature::fromSi($last['value']);
            } elseif (Dimension::Ratio->value === $last['quantity']) {
                $humidity ??= $last['value'];
            }
        }

        return null === $air && null === $humidity ? null : ['air' => $air, 'humidity' => $humidity, 'simulated' => $simulated];
    }
}
