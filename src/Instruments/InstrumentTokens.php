<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Notebook\Instrument;
use Symfony\Component\Security\Core\Exception\BadCredentialsException;
use Symfony\Component\Security\Http\AccessToken\AccessTokenHandlerInterface;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;

/** Who speaks with this token. Tokens are kept as hashes only: whoever reads the database can send nothing. */
final readonly class InstrumentTokens implements AccessTokenHandlerInterface
{
    private const BYTES = 24;
    private const PREFIX = 'mn_';

    public function __construct(private EntityManagerInterface $storage)
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
        $instrument = $this->storage->getRepository(Instrument::class)->findOneBy(['tokenHash' => self::hash($accessToken)]);
        if (null === $instrument || $instrument->isRevoked()) {
            throw new BadCredentialsException('No instrument has this token.');
        }

        return new UserBadge($instrument->getUserIdentifier(), static fn (): Instrument => $instrument);
    }
}
