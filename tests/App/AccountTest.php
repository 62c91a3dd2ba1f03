<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\ApiContract;

final class AccountTest extends ApiTestCase
{
    public function testRegisterSignOutAndSignInAgain(): void
    {
        $this->signedIn();
        self::assertSame('first@molten.example', $this->call('GET', '/api/session')['caster']['email']);
        $this->call('DELETE', '/api/session');
        self::assertNull($this->call('GET', '/api/session')['caster']);
        $this->call('GET', '/api/bench', null, 401);

        // What the sign-in answered must do for the next write, without asking for the session again.
        $this->call('POST', '/api/session', ['email' => 'First@molten.example', 'password' => self::PASSWORD]);
        $this->casting();
    }

    public function testAPasswordIsChangedWithTheOldOne(): void
    {
        $this->signedIn();
        $refused = $this->call('PUT', '/api/me/password', ['current' => 'not this one', 'new' => 'another four words'], 422);
        self::assertSame('/current', $refused['problems'][0]['pointer']);
        $this->call('PUT', '/api/me/password', ['current' => self::PASSWORD, 'new' => 'another four words']);
        $this->call('DELETE', '/api/session');
        $this->call('GET', '/api/session');
        $this->call('POST', '/api/session', ['email' => 'first@molten.example', 'password' => self::PASSWORD], 401);
        $this->call('POST', '/api/session', ['email' => 'first@molten.example', 'password' => 'another four words']);
    }

    public function testEveryFaultOfARegistrationIsNamedAtItsField(): void
    {
        $this->call('GET', '/api/session');
        $refused = $this->call('POST', '/api/casters', ['email' => 'nobody', 'name' => ' ', 'password' => 'short'], 422);

        self::assertSame(['/email', '/name', '/password'], array_column($refused['problems'], 'pointer'));
    }

    public function testGuessingPasswordsIsSlowedDown(): void
    {
        $this->call('GET', '/api/session');
        for ($i = 0; $i < 5; ++$i) {
            $this->call('POST', '/api/session', ['email' => 'guessed@molten.example', 'password' => "guess number {$i}"], 401);
        }
        $this->call('POST', '/api/session', ['email' => 'guessed@molten.example', 'password' => 'guess number six'], 429);
    }

    public function testNothingIsWrittenWithoutTheTokenOfTheSession(): void
    {
        $this->signedIn();
        foreach (ApiContract::standard()->operations() as [$method, $template]) {
            if ('GET' === $method) {
                continue;
            }
            $path = preg_replace('/\{\w+\}/', self::id(), $template) ?? '';
            $this->browser->request($method, $path, [], [], ['HTTP_X_CSRF_TOKEN' => 'forged', 'CONTENT_TYPE' => 'application/json'], '{}');
            self::assertSame(403, $this->browser->getResponse()->getStatusCode(), "{$method} {$path}");
        }
    }

    public function testUnitsAreTheCastersOwn(): void
    {
        $this->signedIn();
        $attempt = $this->pour($this->casting());
        self::assertSame('704 °C', self::plain($attempt['made']['pour.temperature']['shown']));
        $this->call('PATCH', '/api/me/preferences', ['units' => ['temperature' => 'degF'], 'theme' => 'night']);

        $again = $this->call('GET', "/api/attempts/{$attempt['id']}");
        self::assertSame('1300 °F', self::plain($again['made']['pour.temperature']['shown']));
        self::assertEquals(['value' => 1300, 'unit' => 'degF'], $again['made']['pour.temperature']['raw']);
    }

    public function testAnswersForbidFramingSniffingAndInlineScripts(): void
    {
        $this->browser->request('GET', '/api/health');
        $headers = $this->browser->getResponse()->headers;

        self::assertStringContainsString("default-src 'none'", (string) $headers->get('Content-Security-Policy'));
        self::assertSame('nosniff', $headers->get('X-Content-Type-Options'));
        self::assertStringContainsString('no-store', (string) $headers->get('Cache-Control'));
    }

    private static function plain(string $shown): string
    {
        return str_replace("\u{00A0}", ' ', $shown);
    }
}
