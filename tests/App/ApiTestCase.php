<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use Doctrine\DBAL\Connection;
use Doctrine\Persistence\ManagerRegistry;
use MoltenNotes\Tests\Support\ApiContract;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Uid\Uuid;

/** Speaks to the API as the web client does; every answer is held against docs/openapi.yaml. */
abstract class ApiTestCase extends WebTestCase
{
    protected const PASSWORD = 'four plain words here';

    protected KernelBrowser $browser;
    private string $token = '';

    protected function setUp(): void
    {
        $this->browser = self::createClient();
        $this->browser->disableReboot();
        // Throttles count by address; each test comes from one of its own.
        $this->browser->setServerParameter('REMOTE_ADDR', '10.'.implode('.', [random_int(0, 255), random_int(0, 255), random_int(1, 254)]));
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return array<string, mixed>
     */
    protected function call(string $method, string $path, ?array $body = null, int $expect = 200): array
    {
        $this->browser->request($method, $path, [], [], ['HTTP_X_CSRF_TOKEN' => $this->token] + (null === $body ? [] : ['CONTENT_TYPE' => 'application/json']), null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR));
        $response = $this->browser->getResponse();
        $content = (string) $response->getContent();
        self::assertSame($expect, $response->getStatusCode(), "{$method} {$path}: ".mb_substr($content, 0, 600));
        $type = explode(';', (string) $response->headers->get('Content-Type'))[0];
        ApiContract::standard()->assertAnswer($method, $path, $expect, $type, $content);
        $data = json_decode($content, true, 512, \JSON_THROW_ON_ERROR);
        self::assertIsArray($data);
        if (is_string($data['csrf'] ?? null)) {
            $this->token = $data['csrf'];
        }

        /* @var array<string, mixed> $data */
        return $data;
    }

    /**
     * Sends bytes instead of JSON.
     *
     * @return array<string, mixed>
     */
    protected function send(string $path, string $bytes, int $expect = 202): array
    {
        $this->browser->request('POST', $path, [], [], ['HTTP_X_CSRF_TOKEN' => $this->token, 'CONTENT_TYPE' => 'application/octet-stream'], $bytes);
        $response = $this->browser->getResponse();
        $content = (string) $response->getContent();
        self::assertSame($expect, $response->getStatusCode(), mb_substr($content, 0, 600));
        ApiContract::standard()->assertAnswer('POST', $path, $expect, explode(';', (string) $response->headers->get('Content-Type'))[0], $content);
        /** @var array<string, mixed> $data */
        $data = json_decode($content, true, 512, \JSON_THROW_ON_ERROR);

        return $data;
    }

    /** A fresh caster, signed in. */
    protected function signedIn(string $email = 'first@molten.example'): void
    {
        $this->call('GET', '/api/session');
        $this->call('POST', '/api/casters', ['email' => $email, 'name' => 'A caster', 'password' => self::PASSWORD], 202);
        $this->call('POST', '/api/session', ['email' => $email, 'password' => self::PASSWORD]);
    }

    /** @return string the id of a new casting */
    protected function casting(string $name = 'Cleat'): string
    {
        $id = self::id();
        $this->call('PUT', "/api/castings/{$id}", ['name' => $name, 'purpose' => 'works', 'wanted' => 2, 'note' => null], 201);

        return $id;
    }

    /**
     * @param array<string, mixed> $entry laid over a poured attempt
     *
     * @return array<string, mixed> the attempt
     */
    protected function pour(string $casting, array $entry = []): array
    {
        $id = self::id();
        $logged = $this->call('PUT', "/api/attempts/{$id}", $entry + [
            'casting_id' => $casting,
            'poured_on' => '2026-05-03',
            'made' => ['mould.process' => 'green_sand', 'sand.condition' => 'wet', 'metal.alloy' => 'al_si7mg', 'pour.temperature' => '1300F', 'casting.wall' => '1 3/4 in', 'gating.gates' => 1],
            'verdict' => 'scrap',
            'observations' => ['steam'],
        ], 201);
        self::assertIsArray($logged['attempt']);

        /* @var array<string, mixed> */
        return $logged['attempt'];
    }

    /** @param array<string, mixed> $attempt */
    protected function findBlowhole(array $attempt): void
    {
        $this->call('PUT', "/api/attempts/{$attempt['id']}/findings/".self::id(), ['kind' => 'blowhole', 'places' => ['cope_face'], 'looks' => ['smooth_wall'], 'shown_at' => 'opening', 'severity' => 'spoils', 'note' => null], 201);
    }

    protected function storage(): Connection
    {
        $storage = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $storage);

        return $storage;
    }

    /** The next request reads from the database, as another worker would. */
    protected function forget(): void
    {
        $doctrine = self::getContainer()->get('doctrine');
        self::assertInstanceOf(ManagerRegistry::class, $doctrine);
        $doctrine->getManager()->clear();
    }

    protected function token(): string
    {
        return $this->token;
    }

    protected static function id(): string
    {
        return Uuid::v7()->toRfc4122();
    }
}
