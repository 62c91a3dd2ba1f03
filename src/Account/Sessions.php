<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\DBAL\Connection;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

/**
 * Sessions in the database, so that they outlive the servers.
 *
 * No lock: two pages of one caster load side by side, and a long read holds up nothing; a session changes at sign-in and sign-out only.
 * Its row is
 * written when it changes and, so that it stays, every few minutes (framework.session.metadata_update_threshold), not at every request.
 */
final class Sessions extends PdoSessionHandler
{
    private const VISITOR_S = 7200;

    public function __construct(Connection $connection, RequestStack $requests)
    {
        $native = $connection->getNativeConnection();
        if (!$native instanceof \PDO) {
            throw new \LogicException('Sessions need a PDO connection.');
        }
        parent::__construct($native, [
            'db_table' => 'session',
            'lock_mode' => self::LOCK_NONE,
            // Somebody who only looked at the sign-in page need not be remembered for two weeks.
            'ttl' => static fn (): ?int => true === $requests->getMainRequest()?->getSession()->has('_security_api')
                ? null
                : self::VISITOR_S,
        ]);
    }

    /** An unchanged session was written a few minutes ago at most: nothing to do. */
    public function updateTimestamp(#[\SensitiveParameter] string $sessionId, string $data): bool
    {
        return true;
    }
}
