<?php

declare(strict_types=1);

namespace MoltenNotes\App\Repeats;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\Core\Attempt\History;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The repeat list for a pour in hand: of an attempt, or by process and metal of one that is typed; those count before what is kept. */
final readonly class RepeatsController
{
    public function __construct(private RepeatList $repeats, private Notebook $notebook)
    {
    }

    #[Route('/api/repeats', methods: ['GET'])]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $id = $request->query->getString('attempt');
        $attempt = '' === $id ? null : $this->notebook->attempt($id, $caster);
        $values = $attempt?->toRecord(new History(), null)->values();
        $typed = static fn (string $name, ?string $kept): ?string => '' === $request->query->getString($name)
            ? $kept
            : $request->query->getString($name);

        return new AnswerResponse(new RepeatsAnswer($this->repeats->like(
            $caster,
            $typed('process', $values?->choice('mould.process')),
            $typed('alloy', $values?->choice('metal.alloy')),
            $values?->measurement('casting.wall')?->si(),
            $attempt?->id()->toRfc4122(),
        )));
    }
}
