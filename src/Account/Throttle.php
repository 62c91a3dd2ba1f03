<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Symfony\Component\RateLimiter\RateLimiterFactoryInterface;

/** How often accounts are opened from one place and a password is tried. Sign-ins are throttled by the firewall itself. */
final readonly class Throttle
{
    public function __construct(
        #[Autowire(service: 'limiter.registration')]
        private RateLimiterFactoryInterface $registrations,
        #[Autowire(service: 'limiter.password')]
        private RateLimiterFactoryInterface $passwords,
        private SecurityLog $log,
    ) {
    }

    public function registration(string $from): void
    {
        $this->insist($this->registrations, $from, 'registration_throttled');
    }

    public function passwordChange(Caster $caster): void
    {
        $this->insist($this->passwords, $caster->id()->toRfc4122(), 'password_change_throttled', $caster);
    }

    private function insist(RateLimiterFactoryInterface $limits, string $key, string $event, ?Caster $caster = null): void
    {
        $limit = $limits->create($key)->consume();
        if (!$limit->isAccepted()) {
            $this->log->note($event, $caster);
            throw new TooManyRequestsHttpException(max(1, $limit->getRetryAfter()->getTimestamp() - time()), 'Too many tries.');
        }
    }
}
