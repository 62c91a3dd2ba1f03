<?php

declare(strict_types=1);

namespace MoltenNotes\App\Week;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;

/** The secret addresses that calendars are fetched by. Kept as hashes only; who has the address can read the week and nothing else. */
final readonly class FeedAddresses
{
    private const BYTES = 24;

    public function __construct(private EntityManagerInterface $storage)
    {
    }

    /** A new secret; the one before is cut off by it. */
    public function make(Caster $caster): string
    {
        $secret = rtrim(strtr(base64_encode(random_bytes(self::BYTES)), '+/', '-_'), '=');
        $this->kept($caster)->feedBy(self::hash($secret));
        $this->storage->flush();

        return $secret;
    }

    public function has(Caster $caster): bool
    {
        return $this->kept($caster)->hasFeed();
    }

    public function cutOff(Caster $caster): void
    {
        $this->kept($caster)->feedBy(null);
        $this->storage->flush();
    }

    /** Null where nobody's calendar is fetched by it. */
    public function whose(#[\SensitiveParameter] string $secret): ?Caster
    {
        return $this->storage->getRepository(Caster::class)->findOneBy(['feedHash' => self::hash($secret)]);
    }

    /** Who is signed in comes from plain columns and is not kept track of. */
    private function kept(Caster $caster): Caster
    {
        return $this->storage->find(Caster::class, $caster->id()) ?? throw new \LogicException('Whoever is signed in is stored.');
    }

    private static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
