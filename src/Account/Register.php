<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use Psr\Clock\ClockInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** Opens an account. */
final readonly class Register
{
    public const SHORTEST_PASSWORD = 10;
    /** Hashers stop reading here; a longer one would be cut without a word. */
    public const LONGEST_PASSWORD = 4096;

    public function __construct(private EntityManagerInterface $storage, private UserPasswordHasherInterface $hasher, private ClockInterface $clock)
    {
    }

    /** @throws RejectedRecord */
    public function __invoke(string $email, string $name, string $password): Caster
    {
        $email = mb_strtolower(trim($email));
        $problems = [];
        if (false === filter_var($email, \FILTER_VALIDATE_EMAIL) || strlen($email) > 180) {
            $problems[] = new FieldProblem('/email', 'account.email', 'This is not an e-mail address.');
        } elseif (null !== $this->storage->getRepository(Caster::class)->findOneBy(['email' => $email])) {
            $problems[] = new FieldProblem('/email', 'account.taken', 'There is an account with this address already. Sign in instead.');
        }
        if ('' === trim($name) || mb_strlen($name) > 120) {
            $problems[] = new FieldProblem('/name', 'account.name', 'Tell us what to call you, in at most 120 characters.');
        }
        array_push($problems, ...self::passwordProblems($password, '/password'));
        if ([] !== $problems || '' === $email) {
            throw RejectedRecord::because([] !== $problems ? $problems : [new FieldProblem('/email', 'account.email', 'This is not an e-mail address.')]);
        }
        $caster = new Caster($email, trim($name), $this->clock->now());
        $caster->changePasswordHash($this->hasher->hashPassword($caster, $password));
        $this->storage->persist($caster);
        $this->storage->flush();

        return $caster;
    }

    /** @return list<FieldProblem> */
    public static function passwordProblems(string $password, string $pointer): array
    {
        return match (true) {
            mb_strlen($password) < self::SHORTEST_PASSWORD => [new FieldProblem($pointer, 'account.password_short', 'Use at least '.self::SHORTEST_PASSWORD.' characters; a few words in a row are good.')],
            strlen($password) > self::LONGEST_PASSWORD => [new FieldProblem($pointer, 'account.password_long', 'That is too long.')],
            default => [],
        };
    }
}
