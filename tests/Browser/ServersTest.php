<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What nginx answers by itself, without the application. */
final class ServersTest extends TestCase
{
    /** @return iterable<string, array{'GET'|'POST', string, list<string>, string, int}> */
    public static function refusals(): iterable
    {
        yield 'a body beyond all bounds' => ['POST', '/api/commands', [], str_repeat('x', 1_100_000), 413];
        yield 'a name it does not go by' => ['GET', '/api/health', ['Host: foundry.example'], '', 421];
        yield 'an address as long as a letter' => ['GET', '/api/attempts?q='.str_repeat('a', 20_000), [], '', 414];
    }

    /**
     * @param 'GET'|'POST' $method
     * @param list<string> $headers
     */
    #[DataProvider('refusals')]
    public function testItsRefusalsReadLikeAllOthers(string $method, string $path, array $headers, string $body, int $expected): void
    {
        [$status, $answerHeaders, $answer] = self::ask($method, $path, $headers, $body);

        self::assertSame($expected, $status);
        self::assertStringContainsString('application/problem+json', $answerHeaders);
        $problem = json_decode($answer, true, 8, \JSON_THROW_ON_ERROR);
        self::assertIsArray($problem);
        self::assertSame([$expected, "http.{$expected}"], [$problem['status'], $problem['code']]);
        self::assertNotSame('', $problem['title']);
    }

    public function testAMissingFileIsNotRememberedAsMissing(): void
    {
        [$status, $headers] = self::ask('GET', '/assets/gone-12345678.js');
        self::assertSame(404, $status);
        self::assertStringContainsString('no-store', $headers);
        self::assertStringNotContainsString('immutable', $headers);

        [, , $page] = self::ask('GET', '/');
        self::assertSame(1, preg_match('~/assets/[^"]+\.js~', $page, $script));
        [$status, $headers] = self::ask('GET', $script[0]);
        self::assertSame(200, $status);
        self::assertStringContainsString('immutable', $headers);
    }

    public function testHealthIsTold(): void
    {
        [$status, , $answer] = self::ask('GET', '/api/health');
        self::assertSame(200, $status);
        self::assertStringContainsString('"writing":true', $answer);
    }

    /**
     * @param 'GET'|'POST' $method
     * @param list<string> $headers
     *
     * @return array{int, string, string} status, headers, body
     */
    private static function ask(string $method, string $path, array $headers = [], string $body = ''): array
    {
        $curl = curl_init((string) getenv('MOLTEN_TEST_URL').$path);
        self::assertNotFalse($curl);
        $got = '';
        curl_setopt_array(
            $curl,
            [
                \CURLOPT_RETURNTRANSFER => true,
                \CURLOPT_TIMEOUT => 20,
                \CURLOPT_CUSTOMREQUEST => $method,
                \CURLOPT_HTTPHEADER => ['Expect:', ...$headers],
                \CURLOPT_HEADERFUNCTION => static function (\CurlHandle $curl, string $line) use (&$got): int {
                    $got .= $line;

                    return strlen($line);
                },
            ] + ('' === $body ? [] : [\CURLOPT_POSTFIELDS => $body]),
        );
        $answer = curl_exec($curl);
        self::assertIsString($answer, curl_error($curl));

        return [(int) curl_getinfo($curl, \CURLINFO_RESPONSE_CODE), $got, $answer];
    }
}
