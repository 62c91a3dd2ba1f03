<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Exception\UnsupportedUserException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;

/**
 * Finds the caster of a session.
 *
 * While storage is away nobody can be looked up; failing here would end the session, and everybody would be signed out by a hiccup.
 * The caster then stays who the session says, and the request fails at its first real use of storage, which is reported as what it is.
 * An address without an account takes as long to refuse as a wrong password: time must not tell who has one.
 *
 * @implements UserProviderInterface<Caster>
 */
final readonly class Casters implements UserProviderInterface
{
    public function __construct(
        private EntityManagerInterface $storage,
        private SignIns $signIns,
        private PasswordHasherFactoryInterface $hashers,
    ) {
    }

    public function loadUserByIdentifier(string $identifier): Caster
    {
        $caster = $this->storage->getRepository(Caster::class)->findOneBy(['email' => Address::normal($identifier)]);
        if (null === $caster) {
            $this->hashers->getPasswordHasher(Caster::class)->hash('nobody’s password');
            $unknown = new UserNotFoundException();
            $unknown->setUserIdentifier($identifier);
            throw $unknown;
        }

        return $caster;
    }

    public function refreshUser(UserInterface $user): Caster
    {
        if (!$user instanceof Caster) {
            throw new UnsupportedUserException();
        }
        try {
            return $this->signIns->caster() ?? throw new UserNotFoundException();
        } catch (ConnectionException) {
            return $user;
        }
    }

    public function supportsClass(string $class): bool
    {
        // Storage may hand out a subclass of its own making.
        return is_a($class, Caster::class, true);
    }
}
