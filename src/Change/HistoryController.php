<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Casting;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Ids;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Uuid;

/** Who changed what, when and from what, the latest first. Each entry holds what taking it back needs. */
final readonly class HistoryController
{
    public function __construct(private Notebook $notebook, private History $history)
    {
    }

    /** An attempt with its findings and its heat. */
    #[Route('/api/attempts/{id}/history', methods: ['GET'])]
    public function ofAttempt(string $id, Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $attempt = $this->notebook->own(Attempt::class, Ids::of($id, 'attempt'), $caster) ?? throw RecordNotFound::named('attempt');
        $heat = $attempt->heat();

        return $this->answer(null === $heat ? [$attempt->id()] : [$attempt->id(), $heat->id()], $request, $caster);
    }

    #[Route('/api/castings/{id}/history', methods: ['GET'])]
    public function ofCasting(string $id, Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $casting = $this->notebook->own(Casting::class, Ids::of($id, 'casting'), $caster) ?? throw RecordNotFound::named('casting');

        return $this->answer([$casting->id()], $request, $caster);
    }

    #[Route('/api/workshop/history', methods: ['GET'])]
    public function ofWorkshop(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return $this->answer([$caster->id()], $request, $caster);
    }

    /** @param list<Uuid> $about */
    private function answer(array $about, Request $request, Caster $caster): AnswerResponse
    {
        $before = $request->query->getInt('before');

        return new AnswerResponse($this->history->of($about, $caster, $before > 0 ? $before : null));
    }
}
