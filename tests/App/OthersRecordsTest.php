<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\ApiContract;
use MoltenNotes\Tests\Support\Changes;
use Symfony\Component\Routing\RouterInterface;

/** Every record belongs to one caster; for everybody else it is not there. */
final class OthersRecordsTest extends ApiTestCase
{
    public function testEveryRouteIsDocumentedAndWalkedBelow(): void
    {
        $router = self::getContainer()->get('router');
        self::assertInstanceOf(RouterInterface::class, $router);
        $documented = array_map(static fn (array $operation): string => implode(' ', $operation), ApiContract::standard()->operations());
        foreach ($router->getRouteCollection() as $route) {
            foreach ($route->getMethods() as $method) {
                self::assertContains("{$method} {$route->getPath()}", $documented);
            }
        }
    }

    public function testASecondCasterSeesNothingOfTheFirst(): void
    {
        $this->signedIn();
        $casting = $this->casting('Private cleat');
        $attempt = $this->pour($casting, ['note' => 'private note']);
        $finding = $this->findBlowhole($attempt);
        $this->furnish(['furnaces' => [['name' => 'Private kiln']]]);
        $row = $this->call('GET', '/api/workshop')['furnaces'][0]['id'];
        $heat = $attempt['heat']['id'];
        $this->call('DELETE', '/api/session');
        $this->signedIn('second@molten.example');
        $own = $this->casting('Own cleat');

        $walked = 0;
        foreach (ApiContract::standard()->operations() as [$method, $template]) {
            if (!str_contains($template, '{id}')) {
                continue;
            }
            $of = match (true) {
                str_starts_with($template, '/api/castings') => $casting,
                str_starts_with($template, '/api/attempts') => $attempt['id'],
                default => $heat,
            };
            $this->call($method, strtr($template, ['{id}' => $of]), null, 404);
            ++$walked;
        }
        self::assertGreaterThanOrEqual(8, $walked);

        // Nothing of it is changed, taken over or borrowed by a command, with its id or under a new one.
        foreach (
            [
                ['part' => 'casting', 'id' => $casting, 'create' => [], 'set' => Changes::set(['name' => 'Mine now'])],
                ['part' => 'casting', 'id' => $casting, 'set' => Changes::set(['binned' => true])],
                ['part' => 'attempt', 'id' => $attempt['id'], 'create' => ['casting' => $own], 'set' => []],
                ['part' => 'attempt', 'id' => $attempt['id'], 'set' => Changes::set(['note' => 'mine'])],
                ['part' => 'attempt', 'id' => self::id(), 'create' => ['casting' => $casting], 'set' => []],
                ['part' => 'attempt', 'id' => self::id(), 'create' => ['after' => $attempt['id']], 'set' => []],
                ['part' => 'heat', 'id' => $heat, 'create' => [], 'set' => Changes::set(['melt.skimmed' => true])],
                [
                    'part' => 'finding',
                    'id' => $finding,
                    'create' => ['attempt' => $attempt['id']],
                    'set' => Changes::set(['kind' => 'misrun']),
                ],
                [
                    'part' => 'finding',
                    'id' => self::id(),
                    'create' => ['attempt' => $attempt['id']],
                    'set' => Changes::set(['kind' => 'misrun']),
                ],
                ['part' => 'workshop_row', 'id' => $row, 'create' => ['kind' => 'furnaces'], 'set' => Changes::set(['name' => 'Mine'])],
                ['part' => 'workshop_row', 'id' => $row, 'set' => Changes::set(['name' => 'Mine'])],
            ] as $change
        ) {
            $this->change([$change], 404);
        }
        $mine = $this->pour($own);
        $this->change(
            [['part' => 'attempt', 'id' => $mine['id'], 'set' => Changes::set(['casting' => $casting], '', ['casting' => $own])]],
            422,
        );
        $this->change(
            [['part' => 'attempt', 'id' => $mine['id'], 'set' => Changes::set(['heat' => $heat], '', ['heat' => $mine['heat']['id']])]],
            422,
        );

        // Nor does anything of it turn up in a list, or let itself be borrowed.
        foreach (
            [
                '/api/bench',
                '/api/bin',
                '/api/workshop',
                '/api/workshop/history',
                '/api/metal',
                '/api/week',
                '/api/castings',
                '/api/attempts',
                '/api/suggestions',
                '/api/attempts?q=private',
            ] as $list
        ) {
            self::assertStringNotContainsStringIgnoringCase('private', (string) json_encode($this->call('GET', $list)), $list);
        }
        $this->call('GET', "/api/suggestions?casting={$casting}", null, 404);
    }

    public function testWithoutSigningInNothingIsThere(): void
    {
        $this->call('GET', '/api/session');
        foreach (ApiContract::standard()->operations() as [$method, $template]) {
            if (in_array($template, ['/api/health', '/api/session', '/api/casters', '/api/handbook'], true)) {
                continue;
            }
            // Calendars cannot sign in: they know a secret instead, or find nothing.
            $expect = str_starts_with($template, '/api/feed/') ? 404 : 401;
            $this->call($method, preg_replace('/\{\w+\}/', self::id(), $template) ?? '', 'GET' === $method ? null : [], $expect);
        }
    }
}
