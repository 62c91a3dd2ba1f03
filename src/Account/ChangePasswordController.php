<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class ChangePasswordController
{
    public function __construct(
        private EntityManagerInterface $storage,
        private UserPasswordHasherInterface $hasher,
        private Security $security,
        private SessionView $view,
        private Throttle $throttle,
        private SignIns $signIns,
        private SecurityLog $log,
    ) {
    }

    #[Route('/api/me/password', methods: ['PUT'])]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $body = JsonBody::of($request);
        $this->throttle->passwordChange($caster);
        $current = is_string($body['current'] ?? null) ? $body['current'] : '';
        $new = is_string($body['new'] ?? null) ? $body['new'] : '';
        $problems = Passwords::problems($new, '/new', $caster->getUserIdentifier(), $caster->name());
        if (DemoAccount::EMAIL === $caster->getUserIdentifier()) {
            $problems[] = new FieldProblem('/new', 'account.demo', 'The demo’s password stays as the sign-in page says it.');
        }
        if (!$this->hasher->isPasswordValid($caster, $current)) {
            $this->log->note('password_change_refused', $caster);
            $problems[] = new FieldProblem('/current', 'account.wrong', 'This is not your present password.');
        }
        if ([] !== $problems) {
            throw RejectedRecord::because($problems);
        }
        $caster = $this->storage->find(Caster::class, $caster->id()) ?? $caster;
        $caster->changePasswordHash($this->hasher->hashPassword($caster, $new));
        $this->storage->flush();
        $this->log->note('password_changed', $caster);
        // A changed password ends every sign-in of this caster; this one begins afresh.
        $this->signIns->endElsewhere($caster);
        $this->signIns->endHere();
        $this->security->login($caster, 'json_login', 'api');

        return $this->view->response($caster);
    }
}
