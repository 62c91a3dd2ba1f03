<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use MoltenNotes\App\Shared\Http\JsonBody;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

final readonly class RegisterController
{
    public function __construct(private Register $register, private Security $security, private SessionView $view)
    {
    }

    #[Route('/api/casters', methods: ['POST'])]
    public function __invoke(Request $request): JsonResponse
    {
        $body = JsonBody::of($request);
        $text = static fn (string $key): string => is_string($body[$key] ?? null) ? $body[$key] : '';
        $caster = ($this->register)($text('email'), $text('name'), $text('password'));
        $this->security->login($caster, 'json_login', 'api');

        return $this->view->response($caster, 201);
    }
}
