<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Problem;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The door for instruments. They come with a token of their own and may do nothing else. */
final readonly class IngestController
{
    private const SEEN_EVERY_S = 5;

    public function __construct(private Readings $readings, private ClockInterface $clock)
    {
    }

    #[Route('/api/readings', methods: ['POST'])]
    public function __invoke(Request $request, #[CurrentUser] SpeakingInstrument $instrument): AnswerResponse
    {
        $now = $this->clock->now();
        $body = ReadingsBody::of($request, $instrument->kind, (float) $now->format('U.u'));
        if ([] === $body->readings && [] !== $body->faults) {
            return Problem::response(422, 'readings.none', 'None of these readings can be taken.', $body->faults);
        }
        $new = $this->readings->take($instrument->id, $body->readings, $body->simulated);
        $simulated = $body->simulated && [] !== $body->readings;
        // When it last spoke is written down no oftener than that, so that a quick instrument does not write it with every reading.
        $longAgo = null === $instrument->seenAt || $now->getTimestamp() - $instrument->seenAt >= self::SEEN_EVERY_S;
        if ($longAgo || ($simulated && !$instrument->simulated)) {
            $this->readings->heard($instrument->id, $now, $simulated, $body->readings);
        }

        return new AnswerResponse(new TakenReadingsAnswer($new, count($body->readings) - $new, $body->faults));
    }
}
