<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/** Every write under /api must carry the token of its session in X-CSRF-Token. Runs before the firewall, so sign-in is covered too. */
#[AsEventListener(priority: 16)]
final readonly class CsrfGuard
{
    public const TOKEN = 'api';
    /** The door for instruments: who comes there has a token of its own and no session that a stranger's page could use. */
    private const INSTRUMENTS = '/api/readings';

    public function __construct(private CsrfTokenManagerInterface $tokens)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (
            !$event->isMainRequest()
            || $request->isMethodSafe()
            || !str_starts_with($request->getPathInfo(), '/api')
            || self::INSTRUMENTS === $request->getPathInfo()
        ) {
            return;
        }
        if (!$this->tokens->isTokenValid(new CsrfToken(self::TOKEN, $request->headers->get('X-CSRF-Token', '')))) {
            $event->setResponse(Problem::response(403, 'csrf.invalid', 'The page is out of date. Load it again; what you wrote is kept.'));
        }
    }
}
