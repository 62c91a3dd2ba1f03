<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\JsonBody;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** Answers alike whether the address was free or not; the one who typed it signs in next, and only the right password opens anything. */
final readonly class RegisterController
{
    public function __construct(private Register $register, private Throttle $throttle, private SessionView $view)
    {
    }

    #[Route('/api/casters', methods: ['POST'])]
    public function __invoke(Request $request): AnswerResponse
    {
        $body = JsonBody::of($request);
        $text = static fn (string $key): string => is_string($body[$key] ?? null) ? $body[$key] : '';
        $this->throttle->registration($request->getClientIp() ?? '');
        ($this->register)($text('email'), $text('name'), $text('password'));

        return $this->view->response(null, 202);
    }
}
