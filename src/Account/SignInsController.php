<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Ids;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Where this caster is signed in, and signing out elsewhere. */
final readonly class SignInsController
{
    public function __construct(private SignIns $signIns, private SecurityLog $log)
    {
    }

    #[Route('/api/me/sign-ins', methods: ['GET'])]
    public function show(#[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse(new SignInsAnswer($this->signIns->of($caster)));
    }

    #[Route('/api/me/sign-ins', methods: ['DELETE'])]
    public function endOthers(#[CurrentUser] Caster $caster): AnswerResponse
    {
        $this->signIns->endElsewhere($caster);
        $this->log->note('signed_out_elsewhere', $caster);

        return $this->show($caster);
    }

    #[Route('/api/me/sign-ins/{id}', methods: ['DELETE'])]
    public function end(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        if (!$this->signIns->end($caster, Ids::of($id, 'sign-in'))) {
            throw RecordNotFound::named('sign-in');
        }
        $this->log->note('signed_out_elsewhere', $caster);

        return $this->show($caster);
    }
}
