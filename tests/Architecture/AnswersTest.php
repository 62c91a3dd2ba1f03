<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Architecture;

use MoltenNotes\App\Shared\Http\Answer;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/**
 * What the API answers with is a readonly class each, and each says what docs/openapi.yaml says under its name: the same members, as
 * often null, of the same types. That the answers sent are as documented is seen by every test that calls the API.
 *
 * @phpstan-type Schema array<string, mixed>
 */
final class AnswersTest extends TestCase
{
    /** Shapes that are made in the core, where they are tested, and passed on as they are. */
    private const OF_THE_CORE = [
        'AttemptDocument', 'Caution', 'CautionRule', 'CheckMove', 'Contribution', 'Face', 'FieldProblem', 'Figure', 'FromAbove', 'Layer',
        'NextCheck', 'PlanRisk', 'PlanStage', 'RankedCause', 'Section', 'SectionBounds', 'SectionDimension', 'SectionFigure', 'SectionPart',
        'StageAnswer', 'StageRisk', 'Solid', 'UnexplainedSign', 'Unreadable', 'Working', 'WorkingInput',
    ];

    public function testEveryAnswerSaysWhatIsDocumented(): void
    {
        $schemas = self::schemas();
        foreach (self::answers() as $name => $class) {
            self::assertArrayHasKey($name, $schemas, "{$class->getName()} is not described in docs/openapi.yaml");
            self::assertTrue($class->isReadOnly(), $class->getName());
            $described = self::members($schemas[$name], $schemas);
            $told = self::properties($class);
            $both = [array_keys($described), array_keys($told)];
            sort($both[0]);
            sort($both[1]);
            self::assertSame($both[0], $both[1], "members of {$name}");
            foreach ($told as $member => $type) {
                $here = "{$name}.{$member}";
                $types = self::types($described[$member], $schemas);
                if ('mixed' === (string) $type) {
                    self::assertSame([], $types, "{$here} may be anything");
                    continue;
                }
                self::assertSame(in_array('null', $types, true), $type->allowsNull(), "whether {$here} may be null");
                // A list and a small object are both an array in PHP.
                $alike = static fn (string $type): string => 'array' === $type ? 'object' : $type;
                self::assertEqualsCanonicalizing(
                    array_values(array_unique(array_map($alike, $types))),
                    array_values(array_unique(array_map($alike, self::jsonTypes($type)))),
                    "type of {$here}",
                );
            }
        }
    }

    public function testWhatIsAnsweredHasAClass(): void
    {
        $schemas = self::schemas();
        $answered = self::reachable($schemas);
        $classes = array_keys(self::answers());
        self::assertSame([], array_values(array_diff($classes, $answered)), 'answers that no operation gives');
        $loose = array_filter(
            array_diff($answered, $classes, self::OF_THE_CORE),
            static fn (string $name): bool => isset($schemas[$name]['properties']) || isset($schemas[$name]['allOf']),
        );
        // What a caster sends and what comes back of it are the same shape.
        self::assertSame(['CastingSection', 'Quantity'], array_values($loose), 'documented objects without a class');
        self::assertSame([], array_values(array_diff(self::OF_THE_CORE, $answered)), 'shapes of the core that nobody is told');
    }

    public function testControllersAndViewsGiveNoLooseArrays(): void
    {
        foreach (self::files() as $file) {
            $code = (string) file_get_contents($file);
            self::assertStringNotContainsString('new JsonResponse([', $code, $file);
            if (1 === preg_match('/(View|Controller)\.php$/', $file)) {
                self::assertDoesNotMatchRegularExpression(
                    '/@return array<string, mixed>(\|null)?[^{]*public function (?!drawing|section)/',
                    $code,
                    $file,
                );
            }
        }
    }

