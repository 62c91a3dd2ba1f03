<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Record\ValueWords;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Reads what was typed into one field and shows it back in the caster's units, before anything is saved. */
final class ReadQuantityController
{
    #[Route('/api/quantities', methods: ['POST'])]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $body = JsonBody::of($request);
        $reader = new ValueReader($caster->units());
        $field = Fields::get(is_string($body['field'] ?? null) ? $body['field'] : '');
        $value = $reader->value($field, $body['text'] ?? null, '/text');
        $reader->insist();

        return new AnswerResponse(
            new ReadValueAnswer(
                $value instanceof Measurement || $value instanceof Sections ? $value->toArray() : $value,
                null === $value ? '' : ValueWords::of($field->key, $value, new QuantityFormatter($caster->units())),
                array_map(static fn (FieldProblem $question): string => $question->message, $reader->questions())[0] ?? null,
            ),
        );
    }
}
