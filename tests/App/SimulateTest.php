<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\App\Instruments\SimulateCommand;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\HttpClient\MockHttpClient;
use Symfony\Component\HttpClient\Response\MockResponse;

/** The stand-ins send as a real instrument would: in batches, again after a failure, and never from the future. */
final class SimulateTest extends TestCase
{
    private const NOW = 1_795_790_000;

    public function testReadingsGoThroughTheDoorInOrderAndNoneIsOfTheFuture(): void
    {
        $sent = [];
        $tester = $this->ran([
            'instrument' => 'thermocouple', '--token' => 'mn_x', '--run' => 'cup', '--mass' => '300 g', '--speed' => '0', '--every' => '1',
        ], static function (string $method, string $url, array $options) use (&$sent): MockResponse {
            self::assertSame(['POST', 'http://127.0.0.1:8400/api/readings'], [$method, $url]);
            self::assertContains('Authorization: Bearer mn_x', self::strings($options['headers'] ?? null));
            $sent[] = is_string($options['body'] ?? null) ? $options['body'] : '';

            return new MockResponse('{"accepted":1,"known":0,"refused":[]}');
        });
        self::assertSame(0, $tester->getStatusCode());
        $times = self::times(implode("\n", $sent));
        self::assertGreaterThan(100, count($times));
        $sorted = $times;
        sort($sorted);
        self::assertSame($sorted, $times);
        self::assertLessThanOrEqual(self::NOW + 0.001, max(0.0, ...$times));
        self::assertStringStartsWith('# simulated', $sent[0]);
        self::assertStringContainsString(count($times).' readings sent', $tester->getDisplay());
    }

    public function testWhatWasNotTakenIsSentAgainAndARefusalEndsIt(): void
    {
        $answers = [new MockResponse('', ['http_code' => 503]), new MockResponse('', ['error' => 'no route']), new MockResponse('{}')];
        $bodies = [];
        $options = ['instrument' => 'scale', '--token' => 'mn_x', '--speed' => '0', '--for' => '10 h', '--lost' => '0'];
        $answer = static function (string $method, string $url, array $options) use (&$answers, &$bodies): MockResponse {
            $bodies[] = $options['body'] ?? '';

            return array_shift($answers) ?? new MockResponse('{}');
        };
        $tester = $this->ran($options, $answer);
        self::assertSame(0, $tester->getStatusCode());
        self::assertCount(3, $bodies);
        self::assertSame([$bodies[0], $bodies[0]], [$bodies[1], $bodies[2]], 'the very same lines');

        $tester = $this->ran($options, static fn (): MockResponse => new MockResponse('{"code":"instrument.token"}', ['http_code' => 401]));
        self::assertSame(1, $tester->getStatusCode());
        self::assertStringContainsString('instrument.token', $tester->getDisplay());
    }

    public function testTheSameSeedGivesTheSameReadingsAndAnotherSeedOthers(): void
    {
        $print = fn (string $seed): string => $this->ran([
            'instrument' => 'weather', '--print' => true, '--for' => '6 h', '--seed' => $seed,
        ], static fn (): MockResponse => new MockResponse())->getDisplay();
        self::assertSame($print('4'), $print('4'));
        self::assertNotSame($print('4'), $print('5'));
        self::assertMatchesRegularExpression('/,%$/m', $print('4'));
    }

    /** @return iterable<string, array{array<string, string|bool>, string}> */
    public static function nonsense(): iterable
    {
        yield 'no such instrument' => [['instrument' => 'kettle'], 'thermocouple, scale, power and weather'];
        yield 'no such alloy' => [['instrument' => 'power', '--alloy' => 'unobtainium'], 'unobtainium'];
        yield 'no such run' => [['instrument' => 'thermocouple', '--run' => 'sideways'], 'heat, whole or cup'];
        yield 'no mass' => [['instrument' => 'scale', '--mass' => '0 kg'], 'above nothing'];
        yield 'no unit of mass' => [['instrument' => 'scale', '--mass' => '3 lightyears'], 'lightyears'];
        yield 'too often' => [['instrument' => 'thermocouple', '--every' => '0'], '--every is a number'];
        yield 'no token' => [['instrument' => 'weather', '--for' => '1 h'], 'Say --token'];
    }

    /** @param array<string, string|bool> $input */
    #[DataProvider('nonsense')]
    public function testNonsenseIsToldAndNothingIsSent(array $input, string $words): void
    {
        $tester = $this->ran($input, static fn (): never => self::fail('nothing is to be sent'));
        self::assertSame(1, $tester->getStatusCode());
        self::assertStringContainsString($words, $tester->getDisplay());
    }

    /** @param array<string, string|bool> $input */
    private function ran(array $input, \Closure $answer): CommandTester
    {
        $tester = new CommandTester(new SimulateCommand(new MockHttpClient($answer), new MockClock('@'.self::NOW)));
        $tester->execute($input);

        return $tester;
    }

    /** @return list<string> */
    private static function strings(mixed $list): array
    {
        return array_values(array_filter(is_array($list) ? $list : [], is_string(...)));
    }

    /** @return list<float> */
    private static function times(string $lines): array
    {
        preg_match_all('/^(\d+\.\d+),/m', $lines, $found);

        return array_map(floatval(...), $found[1]);
    }
}
