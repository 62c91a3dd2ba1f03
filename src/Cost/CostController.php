<?php

declare(strict_types=1);

namespace MoltenNotes\App\Cost;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What pours cost, and what a good casting does; with "counts=usable" the usable ones are good enough. */
final readonly class CostController
{
    public function __construct(private Notebook $notebook, private CostView $view)
    {
    }

    #[Route('/api/attempts/{id}/cost', methods: ['GET'])]
    #[Costly]
    public function pour(string $id, Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->view->of($this->notebook->attempt($id, $caster), self::counts($request)));
    }

    #[Route('/api/castings/{id}/cost', methods: ['GET'])]
    #[Costly]
    public function casting(string $id, Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->view->good($this->notebook->casting($id, $caster), self::counts($request)));
    }

    /** @return 'good'|'usable' */
    private static function counts(Request $request): string
    {
        return 'usable' === $request->query->getString('counts') ? 'usable' : 'good';
    }
}
