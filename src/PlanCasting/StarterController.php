<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\Geometry\Starters;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\ImpossibleQuantity;
use MoltenNotes\Core\Record\SectionsReader;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Lays the sections of a usual casting from a few measurements; nothing is kept. */
final readonly class StarterController
{
    #[Route('/api/starters', methods: ['POST'])]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $body = JsonBody::of($request);
        $reader = new ValueReader($caster->units());
        $code = is_string($body['starter'] ?? null) ? $body['starter'] : '';
        $starter = Starters::all()[$code] ?? null;
        if (null === $starter) {
            $reader->refuse('/starter', 'record.unknown_choice', 'This is not a shape to start from.');
        }
        $typed = $reader->object($body['measures'] ?? [], '/measures');
        $measures = [];
        foreach ($starter['asks'] ?? [] as $name => [$label]) {
            $value = $reader->measured($name, 'mm', [0.1, 5000], [1, 1200], $typed[$name] ?? null, "/measures/{$name}");
            if (null !== $value) {
                $measures[$name] = $value->si();
            } elseif (in_array($typed[$name] ?? '', ['', null], true)) {
                $reader->refuse("/measures/{$name}", 'pattern.measure_missing', "{$label} is wanted.");
            }
        }
        $reader->insist();
        try {
            $sections = Starters::lay($code, $measures, $caster->units()->unit(Dimension::Length)->code);
        } catch (ImpossibleQuantity) {
            $reader->refuse('/measures', 'pattern.measures_disagree', 'These measurements do not go together: one part has no size left.');
            $sections = [];
        }
        $reader->insist();
        // What is left of a part may still be no body: refused in the words of its section.
        SectionsReader::read($sections, '/measures', $reader);
        $reader->insist();

        return new AnswerResponse(new StarterAnswer($sections));
    }
}
