<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use MoltenNotes\Core\Instrument\InstrumentKind;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Uid\Uuid;

/** The instrument that speaks at the ingest door. Ten times a second it comes: it is known by one row, and no notebook is opened for it. */
final readonly class SpeakingInstrument implements UserInterface
{
    /** @param int|null $seenAt second since 1970 at which it was last written down that it spoke */
    public function __construct(public Uuid $id, public InstrumentKind $kind, public ?int $seenAt, public bool $simulated)
    {
    }

    public function getRoles(): array
    {
        return ['ROLE_INSTRUMENT'];
    }

    public function eraseCredentials(): void
    {
    }

    public function getUserIdentifier(): string
    {
        return 'instrument '.$this->id->toRfc4122();
    }
}
