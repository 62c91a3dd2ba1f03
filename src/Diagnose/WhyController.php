<?php

declare(strict_types=1);

namespace MoltenNotes\App\Diagnose;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Record\ValueReader;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Why: the diagnosis, and the two things a caster does with it: answer a check, hold an opinion. Each answers with the new ranking. */
final readonly class WhyController
{
    public function __construct(private Notebook $notebook, private WhyView $why, private Catalogue $catalogue, private ClockInterface $clock)
    {
    }

    #[Route('/api/attempts/{id}/diagnosis', methods: ['GET'])]
    #[Costly]
    public function show(string $id, #[CurrentUser] Caster $caster): JsonResponse
    {
        return new JsonResponse($this->why->of($this->notebook->attempt($id, $caster)));
    }

    #[Route('/api/attempts/{id}/answers/{check}', methods: ['PUT'])]
    #[Costly]
    public function answer(string $id, string $check, Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        $attempt = $this->notebook->attempt($id, $caster);
        if (!isset($this->catalogue->vocabulary->checks[$check])) {
            throw RecordNotFound::named('check');
        }
        $body = JsonBody::of($request);
        $reader = new ValueReader($caster->units());
        $answer = isset($body['answer']) ? $reader->choice('answer', $body['answer'], '/answer') : null;
        $reader->insist();
        $attempt->answer($check, in_array($answer, ['yes', 'no', 'unclear'], true) ? $answer : null);
        $attempt->touch($this->clock->now());
        $this->notebook->save();

        return new JsonResponse($this->why->of($attempt));
    }

    #[Route('/api/attempts/{id}/opinions/{cause}', methods: ['PUT'])]
    #[Costly]
    public function opinion(string $id, string $cause, Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        $attempt = $this->notebook->attempt($id, $caster);
        if (!isset($this->catalogue->causes[$cause])) {
            throw RecordNotFound::named('cause');
        }
        $body = JsonBody::of($request);
        $reader = new ValueReader($caster->units());
        $opinion = $body['opinion'] ?? null;
        if (null !== $opinion && !in_array($opinion, ['confirmed', 'suspected', 'ruled_out'], true)) {
            $reader->refuse('/opinion', 'record.unknown_choice', 'Say confirmed, suspected or ruled out.');
        }
        $note = $reader->text($body['note'] ?? null, '/note');
        $reader->insist();
        $attempt->opine($cause, in_array($opinion, ['confirmed', 'suspected', 'ruled_out'], true) ? $opinion : null, $note);
        $attempt->touch($this->clock->now());
        $this->notebook->save();

        return new JsonResponse($this->why->of($attempt));
    }
}
