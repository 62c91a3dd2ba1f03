<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\App\Account\DemoAccount;
use MoltenNotes\App\Account\Passwords;
use MoltenNotes\Tests\Support\ApiContract;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\BrowserKit\Cookie;

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

    public function testATakenAddressIsAnsweredLikeAFreeOneAndItsOwnerNoticesNothing(): void
    {
        $this->signedIn();
        $this->call('DELETE', '/api/session');
        $this->call('GET', '/api/session');
        $again = $this->call(
            'POST',
            '/api/casters',
            ['email' => 'first@molten.example', 'name' => 'A stranger', 'password' => 'a quite other phrase'],
            202,
        );
        $free = $this->call(
            'POST',
            '/api/casters',
            ['email' => 'free@molten.example', 'name' => 'A stranger', 'password' => 'a quite other phrase'],
            202,
        );

        self::assertSame(array_keys($free), array_keys($again));
        self::assertNull($again['caster']);
        $this->call('POST', '/api/session', ['email' => 'first@molten.example', 'password' => 'a quite other phrase'], 401);
        $this->call('POST', '/api/session', ['email' => 'first@molten.example', 'password' => self::PASSWORD]);
        self::assertSame('A caster', $this->call('GET', '/api/session')['caster']['name']);
    }

    public function testOneAddressInSeveralSpellingsIsOneAccount(): void
    {
        $this->signedIn('caster@bücher.example');
        foreach (
            ['  CASTER@BÜCHER.example ', 'caster@xn--bcher-kva.example', 'ｃaster@bücher.example', 'caster@bücher.example.'] as $spelling
        ) {
            $this->call('DELETE', '/api/session');
            $this->call('GET', '/api/session');
            $this->call('POST', '/api/session', ['email' => $spelling, 'password' => self::PASSWORD]);
        }
        // An accent makes another address.
        $this->call('DELETE', '/api/session');
        $this->signedIn('cáster@bücher.example');
    }

    #[DataProvider('weak')]
    public function testAWeakPasswordIsRefusedWithTheReason(string $password, string $code): void
    {
        $this->call('GET', '/api/session');
        $refused = $this->call(
            'POST',
            '/api/casters',
            ['email' => 'Rowlock.Maker@molten.example', 'name' => 'Boat shed', 'password' => $password],
            422,
        );

        self::assertSame(['/password', "account.password_{$code}"], [$refused['problems'][0]['pointer'], $refused['problems'][0]['code']]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function weak(): iterable
    {
        yield 'short' => ['nine char', 'short'];
        yield 'on every list' => ['Password123', 'common'];
        yield 'in fancy dress' => ['P@ssw0rd2026!', 'common'];
        yield 'a season and a year' => ['Summer2026!', 'common'];
        yield 'with gaps' => ['i love you so', 'common'];
        yield 'twice the same' => ['dragondragon', 'common'];
        yield 'own address' => ['rowlock.maker1', 'own'];
        yield 'own domain' => ['molten.example', 'own'];
        yield 'own name' => ['Boat shed 1', 'own'];
        yield 'a run of figures' => ['98765432109', 'trivial'];
        yield 'a run of keys' => ['qwertyuiopasdf', 'trivial'];
        yield 'one sign again and again' => ['aaaaaaaaaaaa', 'common'];
        yield 'few signs' => ['abababababab', 'trivial'];
        yield 'a piece again and again' => ['x7q!x7q!x7q!', 'trivial'];
    }

    public function testGoodPhrasesAreTaken(): void
    {
        foreach (
            ['four plain words here', 'pour-and-learn', 'Kupfer & Zinn im Schuppen', 'vent9rim-Bench2', 'summer rain on the flask '
                .'pins'] as $index => $phrase
        ) {
            self::assertSame([], Passwords::problems($phrase, '/password', "caster{$index}@molten.example", 'A caster'), $phrase);
        }
    }

    public function testOpeningAccountsIsSlowedDown(): void
    {
        $this->call('GET', '/api/session');
        for ($i = 0; $i < 60; ++$i) {
            $this->call('POST', '/api/casters', ['email' => 'nobody', 'name' => '', 'password' => ''], 422);
        }
        $this->call(
            'POST',
            '/api/casters',
            ['email' => 'one.more@molten.example', 'name' => 'One more', 'password' => self::PASSWORD],
            429,
        );
    }

    public function testGuessingThePresentPasswordIsSlowedDown(): void
    {
        $this->signedIn();
        for ($i = 0; $i < 8; ++$i) {
            $this->call('PUT', '/api/me/password', ['current' => "guess {$i}", 'new' => 'another four words'], 422);
        }
        $this->call('PUT', '/api/me/password', ['current' => self::PASSWORD, 'new' => 'another four words'], 429);
    }

    public function testADeviceIsSignedOutFromAnother(): void
    {
        $this->signedIn();
        $here = $this->call('GET', '/api/me/sign-ins')['sign_ins'];
        self::assertCount(1, $here);
        self::assertTrue($here[0]['here']);

        $other = $this->signInElsewhere();
        $both = $this->call('GET', '/api/me/sign-ins')['sign_ins'];
        self::assertCount(2, $both);
        self::assertSame(200, $this->statusElsewhere($other));
        $this->call('DELETE', '/api/me/sign-ins');
        self::assertSame(401, $this->statusElsewhere($other));
        $this->call('GET', '/api/bench');
    }

    public function testAChangedPasswordEndsEveryOtherSignIn(): void
    {
        $this->signedIn();
        $other = $this->signInElsewhere();
        $this->call('PUT', '/api/me/password', ['current' => self::PASSWORD, 'new' => 'another four words']);

        self::assertSame(401, $this->statusElsewhere($other));
        $this->call('GET', '/api/bench');
        self::assertCount(1, $this->call('GET', '/api/me/sign-ins')['sign_ins']);
    }

    public function testWhoeverIsIdleTooLongIsSignedOut(): void
    {
        $this->signedIn();
        $this->call('PATCH', '/api/me/preferences', ['idle_minutes' => 60]);
        $this->storage()->executeStatement('UPDATE sign_in SET last_seen_at = last_seen_at - INTERVAL 59 MINUTE');
        $this->forget();
        $this->call('GET', '/api/bench');
        $this->storage()->executeStatement('UPDATE sign_in SET last_seen_at = UTC_TIMESTAMP() - INTERVAL 61 MINUTE');
        $this->forget();
        $this->call('GET', '/api/bench', null, 401);
        self::assertNull($this->call('GET', '/api/session')['caster']);
    }

    public function testTheDemoIsToldToStrangersOnlyWhereItIs(): void
    {
        self::assertNull($this->call('GET', '/api/session')['demo']);
        $this->signedIn(DemoAccount::EMAIL);
        self::assertNull($this->call('GET', '/api/session')['demo']);
        $refused = $this->call('PUT', '/api/me/password', ['current' => self::PASSWORD, 'new' => 'another four words'], 422);
        self::assertSame('account.demo', $refused['problems'][0]['code']);
        $this->call('DELETE', '/api/session');
        self::assertSame(DemoAccount::EMAIL, $this->call('GET', '/api/session')['demo']['email']);
    }

    /** @return array<string, string> cookies of a second browser */
    private function signInElsewhere(): array
    {
        $cookies = $this->browser->getCookieJar()->all();
        $this->browser->getCookieJar()->clear();
        $this->call('GET', '/api/session');
        $this->call('POST', '/api/session', ['email' => 'first@molten.example', 'password' => self::PASSWORD]);
        $other = $this->browser->getCookieJar()->allValues('http://localhost/');
        $this->browser->getCookieJar()->clear();
        foreach ($cookies as $cookie) {
            $this->browser->getCookieJar()->set($cookie);
        }
        $this->call('GET', '/api/session');

        return array_map(strval(...), $other);
    }

    /** @param array<string, string> $cookies */
    private function statusElsewhere(array $cookies): int
    {
        $own = $this->browser->getCookieJar()->all();
        $this->browser->getCookieJar()->clear();
        foreach ($cookies as $name => $value) {
            $this->browser->getCookieJar()->set(new Cookie($name, $value));
        }
        $this->browser->request('GET', '/api/bench');
        $status = $this->browser->getResponse()->getStatusCode();
        $this->browser->getCookieJar()->clear();
        foreach ($own as $cookie) {
            $this->browser->getCookieJar()->set($cookie);
        }

        return $status;
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
            // Instruments have no session: their door opens to a token of their own, and to no page.
            $refusal = '/api/readings' === $path ? 401 : 403;
            self::assertSame($refusal, $this->browser->getResponse()->getStatusCode(), "{$method} {$path}");
        }
    }

    public function testTheSecurityLogTellsWhatHappenedToAnAccountWithoutNamingIt(): void
    {
        $file = getenv('MOLTEN_VAR_DIR').'/log/security-'.date('Y-m-d').'.log';
        $before = is_file($file) ? (int) filesize($file) : 0;
        $this->signedIn('logged@molten.example');
        $this->call('PUT', '/api/me/password', ['current' => 'not this one', 'new' => 'another four words'], 422);
        $this->call('PUT', '/api/me/password', ['current' => self::PASSWORD, 'new' => 'another four words']);
        $this->call('DELETE', '/api/session');
        $this->call('GET', '/api/session');
        $this->call('POST', '/api/session', ['email' => 'logged@molten.example', 'password' => self::PASSWORD], 401);

        clearstatcache();
        $written = (string) file_get_contents($file, false, null, $before);
        $events = array_map(
            static fn (string $line): mixed => json_decode($line, true, 8, \JSON_THROW_ON_ERROR)['message'] ?? null,
            array_filter(explode("\n", $written)),
        );
        // A changed password ends every sign-in and begins this one anew.
        self::assertSame(
            ['registered', 'signed_in', 'password_change_refused', 'password_changed', 'signed_in', 'signed_out', 'sign_in_refused'],
            $events,
        );
        foreach (['logged@molten', self::PASSWORD, 'another four words'] as $secret) {
            self::assertStringNotContainsString($secret, $written);
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

        /** @var array<string, array{liquidus: string, pour: string, note: string}> $alloys */
        $alloys = array_column($this->call('GET', '/api/handbook')['alloys'], null, 'code');
        self::assertSame('1139 °F', self::plain($alloys['al_si7mg']['liquidus']));
        self::assertStringContainsString('1940 °F', self::plain($alloys['yellow_brass']['note']));
        $this->call('DELETE', '/api/session');
        self::assertSame(
            '615 °C',
            self::plain(array_column($this->call('GET', '/api/handbook')['alloys'], 'liquidus', 'code')['al_si7mg']),
            'a stranger reads degrees Celsius',
        );
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
