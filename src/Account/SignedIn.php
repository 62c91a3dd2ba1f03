<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/**
 * Answers a sign-in with the session and its token.
 *
 * A success handler would run too early: the session is renewed after it, and the token it had sent would already be void.
 */
#[AsEventListener(priority: -100)]
final readonly class SignedIn
{
    public function __construct(private SessionView $view, private SignIns $signIns, private SecurityLog $log)
    {
    }

    public function __invoke(LoginSuccessEvent $event): void
    {
        $caster = $event->getUser();
        if (!$caster instanceof Caster) {
            // An instrument with its token: it has no session, and what it asked for is answered.
            return;
        }
        $this->signIns->begin($caster);
        $this->log->note('signed_in', $caster);
        $event->setResponse($this->view->response($caster));
    }
}
