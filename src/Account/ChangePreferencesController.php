<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Core\Safety\Cautions;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class ChangePreferencesController
{
    public function __construct(private EntityManagerInterface $storage, private SessionView $view)
    {
    }

    #[Route('/api/me/preferences', methods: ['PATCH'])]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        $body = JsonBody::of($request);
        $caster->prefer(
            isset($body['units']) ? $this->units($body['units']) : $caster->units()->toArray(),
            isset($body['theme']) ? $this->theme($body['theme']) : $caster->theme(),
            isset($body['dismissed_cautions']) ? $this->cautions($body['dismissed_cautions']) : $caster->dismissedCautions(),
        );
        $this->storage->flush();

        return $this->view->response($caster);
    }

    /** @return array<string, string> */
    private function units(mixed $given): array
    {
        $units = [];
        foreach (is_array($given) ? $given : [] as $dimension => $code) {
            $units[(string) $dimension] = is_string($code) ? $code : '';
        }
        try {
            return UnitPreferences::fromArray($units)->toArray();
        } catch (CoreError $error) {
            throw RejectedRecord::because([new FieldProblem('/units', $error->errorCode(), $error->getMessage())]);
        }
    }

    private function theme(mixed $given): string
    {
        return is_string($given) && in_array($given, ['auto', 'day', 'night'], true)
            ? $given
            : throw RejectedRecord::because([new FieldProblem('/theme', 'account.theme', 'Choose day, night or auto.')]);
    }

    /** @return list<string> */
    private function cautions(mixed $given): array
    {
        $known = array_column(Cautions::rows(), 0);

        return array_values(array_filter(is_array($given) ? $given : [], static fn (mixed $code): bool => is_string($code) && in_array($code, $known, true)));
    }
}
