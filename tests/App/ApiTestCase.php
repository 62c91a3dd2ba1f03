<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use Doctrine\DBAL\Connection;
use Doctrine\Persistence\ManagerRegistry;
use MoltenNotes\Tests\Support\ApiContract;
use MoltenNotes\Tests\Support\Changes;
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
        $this->browser->setServerParameter(
            'REMOTE_ADDR',
            '10.'.implode('.', [random_int(0, 255), random_int(0, 255), random_int(1, 254)]),
        );
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return array<string, mixed>
     */
    protected function call(string $method, string $path, ?array $body = null, int $expect = 200): array
    {
        $this->browser->request(
            $method,
            $path,
            [],
            [],
            ['HTTP_X_CSRF_TOKEN' => $this->token] + (null === $body ? [] : ['CONTENT_TYPE' => 'application/json']),
            null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR),
        );
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
        $this->browser->request(
            'POST',
            $path,
            [],
            [],
            ['HTTP_X_CSRF_TOKEN' => $this->token, 'CONTENT_TYPE' => 'application/octet-stream'],
            $bytes,
        );
        $response = $this->browser->getResponse();
        $content = (string) $response->getContent();
        self::assertSame($expect, $response->getStatusCode(), mb_substr($content, 0, 600));
        ApiContract::standard()->assertAnswer(
            'POST',
            $path,
            $expect,
            explode(';', (string) $response->headers->get('Content-Type'))[0],
            $content,
        );
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

    /**
     * Sends a command.
     *
     * @param list<array<string, mixed>> $changes
     *
     * @return array<string, mixed>
     */
    protected function change(array $changes, int $expect = 200, ?string $id = null): array
    {
        return $this->call('POST', '/api/commands', ['id' => $id ?? self::id(), 'changes' => $changes], $expect);
    }

    /**
     * Changes fields of an attempt, as whoever has just looked at it.
     *
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    protected function say(string $attempt, array $fields, int $expect = 200): array
    {
        return $this->change([['part' => 'attempt', 'id' => $attempt, 'set' => Changes::set($fields, '', $this->seen($attempt))]], $expect);
    }

    /**
     * Logs an attempt, or tells more of one that is there.
     *
     * @param array<string, mixed> $entry
     *
     * @return array<string, mixed> the attempt and what was asked about it; the problem where it was refused
     */
    protected function log(string $id, array $entry, int $expect = 200): array
    {
        $new = array_key_exists('casting_id', $entry);
        $answer = $this->change(Changes::attempt($id, $entry, $new, $new ? [] : $this->seen($id)), $expect);

        return 200 === $expect ? ['attempt' => $this->call('GET', "/api/attempts/{$id}"), 'questions' => $answer['questions']] : $answer;
    }

    /** @return array<string, mixed> field → what stands there */
    private function seen(string $attempt): array
    {
        /**
         * @var array{planned: array<string, array{raw: mixed}>, made: array<string, array{raw: mixed}>, heat: array{id: string,
         *     values: array<string, array{raw: mixed}>}|null, observations: list<string>, answers: array<string, string>,
         *     opinions: array<string, mixed>, poured_on: mixed, verdict: mixed, note: mixed} $now
         */
        $now = $this->call('GET', "/api/attempts/{$attempt}");
        $raw = static fn (array $values, string $prefix): array => array_combine(
            array_map(static fn (int|string $field): string => $prefix.$field, array_keys($values)),
            array_column($values, 'raw'),
        );

        return $raw($now['planned'], 'planned.') +
            $raw($now['made'], 'made.') +
            $raw($now['heat']['values'] ?? [], '') +
            array_fill_keys(array_map(static fn (string $code): string => "observations.{$code}", $now['observations']), true) +
            array_combine(
                array_map(static fn (int|string $check): string => "answers.{$check}", array_keys($now['answers'])),
                array_values($now['answers']),
            ) +
            array_combine(
                array_map(static fn (int|string $cause): string => "opinions.{$cause}", array_keys($now['opinions'])),
                array_values($now['opinions']),
            ) + [
                'poured_on' => $now['poured_on'],
                'verdict' => $now['verdict'],
                'note' => $now['note'],
                'heat' => $now['heat']['id'] ?? null,
            ];
    }

    /** @return string the id of a new casting */
    protected function casting(string $name = 'Cleat'): string
    {
        $id = self::id();
        $this->change([
            [
                'part' => 'casting',
                'id' => $id,
                'create' => [],
                'set' => Changes::set(['name' => $name, 'purpose' => 'works', 'wanted' => 2]),
            ],
        ]);

        return $id;
    }

    /**
     * @param array<string, mixed> $entry laid over a poured attempt
     *
     * @return array<string, mixed> the attempt
     */
    protected function pour(string $casting, array $entry = []): array
    {
        $logged = $this->log(
            self::id(),
            $entry + [
                'casting_id' => $casting,
                'poured_on' => '2026-05-03',
                'made' => [
                    'mould.process' => 'green_sand',
                    'sand.condition' => 'wet',
                    'metal.alloy' => 'al_si7mg',
                    'pour.temperature' => '1300F',
                    'casting.wall' => '1 3/4 in',
                    'gating.gates' => 1,
                ],
                'verdict' => 'scrap',
                'observations' => ['steam'],
            ],
        );
        self::assertIsArray($logged['attempt']);

        /* @var array<string, mixed> */
        return $logged['attempt'];
    }

    /**
     * @param array<string, mixed> $finding
     *
     * @return string its id
     */
    protected function find(mixed $attempt, array $finding): string
    {
        $id = self::id();
        $this->change([Changes::finding(is_string($attempt) ? $attempt : '', $finding, $id)]);

        return $id;
    }

    /** @param array<string, mixed> $attempt */
    protected function findBlowhole(array $attempt): string
    {
        return $this->find($attempt['id'], [
            'kind' => 'blowhole',
            'places' => ['cope_face'],
            'looks' => ['smooth_wall'],
            'shown_at' => 'opening',
            'severity' => 'spoils',
        ]);
    }

    /**
     * @param array<string, mixed> $workshop
     *
     * @return array<string, mixed>
     */
    protected function furnish(array $workshop, int $expect = 200): array
    {
        return $this->change(Changes::workshop(self::id(), $workshop), $expect);
    }

    /**
     * @param array<string, mixed> $columns
     *
     * @return string the id of a new thing of the workshop
     */
    protected function thing(string $kind, array $columns): string
    {
        $id = self::id();
        $this->change([['part' => 'workshop_row', 'id' => $id, 'create' => ['kind' => $kind], 'set' => Changes::set($columns)]]);

        return $id;
    }

    /**
     * @param array<string, mixed> $columns
     *
     * @return string the id of a new line in the book of a thing
     */
    protected function move(string $of, string $kind, array $columns): string
    {
        $id = self::id();
        $this->change([['part' => 'movement', 'id' => $id, 'create' => ['of' => $of, 'kind' => $kind], 'set' => Changes::set($columns)]]);

        return $id;
    }

    /** @return array<string, mixed> the next attempt, after the change sheet of this one */
    protected function next(mixed $attempt): array
    {
        $id = self::id();
        $this->change([['part' => 'attempt', 'id' => $id, 'create' => ['after' => $attempt]]]);

        return $this->call('GET', "/api/attempts/{$id}");
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
