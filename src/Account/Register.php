<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use Psr\Clock\ClockInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/**
 * Opens an account. An address that has one already is answered like any other, in as much time: strangers must not learn who has an
 * account.
 * Its owner notices nothing, and signs in with the old password.
 */
final readonly class Register
{
    public function __construct(
        private EntityManagerInterface $storage,
        private UserPasswordHasherInterface $hasher,
        private ClockInterface $clock,
        private SecurityLog $log,
    ) {
    }

    /**
     * @return Caster|null null when the address has an account already
     *
     * @throws RejectedRecord
     */
    public function __invoke(string $email, string $name, string $password): ?Caster
    {
        $address = Address::read($email);
        $problems = [];
        $name = trim($name);
        if ('' === $name || mb_strlen($name) > 120) {
            $problems[] = new FieldProblem('/name', 'account.name', 'Tell us what to call you, in at most 120 characters.');
        }
        array_push($problems, ...Passwords::problems($password, '/password', $email, $name));
        if (null === $address) {
            throw RejectedRecord::because([new FieldProblem('/email', 'account.email', 'This is not an e-mail address.'), ...$problems]);
        }
        if ([] !== $problems) {
            throw RejectedRecord::because($problems);
        }
        $caster = new Caster($address, $name, $this->clock->now());
        // Hashed before anybody looks whether the address is free: it takes by far the longest.
        $caster->changePasswordHash($this->hasher->hashPassword($caster, $password));
        if (null !== $this->storage->getRepository(Caster::class)->findOneBy(['email' => $address])) {
            $this->log->note('registered_again', $address);

            return null;
        }
        try {
            $this->storage->persist($caster);
            $this->storage->flush();
        } catch (UniqueConstraintViolationException) {
            // Two at once: the other one has it.
            return null;
        }
        $this->log->note('registered', $caster);

        return $caster;
    }
}
