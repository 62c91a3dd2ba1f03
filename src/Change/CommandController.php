<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\DeviceName;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\Record\ValueReader;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The one door through which a notebook is changed. */
final readonly class CommandController
{
    public function __construct(private ApplyCommand $apply, private ClockInterface $clock)
    {
    }

    #[Route('/api/commands', methods: ['POST'])]
    #[Costly]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $command = Command::read(JsonBody::of($request), new ValueReader($caster->units()), $this->clock->now());

        return new AnswerResponse(($this->apply)($command, $caster, DeviceName::of($request)));
    }
}
