<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The console works on documents alone: no database, and a line for each field at fault. */
final class ConsoleTest extends TestCase
{
    public function testDiagnosesADocumentFromStandardInputWithoutADatabase(): void
    {
        $process = self::molten('molten:diagnose', ['format' => 'molten-notes/attempt', 'version' => 1] + Records::wetSand());
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        /** @var array{causes: list<array{cause: string}>} $result */
        $result = json_decode($process->getOutput(), true, 512, \JSON_THROW_ON_ERROR);

        self::assertSame('sand_wet', $result['causes'][0]['cause']);
    }

    public function testOneLineForEachFieldAtFault(): void
    {
        $process = self::molten('molten:diagnose', ['format' => 'molten-notes/attempt', 'version' => 1, 'made' => ['pour.temperature' => 'hot', 'gating.gates' => -1]]);

        self::assertSame(1, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        self::assertMatchesRegularExpression('~^/made/pour\.temperature: .+\n/made/gating\.gates: .+\n$~', $process->getErrorOutput());
    }

    public function testWhatIsNotJsonIsSaidToBeNot(): void
    {
        $process = self::molten('molten:diagnose', '{"format": ');

        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('not JSON', $process->getErrorOutput());
    }

    /** @param array<string, mixed>|string $input */
    private static function molten(string $command, array|string $input): Process
    {
        $root = dirname(__DIR__, 2);
        $process = new Process(['php', "{$root}/bin/console", $command, '-'], $root, ['MOLTEN_DATABASE_URL' => 'mysql://nobody@127.0.0.1:1/none?serverVersion=10.11.2-MariaDB', 'APP_ENV' => 'prod']);
        $process->setInput(is_string($input) ? $input : json_encode($input, \JSON_THROW_ON_ERROR));
        $process->run();

        return $process;
    }
}
