<?php

declare(strict_types=1);

use Symfony\Component\Uid\Uuid;

/** One caster's browser, as far as bin/fuzz and bin/bench need one. */
final class caller
{
    public readonly CurlHandle $curl;
    public string $token = '';
    public string $type = '';
    public string $body = '';
    public float $seconds = 0.0;

    public function __construct(private readonly string $url)
    {
        $this->curl = curl_init() ?: throw new RuntimeException('no curl');
        curl_setopt_array($this->curl, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEFILE => '', \CURLOPT_TIMEOUT => 20]);
    }

    public function prepare(string $method, string $path, ?string $body = null, string $type = 'application/json'): void
    {
        // The kind of request first: each of these options also resets the method, so the method is named last.
        curl_setopt_array($this->curl, null === $body ? [\CURLOPT_HTTPGET => true] : [\CURLOPT_POSTFIELDS => $body]);
        curl_setopt_array($this->curl, [
            \CURLOPT_URL => $this->url.$path,
            \CURLOPT_CUSTOMREQUEST => $method,
            \CURLOPT_HTTPHEADER => [null === $body ? 'Content-Type:' : "Content-Type: {$type}", "X-CSRF-Token: {$this->token}", 'Expect:'],
        ]);
    }

    /** @return int status, 0 when nothing answered */
    public function send(string $method, string $path, ?string $body = null, string $type = 'application/json'): int
    {
        $this->prepare($method, $path, $body, $type);
        $started = hrtime(true);
        $answer = curl_exec($this->curl);
        $this->seconds = (hrtime(true) - $started) / 1e9;
        $this->body = is_string($answer) ? $answer : '';
        $this->type = (string) curl_getinfo($this->curl, \CURLINFO_CONTENT_TYPE);

        return (int) curl_getinfo($this->curl, \CURLINFO_RESPONSE_CODE);
    }

    /** The same where nothing but success will do. */
    public function must(string $method, string $path, ?string $body = null): void
    {
        $status = $this->send($method, $path, $body);
        if ($status < 200 || $status > 299) {
            throw new RuntimeException("{$method} {$path} answered {$status}: {$this->body}");
        }
    }

    /**
     * One command with these changes, written as the API takes it.
     *
     * @param list<array<string, mixed>> $changes
     */
    public static function command(array $changes, ?string $id = null): string
    {
        return json_encode(['id' => $id ?? Uuid::v7()->toRfc4122(), 'changes' => $changes], \JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> a new casting of this name, as a change */
    public static function casting(string $id, string $name): array
    {
        return ['part' => 'casting', 'id' => $id, 'create' => (object) [], 'set' => ['name' => ['to' => $name]]];
    }

    /** @param array<string, mixed> ...$changes */
    public function change(array ...$changes): int
    {
        return $this->send('POST', '/api/commands', self::command(array_values($changes)));
    }

    public function json(): mixed
    {
        return json_decode($this->body, true);
    }

    public function signIn(string $email, string $password): bool
    {
        $this->send('GET', '/api/session');
        $this->token = (string) ($this->json()['csrf'] ?? '');
        $this->send('POST', '/api/session', json_encode(['email' => $email, 'password' => $password], \JSON_THROW_ON_ERROR));
        $this->token = (string) ($this->json()['csrf'] ?? '');

        return null !== ($this->json()['caster'] ?? null);
    }

    public function open(string $email): void
    {
        $this->send('GET', '/api/session');
        $this->token = (string) ($this->json()['csrf'] ?? '');
        $this->send(
            'POST',
            '/api/casters',
            json_encode(['email' => $email, 'name' => 'A storm', 'password' => 'wind over the sand bed'], \JSON_THROW_ON_ERROR),
        );
        if (!$this->signIn($email, 'wind over the sand bed')) {
            throw new RuntimeException("no account could be opened: {$this->body}");
        }
    }
}
