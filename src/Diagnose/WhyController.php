<?php

declare(strict_types=1);

namespace MoltenNotes\App\Diagnose;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Why: the diagnosis. Answers to its checks and opinions of its causes are fields of the attempt. */
final readonly class WhyController
{
    public function __construct(private Notebook $notebook, private WhyView $why)
    {
    }

    #[Route('/api/attempts/{id}/diagnosis', methods: ['GET'])]
    #[Costly]
    public function __invoke(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->why->of($this->notebook->attempt($id, $caster)));
    }
}
