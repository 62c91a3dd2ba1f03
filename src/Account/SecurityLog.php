<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Monolog\Attribute\WithMonologChannel;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\RequestStack;

/**
 * What happened to accounts: sign-ins, refusals, changed passwords. Addresses are kept as a keyed hash: enough to see a pattern, no list
 * of people.
 */
#[WithMonologChannel('account')]
final readonly class SecurityLog
{
    public function __construct(
        private LoggerInterface $logger,
        private RequestStack $requests,
        #[Autowire('%kernel.secret%')]
        private string $secret,
    ) {
    }

    public function note(string $event, Caster|string|null $who = null): void
    {
        $this->logger->notice($event, [
            'caster' => $who instanceof Caster ? $who->id()->toRfc4122() : null,
            'address' => is_string($who) && '' !== $who ? substr(hash_hmac('sha256', Address::normal($who), $this->secret), 0, 16) : null,
            'from' => $this->requests->getMainRequest()?->getClientIp(),
        ]);
    }
}
