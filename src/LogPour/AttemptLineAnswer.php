<?php

declare(strict_types=1);

namespace MoltenNotes\App\LogPour;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Choices;
use Symfony\Component\Uid\Uuid;

/** What every list and every view of an attempt begins with. */
final readonly class AttemptLineAnswer extends Answer
{
    public function __construct(
        public string $id,
        public string $castingId,
        public string $castingName,
        public int $number,
        public string $state,
        public ?string $pouredOn,
        public ?string $verdict,
        public ?string $process,
        public ?string $processLabel,
        public ?string $alloy,
        public ?string $alloyLabel,
        public ?string $pourTemperature,
        public int $version,
    ) {
    }

    public static function of(Attempt $attempt): self
    {
        $process = $attempt->process();
        $alloy = $attempt->alloy();

        return new self(
            id: $attempt->id()->toRfc4122(),
            castingId: $attempt->casting()->id()->toRfc4122(),
            castingName: $attempt->casting()->name(),
            number: $attempt->number(),
            state: $attempt->state(),
            pouredOn: $attempt->pouredOn()?->format('Y-m-d'),
            verdict: $attempt->verdict(),
            process: $process,
            processLabel: null === $process ? null : Choices::label('process', $process),
            alloy: $alloy,
            alloyLabel: null === $alloy ? null : Choices::label('alloy', $alloy),
            pourTemperature: self::temperature($attempt->pourTemperatureK(), $attempt->caster()),
            version: $attempt->version(),
        );
    }

    /**
     * From plain columns: building entities for a list of many would cost too much.
     *
     * @param array{id: string, casting_id: string, name: string, number: int|string, poured_on: string|null, verdict: string|null,
     *     process: string|null, alloy: string|null, pour_temperature_k: float|string|null, version: int|string, ...} $row
     */
    public static function ofRow(array $row, Caster $caster): self
    {
        $verdict = Choices::known('verdict', $row['verdict']);

        return new self(
            id: Uuid::fromBinary($row['id'])->toRfc4122(),
            castingId: Uuid::fromBinary($row['casting_id'])->toRfc4122(),
            castingName: $row['name'],
            number: (int) $row['number'],
            state: Attempt::stateOf($verdict, null !== $row['poured_on']),
            pouredOn: $row['poured_on'],
            verdict: $verdict,
            process: $row['process'],
            processLabel: null === $row['process'] ? null : Choices::label('process', $row['process']),
            alloy: $row['alloy'],
            alloyLabel: null === $row['alloy'] ? null : Choices::label('alloy', $row['alloy']),
            pourTemperature: self::temperature(null === $row['pour_temperature_k'] ? null : (float) $row['pour_temperature_k'], $caster),
            version: (int) $row['version'],
        );
    }

    private static function temperature(?float $kelvin, Caster $caster): ?string
    {
        return null === $kelvin ? null : (new QuantityFormatter($caster->units()))->si($kelvin, Dimension::Temperature);
    }
}
