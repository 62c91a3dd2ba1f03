<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Instrument;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\App\Shared\Http\Problem;
use MoltenNotes\Core\Instrument\InstrumentKind;
use MoltenNotes\Core\Record\FieldProblem;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Connects instruments to a workshop, shows them and cuts them off. */
final readonly class InstrumentController
{
    private const LONGEST_NAME = 80;

    public function __construct(private Instruments $instruments, private EntityManagerInterface $storage, private ClockInterface $clock)
    {
    }

    #[Route('/api/instruments', methods: ['GET'])]
    public function all(#[CurrentUser] Caster $caster): AnswerResponse
    {
        $all = array_values(array_filter(
            $this->instruments->all($caster),
            static fn (Instrument $one): bool => InstrumentKind::File !== $one->kind(),
        ));
        usort($all, static fn (Instrument $a, Instrument $b): int => $a->isRevoked() <=> $b->isRevoked());

        return new AnswerResponse(new InstrumentListAnswer($this->instruments->told($all, $caster)));
    }

    #[Route('/api/instruments', methods: ['POST'])]
    public function connect(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $body = JsonBody::of($request);
        $name = is_string($body['name'] ?? null) ? trim($body['name']) : '';
        $kind = is_string($body['kind'] ?? null) ? InstrumentKind::tryFrom($body['kind']) : null;
        $faults = [];
        if ('' === $name || mb_strlen($name) > self::LONGEST_NAME) {
            $faults[] = new FieldProblem('/name', 'instrument.name', 'Give it a name, of at most '.self::LONGEST_NAME.' letters.');
        }
        if (null === $kind || InstrumentKind::File === $kind) {
            $faults[] = new FieldProblem('/kind', 'instrument.kind', 'Say what it is: thermocouple, scale, power or weather.');
        }
        if (null === $kind || [] !== $faults) {
            return Problem::response(422, 'record.invalid', 'This instrument cannot be connected like that.', $faults);
        }
        if (!$this->instruments->hasRoom($caster)) {
            return Problem::response(409, 'instrument.too_many', 'There are many instruments already: cut one off first.');
        }
        [$instrument, $token] = $this->instruments->connect($caster, $name, $kind);

        return new AnswerResponse(new NewInstrumentAnswer($this->instruments->told([$instrument], $caster)[0], $token), 201);
    }

    #[Route('/api/instruments/{id}/revoke', methods: ['POST'])]
    public function revoke(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $instrument = $this->instruments->get($id, $caster);
        $instrument->revoke($this->clock->now());
        $this->storage->flush();

        return new AnswerResponse($this->instruments->told([$instrument], $caster)[0]);
    }
}
