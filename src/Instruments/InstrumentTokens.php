<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use Doctrine\DBAL\Connection;
use MoltenNotes\Core\Instrument\InstrumentKind;
use Symfony\Component\Security\Core\Exception\BadCredentialsException;
use Symfony\Component\Security\Http\AccessToken\AccessTokenHandlerInterface;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Uid\Uuid;

/** Who speaks with this token. Tokens are kept as hashes only: whoever reads the database can send nothing. */
final readonly class InstrumentTokens implements AccessTokenHandlerInterface
{
    private const BYTES = 24;
    private const PREFIX = 'mn_';

    public function __construct(private Connection $storage)
    {
    }

    public static function fresh(): string
    {
        return self::PREFIX.rtrim(strtr(base64_encode(random_bytes(self::BYTES)), '+/', '-_'), '=');
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    public function getUserBadgeFrom(#[\SensitiveParameter] string $accessToken): UserBadge
    {
        /** @var array{id: string, kind: string, seen_at: string|null, simulated: int|string}|false $row */
        $row = $this->storage->fetchAssociative(
            'SELECT id, kind, seen_at, simulated FROM instrument WHERE token_hash = ? AND revoked_at IS NULL',
            [self::hash($accessToken)],
        );
        if (false === $row) {
            throw new BadCredentialsException('No instrument has this token.');
        }
        $seen = null === $row['seen_at'] ? null : (new \DateTimeImmutable($row['seen_at']))->getTimestamp();
        $kind = InstrumentKind::from($row['kind']);
        $instrument = new SpeakingInstrument(Uuid::fromBinary($row['id']), $kind, $seen, 1 === (int) $row['simulated']);

        return new UserBadge($instrument->getUserIdentifier(), static fn (): SpeakingInstrument => $instrument);
    }
}
