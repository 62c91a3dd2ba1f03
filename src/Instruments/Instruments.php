<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Instrument;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\Core\Instrument\InstrumentKind;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** The instruments of a caster. */
final readonly class Instruments
{
    /** Those that were revoked do not count. */
    private const MOST = 40;

    public function __construct(
        private EntityManagerInterface $storage,
        private Notebook $notebook,
        private Readings $readings,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<Instrument> newest first */
    public function all(Caster $caster): array
    {
        return $this->storage->getRepository(Instrument::class)->findBy(['caster' => $caster], ['createdAt' => 'DESC', 'id' => 'DESC']);
    }

    /** @throws RecordNotFound where it is nobody's, or somebody else's */
    public function get(string $id, Caster $caster): Instrument
    {
        return $this->find($id, $caster) ?? throw RecordNotFound::named('instrument');
    }

    public function find(string $id, Caster $caster): ?Instrument
    {
        return Uuid::isValid($id)
            ? $this->storage->getRepository(Instrument::class)->findOneBy(['id' => Uuid::fromString($id), 'caster' => $caster])
            : null;
    }

    /** Whether one more may be connected. */
    public function hasRoom(Caster $caster): bool
    {
        return count(array_filter($this->all($caster), static fn (Instrument $one): bool => !$one->isRevoked())) < self::MOST;
    }

    /** @return array{Instrument, string} with the token that it was given */
    public function connect(Caster $caster, string $name, InstrumentKind $kind): array
    {
        $token = InstrumentTokens::fresh();
        $owner = $this->notebook->owner($caster);
        $instrument = new Instrument(Uuid::v7(), $owner, $name, $kind, InstrumentTokens::hash($token), $this->clock->now());
        $this->storage->persist($instrument);
        $this->storage->flush();

        return [$instrument, $token];
    }

    /** What was read from a file: it has no token, and sends nothing more. */
    public function fromFile(Caster $caster, string $name): Instrument
    {
        $instrument = new Instrument(Uuid::v7(), $this->notebook->owner($caster), $name, InstrumentKind::File, null, $this->clock->now());
        $this->storage->persist($instrument);
        $this->storage->flush();

        return $instrument;
    }

    /**
     * @param list<Instrument> $instruments
     *
     * @return list<InstrumentAnswer>
     */
    public function told(array $instruments, Caster $caster): array
    {
        $format = new QuantityFormatter($caster->units());
        $last = $this->readings->last(array_map(static fn (Instrument $one): Uuid => $one->id(), $instruments));

        return array_map(static function (Instrument $one) use ($format, $last): InstrumentAnswer {
            $id = $one->id()->toRfc4122();
            $own = array_filter($last, static fn (string $key): bool => str_starts_with($key, $id.' '), \ARRAY_FILTER_USE_KEY);

            return new InstrumentAnswer(
                id: $id,
                name: $one->name(),
                kind: $one->kind()->value,
                kindLabel: $one->kind()->label(),
                revoked: $one->isRevoked(),
                simulated: $one->isSimulated(),
                seenAt: null === $one->seenAt() ? null : (float) $one->seenAt()->getTimestamp(),
                runningSince: $one->runningSince(),
                last: array_values(array_map(static fn (array $read): array => [
                    'quantity' => $read['quantity'],
                    'shown' => $format->si($read['value'], Dimension::from($read['quantity'])),
                    'at' => $read['at'],
                    'simulated' => $read['simulated'],
                ], $own)),
            );
        }, $instruments);
    }
}
