<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The console works on documents alone: no database, and a line for each field at fault. */
final class ConsoleTest extends TestCase
{
    private const EMPTY = ['format' => 'molten-notes/attempt', 'version' => 1];

    public function testDiagnosesADocumentFromStandardInputWithoutADatabase(): void
    {
        $process = self::molten('molten:diagnose', self::EMPTY + Records::wetSand());
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        /** @var array{causes: list<array{cause: string}>} $result */
        $result = json_decode($process->getOutput(), true, 512, \JSON_THROW_ON_ERROR);

        self::assertSame('sand_wet', $result['causes'][0]['cause']);
    }

    public function testOneLineForEachFieldAtFault(): void
    {
        foreach (['molten:diagnose', 'molten:plan'] as $command) {
            $process = self::molten($command, self::EMPTY + ['made' => ['pour.temperature' => 'hot', 'gating.gates' => -1]]);

            self::assertSame(1, $process->getExitCode());
            self::assertSame('', $process->getOutput());
            self::assertMatchesRegularExpression('~^/made/pour\.temperature: .+\n/made/gating\.gates: .+\n$~', $process->getErrorOutput());
        }
    }

    public function testWhatIsNotJsonIsSaidToBeNot(): void
    {
        $process = self::molten('molten:diagnose', '{"format": ');

        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('not JSON', $process->getErrorOutput());
    }

    public function testJudgesCasesAndNamesTheOneThatIsNone(): void
    {
        $cases = dirname(__DIR__).'/Cases/open';
        $process = new Process(['php', 'bin/console', 'molten:judge', $cases], dirname(__DIR__, 2));
        self::assertSame(0, $process->run(), $process->getErrorOutput());
        self::assertStringContainsString("60 cases\n", $process->getOutput());
        self::assertMatchesRegularExpression('/^first \d+ %, among three \d+ %$/m', $process->getOutput());
        self::assertMatchesRegularExpression('/^said +90 to 100 %: +\d+ times/m', $process->getOutput());

        $bad = sys_get_temp_dir().'/cases-'.bin2hex(random_bytes(4));
        mkdir($bad);
        file_put_contents("{$bad}/odd.json", '{"format": "molten-notes/case", "version": 1, "truth": "bad_luck", "because": "So."}');
        $refused = new Process(['php', 'bin/console', 'molten:judge', $bad], dirname(__DIR__, 2));
        self::assertSame(1, $refused->run());
        self::assertSame('', $refused->getOutput());
        self::assertStringContainsString('odd: /truth: ', $refused->getErrorOutput());
        unlink("{$bad}/odd.json");
        self::assertSame(1, (new Process(['php', 'bin/console', 'molten:judge', $bad], dirname(__DIR__, 2)))->run(), 'no cases at all');
        rmdir($bad);
    }

    /** @return iterable<string, array{string}> */
    public static function examples(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/docs/formats/examples/*.json') ?: [] as $file) {
            yield basename($file) => [$file];
        }
    }

    #[DataProvider('examples')]
    public function testThePublishedExamplesArePlannedAsThePublishedSchemaSays(string $file): void
    {
        $process = self::molten('molten:plan', (string) file_get_contents($file));

        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        self::assertFollowsThePlanSchema($process->getOutput());
    }

    public function testTheExampleOfAPlanIsPlannedThroughout(): void
    {
        $plan = self::plan((string) file_get_contents(dirname(__DIR__, 2).'/docs/formats/examples/rowlock-socket-plan.json'));
        $figures = [];
        foreach ($plan['stages'] as $stage) {
            self::assertNotEmpty($stage['figures'], $stage['stage']);
            foreach ($stage['figures'] as $figure) {
                $figures["{$stage['stage']}.{$figure['code']}.{$figure['subject']}"] = $figure['value']['value'];
            }
        }

        // By hand: foot 60·45·6, boss π·13²·28, ring π·(60² − 48²)·4, cubic millimetres; 2.68 g/cm³ from the table of alloys.
        $volume = 16_200 + \M_PI * 169 * 28 + \M_PI * (3600 - 2304) * 4;
        self::assertEqualsWithDelta($volume * 1e-9, $figures['pattern.casting_volume.'], $volume * 1e-9 * 0.005);
        self::assertEqualsWithDelta($volume * 1e-9 * 2680, $figures['pattern.casting_mass.'], 0.002);
        self::assertGreaterThan($figures['pattern.casting_mass.'], $figures['metal.poured.']);
        self::assertGreaterThan($figures['metal.poured.'], $figures['metal.charge.']);
        self::assertGreaterThan(1, $figures['filling.fill_ratio.rim']);
        self::assertContains('crucible_holds', array_column($plan['risks'], 'code'), 'a crucible of 250 mL does not hold it');
    }

    public function testAnEmptyRecordGivesAPlanThatSaysWhatIsMissing(): void
    {
        $plan = self::plan(self::EMPTY);

        foreach ($plan['stages'] as $stage) {
            self::assertNotSame([], $stage['missing'], $stage['stage'].' lacks nothing, although nothing is known');
            self::assertSame([], $stage['risks'], $stage['stage'].' warns of something, although nothing is known');
        }
    }

    public function testAPlanAsksAboutWhatIsUnlikelyAndGoesOn(): void
    {
        $plan = self::plan(self::EMPTY + ['planned' => ['sand.moisture' => '14 %'] + Plans::values()]);

        self::assertContains('/planned/sand.moisture', array_column($plan['questions'], 'pointer'));
        self::assertNotEmpty($plan['stages'][0]['figures']);
    }

    /**
     * @param array<string, mixed>|string $input
     *
     * @return array{stages: list<array{stage: string, missing: list<mixed>, risks: list<mixed>, figures: list<array{code: string,
     *     subject: string, value: array{value: float}}>}>, risks: list<array{code: string}>, questions: list<array{pointer: string}>}
     */
    private static function plan(array|string $input): array
    {
        $process = self::molten('molten:plan', $input);
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        self::assertFollowsThePlanSchema($process->getOutput());

        /**
         * @var array{stages: list<array{stage: string, missing: list<mixed>, risks: list<mixed>, figures: list<array{code: string,
         *     subject: string, value: array{value: float}}>}>, risks: list<array{code: string}>, questions: list<array{pointer: string}>}
         */
        return json_decode($process->getOutput(), true, 512, \JSON_THROW_ON_ERROR);
    }

    private static function assertFollowsThePlanSchema(string $json): void
    {
        /** @var object $schema */
        $schema = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2).'/docs/formats/plan.schema.json'),
            false,
            64,
            \JSON_THROW_ON_ERROR,
        );
        $error = (new Validator())->validate(json_decode($json, false, 512, \JSON_THROW_ON_ERROR), $schema)->error();
        self::assertNull($error, null === $error ? '' : json_encode((new ErrorFormatter())->format($error), \JSON_THROW_ON_ERROR));
    }

    /** @param array<string, mixed>|string $input */
    private static function molten(string $command, array|string $input): Process
    {
        $root = dirname(__DIR__, 2);
        $process = new Process(['php', "{$root}/bin/console", $command, '-'], $root, [
            'MOLTEN_DATABASE_URL' => 'mysql://nobody@127.0.0.1:1/none?serverVersion=10.11.2-MariaDB',
            'APP_ENV' => 'prod',
        ]);
        $process->setInput(is_string($input) ? $input : json_encode($input, \JSON_THROW_ON_ERROR));
        $process->run();

        return $process;
    }
}
