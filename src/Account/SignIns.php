<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Shared\Http\DeviceName;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Uid\Uuid;

/** Where a caster is signed in: begun with a sign-in, kept alive by use, ended by idleness or from another device. */
final readonly class SignIns
{
    private const KEY = 'sign_in';
    /** The oldest makes room: nobody uses more devices, and one account must not fill the table. */
    private const MOST = 20;
    /** "Last seen" is told to this many seconds; not every request writes. */
    private const TOLD_TO_S = 300;

    public function __construct(private EntityManagerInterface $storage, private RequestStack $requests, private ClockInterface $clock)
    {
    }

    public function begin(Caster $caster): void
    {
        $request = $this->requests->getMainRequest();
        $signIn = new SignIn(
            $this->storage->getReference(Caster::class, $caster->id()) ?? $caster,
            DeviceName::of($request),
            $this->clock->now(),
        );
        $this->storage->persist($signIn);
        $this->storage->flush();
        $this->storage
            ->getConnection()
            ->executeStatement(
                'DELETE FROM sign_in WHERE caster_id = ? AND id NOT IN (SELECT id FROM (SELECT id FROM sign_in WHERE caster_id = ? '
                    .'ORDER BY last_seen_at DESC, id DESC LIMIT '.
                    self::MOST.
                    ') newest)',
                [$caster->id()->toBinary(), $caster->id()->toBinary()],
            );
        $request?->getSession()->set(self::KEY, $signIn->id()->toRfc4122());
    }

    /** The caster whose sign-in this session names; null when it was ended or has been idle too long. */
    public function caster(): ?Caster
    {
        $here = $this->here();
        if (null === $here) {
            return null;
        }
        $connection = $this->storage->getConnection();
        /**
         * @var array{last_seen_at: string, caster_id: string, email: string, name: string, password_hash: string, units: string,
         *     theme: string, dismissed_cautions: string, joined_at: string, idle_minutes: int|string, single_keys: int|string,
         *     revision: string}|false $row
         */
        $row = $connection->fetchAssociative(
            'SELECT s.last_seen_at, c.id AS caster_id, c.email, c.name, c.password_hash, c.units, c.theme, c.dismissed_cautions,
                c.joined_at, c.idle_minutes, c.single_keys, c.revision
             FROM sign_in s JOIN caster c ON c.id = s.caster_id WHERE s.id = ?',
            [$here->toBinary()],
        );
        if (false === $row) {
            return null;
        }
        $now = $this->clock->now();
        $idle = $now->getTimestamp() - (new \DateTimeImmutable($row['last_seen_at']))->getTimestamp();
        if ($idle > 60 * (int) $row['idle_minutes']) {
            $connection->executeStatement('DELETE FROM sign_in WHERE id = ?', [$here->toBinary()]);

            return null;
        }
        if ($idle > self::TOLD_TO_S) {
            $connection->executeStatement('UPDATE sign_in SET last_seen_at = ? WHERE id = ?', [
                $now->format('Y-m-d H:i:s'),
                $here->toBinary(),
            ]);
        }

        return Caster::stored($row);
    }

    /** @return list<SignInAnswer> the latest first */
    public function of(Caster $caster): array
    {
        $here = $this->here();
        $all = $this->storage->getRepository(SignIn::class)->findBy(['caster' => $caster], ['lastSeenAt' => 'DESC', 'id' => 'DESC']);

        return array_map(static fn (SignIn $one): SignInAnswer => $one->toAnswer($here), $all);
    }

    /** @return bool whether there was such a sign-in */
    public function end(Caster $caster, Uuid $one): bool
    {
        return 0 <
            $this->storage
                ->getConnection()
                ->executeStatement('DELETE FROM sign_in WHERE caster_id = ? AND id = ?', [$caster->id()->toBinary(), $one->toBinary()]);
    }

    /** Ends all sign-ins of this caster but the one that asks. */
    public function endElsewhere(Caster $caster): void
    {
        $here = $this->here()?->toBinary() ?? '';
        $this->storage
            ->getConnection()
            ->executeStatement('DELETE FROM sign_in WHERE caster_id = ? AND id <> ?', [$caster->id()->toBinary(), $here]);
    }

    public function endHere(): void
    {
        $here = $this->here();
        if (null !== $here) {
            $this->storage->getConnection()->executeStatement('DELETE FROM sign_in WHERE id = ?', [$here->toBinary()]);
        }
    }

    /** The sign-in that this session names, ended or not. */
    private function here(): ?Uuid
    {
        $request = $this->requests->getMainRequest();
        $id = null !== $request && $request->hasSession() ? $request->getSession()->get(self::KEY) : null;

        return is_string($id) && Uuid::isValid($id) ? Uuid::fromString($id) : null;
    }
}