    /** @return array<string, \ReflectionClass<Answer>> schema → class; what is part of other answers alone is described with them */
    private static function answers(): array
    {
        $schemas = self::schemas();
        $answers = $parts = [];
        foreach (self::files() as $file) {
            $class = 'MoltenNotes\\App\\'.strtr(substr($file, strlen(dirname(__DIR__, 2).'/src/'), -4), '/', '\\');
            if (str_ends_with($file, 'Answer.php') && is_subclass_of($class, Answer::class)) {
                $reflected = new \ReflectionClass($class);
                $short = $reflected->getShortName();
                $answers[isset($schemas[$short]) ? $short : substr($short, 0, -strlen('Answer'))] = $reflected;
                $among = $reflected->getConstant('AMONG_ITS_OWN');
                $part = '' === $among ? null : $reflected->getProperty((string) $among)->getType();
                if ($part instanceof \ReflectionNamedType) {
                    $parts[] = $part->getName();
                }
            }
        }
        $described = array_keys($schemas);

        return array_filter(
            $answers,
            static fn (\ReflectionClass $class, string $name): bool => in_array($name, $described, true)
                || !in_array($class->getName(), $parts, true),
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return list<string> */
    private static function files(): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__, 2).'/src')) as $file) {
            if ($file instanceof \SplFileInfo && 'php' === $file->getExtension()) {
                $files[] = $file->getPathname();
            }
        }
        sort($files);

        return $files;
    }

    /**
     * @param \ReflectionClass<Answer> $class
     *
     * @return array<string, \ReflectionType> member of the JSON object → type of the property
     */
    private static function properties(\ReflectionClass $class): array
    {
        $among = $class->getConstant('AMONG_ITS_OWN');
        $members = [];
        foreach ($class->getProperties() as $property) {
            $type = $property->getType();
            self::assertNotNull($type);
            if ($property->getName() === $among) {
                self::assertInstanceOf(\ReflectionNamedType::class, $type);
                $inner = $type->getName();
                self::assertTrue(is_subclass_of($inner, Answer::class));
                $members += self::properties(new \ReflectionClass($inner));
            } else {
                $members[Answer::member($property->getName())] = $type;
            }
        }

        return $members;
    }

    /** @return list<string> */
    private static function jsonTypes(\ReflectionType $type): array
    {
        $parts = $type instanceof \ReflectionUnionType ? $type->getTypes() : [$type];
        $types = [];
        foreach ($parts as $part) {
            self::assertInstanceOf(\ReflectionNamedType::class, $part);
            $types[] = match ($part->getName()) {
                'string' => 'string',
                'int' => 'integer',
                'float' => 'number',
                'bool' => 'boolean',
                'array' => 'array',
                'null' => 'null',
                default => 'object',
            };
            if ($part->allowsNull()) {
                $types[] = 'null';
            }
        }

        return array_values(array_unique($types));
    }

    /**
     * The types that PHP tells apart: an array of PHP may be a list or an object, a number may be whole.
     *
     * @param Schema $schema
     * @param array<string, Schema> $schemas
     *
     * @return list<string>
     */
    private static function types(array $schema, array $schemas): array
    {
        if (is_string($schema['$ref'] ?? null)) {
            return self::types($schemas[basename($schema['$ref'])], $schemas);
        }
        $types = [];
        foreach (['anyOf', 'oneOf'] as $word) {
            /** @var list<Schema> $choices */
            $choices = $schema[$word] ?? [];
            foreach ($choices as $choice) {
                array_push($types, ...self::types($choice, $schemas));
            }
        }
        if (isset($schema['allOf']) || isset($schema['properties'])) {
            $types[] = 'object';
        }
        /** @var string|list<string> $own */
        $own = $schema['type'] ?? [];

        return array_values(array_unique([...$types, ...(array) $own]));
    }

    /**
     * @param Schema $schema
     * @param array<string, Schema> $schemas
     *
     * @return array<string, Schema>
     */
    private static function members(array $schema, array $schemas): array
    {
        if (is_string($schema['$ref'] ?? null)) {
            return self::members($schemas[basename($schema['$ref'])], $schemas);
        }
        /** @var array<string, Schema> $members */
        $members = $schema['properties'] ?? [];
        /** @var list<Schema> $all */
        $all = $schema['allOf'] ?? [];
        foreach ($all as $part) {
            $members += self::members($part, $schemas);
        }

        return $members;
    }

    /**
     * @param array<string, Schema> $schemas
     *
     * @return list<string> the schemas that some answer is made of, by name
     */
    private static function reachable(array $schemas): array
    {
        /** @var array{paths: array<string, array<string, mixed>>} $document */
        $document = Yaml::parseFile(dirname(__DIR__, 2).'/docs/openapi.yaml');
        $open = ['Problem'];
        foreach ($document['paths'] as $item) {
            foreach ($item as $operation) {
                $open = [...$open, ...self::named(is_array($operation) ? $operation['responses'] ?? [] : [])];
            }
        }
        $reached = [];
        while (null !== ($name = array_pop($open))) {
            if (!isset($reached[$name]) && isset($schemas[$name])) {
                $reached[$name] = true;
                $open = [...$open, ...self::named($schemas[$name])];
            }
        }
        $names = array_keys($reached);
        sort($names);

        return $names;
    }

    /** @return list<string> the schemas that are referred to within */
    private static function named(mixed $within): array
    {
        $names = [];
        foreach (is_array($within) ? $within : [] as $key => $value) {
            if ('$ref' === $key && is_string($value) && str_contains($value, '/schemas/')) {
                $names[] = basename($value);
            } else {
                array_push($names, ...self::named($value));
            }
        }

        return $names;
    }

    /** @return array<string, Schema> */
    private static function schemas(): array
    {
        /** @var array{components: array{schemas: array<string, Schema>}} $document */
        $document = Yaml::parseFile(dirname(__DIR__, 2).'/docs/openapi.yaml');

        return $document['components']['schemas'];
    }
}
