<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Attempt;

use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Attempt\AttemptSchema;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Tests\Support\Records;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

/** The published schema and the reader must say the same. */
final class AttemptSchemaTest extends TestCase
{
    public function testThePublishedSchemaIsTheOneThatTheTablesMake(): void
    {
        $made = json_encode(AttemptSchema::make(Catalogue::standard()->causeCodes()), \JSON_THROW_ON_ERROR);

        self::assertJsonStringEqualsJsonFile(dirname(__DIR__, 3).'/docs/formats/attempt.schema.json', $made, 'run php tools/schemas.php');
    }

    public function testEveryPublishedExampleIsTakenByBoth(): void
    {
        $files = glob(dirname(__DIR__, 3).'/docs/formats/examples/*.json') ?: [];
        self::assertNotEmpty($files);
        foreach ($files as $file) {
            $json = (string) file_get_contents($file);
            self::assertTrue(self::valid($json), $file);
            AttemptDocument::read(json_decode($json, true, 64, \JSON_THROW_ON_ERROR), Catalogue::standard()->causeCodes());
        }
    }

    public function testWhatTheReaderWritesIsValid(): void
    {
        foreach ([Records::coldRim(), Records::wetSand()] as $parts) {
            self::assertTrue(self::valid(json_encode(Records::read($parts)->toArray(), \JSON_THROW_ON_ERROR)));
        }
    }

    public function testTheSchemaRefusesWhatTheReaderRefuses(): void
    {
        foreach (
            [
                ['made' => ['sand.moistur' => '4 %']],
                ['findings' => [['kind' => 'misrunn']]],
                ['made' => ['gating.gates' => 1.5]],
                ['made' => ['pour.temperature' => 705]],
                ['verdict' => 'superb'],
            ] as $parts
        ) {
            self::assertFalse(
                self::valid(json_encode(['format' => 'molten-notes/attempt', 'version' => 1] + $parts, \JSON_THROW_ON_ERROR)),
                (string) json_encode($parts),
            );
        }
    }

    private static function valid(string $json): bool
    {
        /** @var object $schema */
        $schema = json_decode(
            (string) file_get_contents(dirname(__DIR__, 3).'/docs/formats/attempt.schema.json'),
            false,
            64,
            \JSON_THROW_ON_ERROR,
        );

        return (new Validator())->validate(json_decode($json, false, 64, \JSON_THROW_ON_ERROR), $schema)->isValid();
    }
}
