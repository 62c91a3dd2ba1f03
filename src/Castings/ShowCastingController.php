<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Findings\RecordedFinding;
use MoltenNotes\App\LogPour\Attempt;
use MoltenNotes\App\LogPour\AttemptView;
use MoltenNotes\App\PlanCasting\PlanView;
use MoltenNotes\App\PlanNext\SheetView;
use MoltenNotes\App\Shared\Storage\Notebook;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** A casting with its trail: the attempts in order, and the change sheet between each two. */
final readonly class ShowCastingController
{
    public function __construct(private Notebook $notebook, private AttemptView $attempts, private SheetView $sheets, private PlanView $plans)
    {
    }

    #[Route('/api/castings/{id}', methods: ['GET'])]
    public function __invoke(string $id, #[CurrentUser] Caster $caster): JsonResponse
    {
        $casting = $this->notebook->casting($id, $caster);

        return new JsonResponse($casting->toArray() + ['trail' => array_map(fn (Attempt $attempt): array => $this->attempts->summary($attempt) + [
            'note' => $attempt->note(),
            'findings' => array_map(static fn (RecordedFinding $finding): array => $finding->toArray(), $attempt->findings()),
            'confirmed' => array_keys(array_filter($attempt->opinions(), static fn ($opinion): bool => 'confirmed' === $opinion->toArray()['opinion'])),
            'previous_id' => $attempt->previous()?->id()->toRfc4122(),
            'section' => $this->plans->drawing($this->notebook->record($attempt)->values(), $caster),
            'sheet' => null === $attempt->previous() ? null : $this->sheets->followed($attempt->previous(), $attempt),
        ], $casting->attempts())]);
    }
}
