<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Core\Safety\Cautions;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class ChangePreferencesController
{
    public function __construct(private EntityManagerInterface $storage, private SessionView $view)
    {
    }

    #[Route('/api/me/preferences', methods: ['PATCH'])]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $body = JsonBody::of($request);
        $stored = $this->storage->find(Caster::class, $caster->id()) ?? $caster;
        $stored->prefer(
            isset($body['units']) ? $this->units($body['units']) : $caster->units()->toArray(),
            isset($body['theme']) ? $this->theme($body['theme']) : $caster->theme(),
            isset($body['dismissed_cautions']) ? $this->cautions($body['dismissed_cautions']) : $caster->dismissedCautions(),
            isset($body['idle_minutes']) ? $this->idle($body['idle_minutes']) : $caster->idleMinutes(),
            isset($body['single_keys']) ? $this->singleKeys($body['single_keys']) : $caster->singleKeys(),
        );
        $this->storage->flush();

        return $this->view->response($stored);
    }

    /** @return array<string, string> */
    private function units(mixed $given): array
    {
        if (!is_array($given)) {
            throw RejectedRecord::because([
                new FieldProblem('/units', 'record.not_an_object', 'Units are an object of kinds with their unit.'),
            ]);
        }
        $units = [];
        foreach ($given as $dimension => $code) {
            $units[(string) $dimension] = is_string($code) ? $code : '';
        }
        try {
            return UnitPreferences::fromArray($units)->toArray();
        } catch (CoreError $error) {
            throw RejectedRecord::because([new FieldProblem('/units', $error->errorCode(), $error->getMessage())]);
        }
    }

    private function idle(mixed $given): int
    {
        return is_int($given) && in_array($given, Caster::IDLE_MINUTES, true)
            ? $given
            : throw RejectedRecord::because([
                new FieldProblem('/idle_minutes', 'account.idle', 'Choose an hour, half a day or two weeks: 60, 720 or 20160 minutes.'),
            ]);
    }

    private function singleKeys(mixed $given): bool
    {
        return is_bool($given)
            ? $given
            : throw RejectedRecord::because([
                new FieldProblem('/single_keys', 'record.not_yes_or_no', 'This must be yes or no (true or false).'),
            ]);
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
        if (!is_array($given)) {
            throw RejectedRecord::because([new FieldProblem('/dismissed_cautions', 'record.not_a_list', 'This must be a list.')]);
        }
        $known = array_column(Cautions::rows(), 'code');

        return array_values(array_filter($given, static fn (mixed $code): bool => is_string($code) && in_array($code, $known, true)));
    }
}
