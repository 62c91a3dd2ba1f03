<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use MoltenNotes\App\Shared\Http\AnswerResponse;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Routing\Attribute\Route;

final readonly class SignOutController
{
    public function __construct(private Security $security, private SessionView $view, private SignIns $signIns, private SecurityLog $log)
    {
    }

    #[Route('/api/session', methods: ['DELETE'])]
    public function __invoke(): AnswerResponse
    {
        $caster = $this->security->getUser();
        if ($caster instanceof Caster) {
            $this->signIns->endHere();
            $this->log->note('signed_out', $caster);
            $this->security->logout(false);
        }

        return $this->view->response(null);
    }
}
