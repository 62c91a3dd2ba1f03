<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\DBAL\Connection;

/** The demo account is made with the demo data and nowhere else; where it is, the sign-in page says so. */
final readonly class DemoAccount
{
    public const EMAIL = 'demo@molten.example';
    public const PASSWORD = 'pour-and-learn';

    public function __construct(private Connection $storage)
    {
    }

    /** @return array{email: string, password: string}|null */
    public function told(): ?array
    {
        $there = $this->storage->fetchOne('SELECT 1 FROM caster WHERE email = ?', [self::EMAIL]);

        return false === $there ? null : ['email' => self::EMAIL, 'password' => self::PASSWORD];
    }
}
