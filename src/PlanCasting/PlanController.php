<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\Drawing\Layers;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Uuid;

/** Plans while the caster types; nothing is saved. Values that cannot be read are named, and the rest is planned without them. */
final readonly class PlanController
{
    public function __construct(private Notebook $notebook, private PlanView $view)
    {
    }

    #[Route('/api/plan', methods: ['POST'])]
    #[Costly]
    public function compute(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $body = JsonBody::of($request);
        $reader = new ValueReader($caster->units());
        $values = $reader->values($body['values'] ?? null, '/values');

        // Values of an attempt that is there stand on what it stands on: its own outcome teaches it nothing.
        $attempt =
            is_string($body['attempt'] ?? null) && Uuid::isValid($body['attempt'])
                ? $this->notebook->findAttempt(Uuid::fromString($body['attempt']), $caster)
                : null;

        return new AnswerResponse(
            $this->view->of(
                $this->notebook->typed($values, $caster, $attempt),
                $caster->units(),
                null,
                $reader->problems(),
                $reader->questions(),
                self::cut($body['cut'] ?? null),
                self::layer($body['layer'] ?? null),
            ),
        );
    }

    private static function layer(mixed $typed): ?string
    {
        if (null === $typed) {
            return null;
        }
        if (!is_string($typed) || !in_array($typed, Layers::CODES, true)) {
            throw RejectedRecord::because([
                new FieldProblem('/layer', 'plan.layer', 'What is laid over the drawing is one of '.implode(', ', Layers::CODES).'.'),
            ]);
        }

        return $typed;
    }

    private static function cut(mixed $typed): ?float
    {
        if (null === $typed) {
            return null;
        }
        if ((!is_int($typed) && !is_float($typed)) || $typed < 0 || $typed > 1) {
            throw RejectedRecord::because([
                new FieldProblem('/cut', 'plan.cut', 'The cut is a share of the casting’s depth, from 0 at its front to 1 at its back.'),
            ]);
        }

        return (float) $typed;
    }

    #[Route('/api/attempts/{id}/plan', methods: ['GET'])]
    #[Costly]
    public function show(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $attempt = $this->notebook->attempt($id, $caster);
        $record = $this->notebook->record($attempt);

        return new AnswerResponse($this->view->of($record, $caster->units(), $record->planned));
    }
}
