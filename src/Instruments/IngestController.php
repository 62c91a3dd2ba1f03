<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Notebook\Instrument;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Problem;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The door for instruments. They come with a token of their own and may do nothing else. */
final readonly class IngestController
{
    public function __construct(private Readings $readings, private EntityManagerInterface $storage, private ClockInterface $clock)
    {
    }

    #[Route('/api/readings', methods: ['POST'])]
    public function __invoke(Request $request, #[CurrentUser] Instrument $instrument): AnswerResponse
    {
        $now = $this->clock->now();
        $body = ReadingsBody::of($request, $instrument->kind(), (float) $now->format('U.u'));
        if ([] === $body->readings && [] !== $body->faults) {
            return Problem::response(422, 'readings.none', 'None of these readings can be taken.', $body->faults);
        }
        $new = $this->readings->take($instrument, $body->readings, $body->simulated);
        $instrument->spoke($now, $body->simulated && [] !== $body->readings);
        $this->storage->flush();

        return new AnswerResponse(new TakenReadingsAnswer($new, count($body->readings) - $new, $body->faults));
    }
}
