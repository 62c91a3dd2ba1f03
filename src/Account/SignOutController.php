<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

final readonly class SignOutController
{
    public function __construct(private Security $security, private SessionView $view)
    {
    }

    #[Route('/api/session', methods: ['DELETE'])]
    public function __invoke(): JsonResponse
    {
        if (null !== $this->security->getUser()) {
            $this->security->logout(false);
        }

        return $this->view->response(null);
    }
}
