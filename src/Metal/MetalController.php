<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Charge\Knowledge;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\ColumnReader;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The metal of a workshop: lots, what pours ask of them, what goes into a pot and how that is put right. */
final readonly class MetalController
{
    public function __construct(private Notebook $notebook, private MetalView $view, private ChargeView $charge)
    {
    }

    #[Route('/api/metal', methods: ['GET'])]
    #[Costly]
    public function shelf(#[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->view->shelf($caster));
    }

    #[Route('/api/lots/{id}', methods: ['GET'])]
    public function lot(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->view->lot($this->notebook->thing($id, 'stock', $caster)));
    }

    #[Route('/api/attempts/{id}/charge', methods: ['GET'])]
    #[Costly]
    public function charge(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->charge->of($this->notebook->attempt($id, $caster)));
    }

    #[Route('/api/charges', methods: ['POST'])]
    #[Costly]
    public function offer(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $body = JsonBody::of($request);
        $reader = new ValueReader($caster->units());
        $reader->refuseUnknown($body, ['mass', 'alloy', 'whole', 'room'], '', 'record.unknown_part', 'A charge is not asked for by this.');
        $mass = $reader->measured('mass', 'kg', [0.0001, 5000], null, $body['mass'] ?? null, '/mass');
        if (null === $mass) {
            $reader->refuse('/mass', 'charge.melt_missing', 'Say how much metal is wanted.');
        }
        $room = $reader->measured('room', 'kg', [0.0001, 5000], null, $body['room'] ?? null, '/room');
        $alloy = self::alloy($body['alloy'] ?? null, $reader);
        $whole = true === ($body['whole'] ?? false);
        $reader->insist();
        if (null === $mass || null === $alloy) {
            throw new \LogicException('What is missing was refused.');
        }

        return new AnswerResponse($this->charge->offer($caster, $mass->si(), $alloy, $whole, $room?->si()));
    }

    #[Route('/api/attempts/{id}/correction', methods: ['POST'])]
    #[Costly]
    public function correct(string $id, Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $attempt = $this->notebook->attempt($id, $caster);
        $body = JsonBody::of($request);
        $reader = new ValueReader($caster->units());
        $reader->refuseUnknown($body, ['mass', 'found', 'by'], '', 'record.unknown_part', 'A pot is not put right by this.');
        $mass = $reader->measured('mass', 'kg', [0.0001, 5000], null, $body['mass'] ?? null, '/mass');
        if (null === $mass) {
            $reader->refuse('/mass', 'charge.melt_missing', 'Say how much metal is in the pot.');
        }
        $found = ColumnReader::composition($body['found'] ?? null, '/found', $reader);
        if ([] === $found) {
            $reader->refuse('/found', 'charge.nothing_found', 'Say what was found, in per cent: Si 6.2, for one.');
        }
        $by = $body['by'] ?? null;
        $by = null === $by ? 'assayed' : $reader->choice('lot_knowledge', $by, '/by');
        $alloy = AlloyTable::find($attempt->alloy() ?? '');
        if (null === $alloy) {
            $reader->refuse('/found', 'charge.no_alloy', 'Say in the record which alloy it is to be.');
        }
        $reader->insist();
        if (null === $mass || null === $alloy) {
            throw new \LogicException('What is missing was refused.');
        }

        return new AnswerResponse($this->charge->correct($attempt, $alloy, Estimate::of($mass), $found, Knowledge::of($by)));
    }

    private static function alloy(mixed $raw, ValueReader $reader): ?Alloy
    {
        $code = $reader->choice('alloy', $raw, '/alloy');
        $alloy = AlloyTable::find($code ?? '');
        if (null === $raw) {
            $reader->refuse('/alloy', 'charge.no_alloy', 'Say which alloy it is to be.');
        }

        return $alloy;
    }
}
