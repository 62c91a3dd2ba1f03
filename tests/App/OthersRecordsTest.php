<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\ApiContract;
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
        $finding = self::id();
        $this->call('PUT', "/api/attempts/{$attempt['id']}/findings/{$finding}", ['kind' => 'blowhole'], 201);
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
            $path = strtr($template, ['{id}' => $of, '{finding}' => $finding, '{check}' => 'wall_smooth', '{cause}' => 'sand_wet']);
            $body = match (true) {
                str_starts_with($template, '/api/castings') => ['name' => 'Mine now'],
                str_contains($template, 'findings') => ['kind' => 'misrun'],
                str_ends_with($template, '/api/attempts/{id}') => ['casting_id' => $own],
                default => ['id' => self::id(), 'answer' => 'yes', 'opinion' => 'confirmed', 'accepted' => []],
            };
            $this->call($method, $path, 'GET' === $method || 'DELETE' === $method ? null : $body, 404);
            ++$walked;
        }
        self::assertGreaterThanOrEqual(13, $walked);

        // Nor does anything of it turn up in a list, or let itself be borrowed.
        foreach (['/api/bench', '/api/castings', '/api/attempts', '/api/suggestions', '/api/attempts?q=private'] as $list) {
            self::assertStringNotContainsStringIgnoringCase('private', (string) json_encode($this->call('GET', $list)), $list);
        }
        $this->call('GET', "/api/suggestions?casting={$casting}", null, 404);
        $this->call('PUT', '/api/attempts/'.self::id(), ['casting_id' => $casting], 404);
        $this->call('PUT', '/api/attempts/'.self::id(), ['casting_id' => $own, 'heat' => ['id' => $heat]], 404);
    }

    public function testWithoutSigningInNothingIsThere(): void
    {
        $this->call('GET', '/api/session');
        foreach (ApiContract::standard()->operations() as [$method, $template]) {
            if (in_array($template, ['/api/health', '/api/session', '/api/casters', '/api/handbook'], true)) {
                continue;
            }
            $this->call($method, preg_replace('/\{\w+\}/', self::id(), $template) ?? '', 'GET' === $method ? null : [], 401);
        }
    }
}
