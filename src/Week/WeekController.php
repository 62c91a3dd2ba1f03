<?php

declare(strict_types=1);

namespace MoltenNotes\App\Week;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The week before the pours, on the screen and in any calendar. */
final readonly class WeekController
{
    public function __construct(private WeekView $view, private FeedAddresses $feeds, private ClockInterface $clock)
    {
    }

    #[Route('/api/week', methods: ['GET'])]
    #[Costly]
    public function week(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $zone = $request->query->get('zone');

        return new AnswerResponse($this->view->of($caster, is_string($zone) ? $zone : null));
    }

    #[Route('/api/week.ics', methods: ['GET'])]
    #[Costly]
    public function file(#[CurrentUser] Caster $caster): Response
    {
        return $this->calendar($caster);
    }

    #[Route('/api/week/feed', methods: ['POST'])]
    public function make(#[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse(new FeedAnswer("/api/feed/{$this->feeds->make($caster)}.ics"));
    }

    #[Route('/api/week/feed', methods: ['DELETE'])]
    public function cutOff(#[CurrentUser] Caster $caster): Response
    {
        $this->feeds->cutOff($caster);

        return new Response('', Response::HTTP_NO_CONTENT);
    }

    #[Route('/api/feed/{secret}.ics', requirements: ['secret' => '[A-Za-z0-9_-]{20,64}'], methods: ['GET'])]
    public function feed(string $secret): Response
    {
        return $this->calendar($this->feeds->whose($secret) ?? throw RecordNotFound::named('calendar'));
    }

    private function calendar(Caster $caster): Response
    {
        $now = (float) $this->clock->now()->getTimestamp();

        return new Response(WeekCalendar::of($this->view->tasksOf($caster), $now), Response::HTTP_OK, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="molten-week.ics"',
            'Cache-Control' => 'no-store',
        ]);
    }
}
