<?php

declare(strict_types=1);

namespace MoltenNotes\App\Heaps;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\WorkshopBook;
use MoltenNotes\App\Notebook\WorkshopRow;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Sand\MendTargets;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The sand heaps of a workshop: how each stands, and what to add to bring it back. */
final readonly class HeapController
{
    public function __construct(private Notebook $notebook, private WorkshopBook $workshop, private HeapView $view)
    {
    }

    #[Route('/api/heaps', methods: ['GET'])]
    public function all(#[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse(
            new HeapListAnswer(
                array_map(
                    fn (WorkshopRow $row): HeapLineAnswer => $this->view->line($row),
                    $this->workshop->things($caster, 'heaps'),
                ),
            ),
        );
    }

    #[Route('/api/heaps/{id}', methods: ['GET'])]
    public function one(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->view->whole($this->notebook->heap($id, $caster)));
    }

    #[Route('/api/heaps/{id}/mending', methods: ['POST'])]
    public function mend(string $id, Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $row = $this->notebook->heap($id, $caster);
        $body = JsonBody::of($request);
        $reader = new ValueReader($caster->units());
        $reader->refuseUnknown(
            $body,
            ['moisture', 'compactability', 'clay', 'burnt'],
            '',
            'record.unknown_part',
            'A heap is not brought to this.',
        );
        $share = static function (string $what, float $least, float $most) use ($body, $reader): ?Ratio {
            $told = $reader->measured($what, 'percent', [$least, $most], null, $body[$what] ?? null, "/{$what}");

            return null === $told ? null : Ratio::fromSi($told->si());
        };
        $wanted = new MendTargets(
            $share('moisture', 0.1, 20),
            $share('compactability', 5, 80),
            $share('clay', 0.1, 40),
            $share('burnt', 1, 90),
        );
        $reader->insist();

        return new AnswerResponse($this->view->mending($row, $wanted));
    }
}
