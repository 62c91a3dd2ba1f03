<?php

declare(strict_types=1);

namespace MoltenNotes\App\Patterns;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Patterns, and moulds that are used again: how each stands, and how large each stage before the metal must be. */
final readonly class PatternController
{
    public function __construct(private Notebook $notebook, private PatternView $view)
    {
    }

    #[Route('/api/patterns', methods: ['GET'])]
    public function all(#[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->view->all($caster));
    }

    /** With "alloy" and "edge", a length as it is wanted on the casting, the stages are told for those. */
    #[Route('/api/patterns/{id}', methods: ['GET'])]
    public function one(string $id, Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $row = $this->notebook->thing($id, 'patterns', $caster, 'pattern');
        $reader = new ValueReader($caster->units());
        $asked = $request->query->getString('edge');
        $edge = '' === $asked ? null : $reader->measured('edge', 'mm', [0.1, 10000], null, $asked, '/edge');
        $alloy = $request->query->getString('alloy');
        if ('' !== $alloy) {
            $reader->choice('alloy', $alloy, '/alloy');
        }
        $reader->insist();

        return new AnswerResponse(
            $this->view->whole($row, AlloyTable::find($alloy), null === $edge ? null : Length::fromSi($edge->si())),
        );
    }
}
