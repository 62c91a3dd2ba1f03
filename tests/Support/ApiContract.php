<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Support;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\Yaml\Yaml;

/** Holds real answers against docs/openapi.yaml: what is documented is what is sent. */
final class ApiContract
{
    private const ID = 'https://molten.example/openapi.json';

    private readonly Validator $validator;

    /** @var array<string, array<string, mixed>> path → operations */
    private readonly array $paths;

    private function __construct()
    {
        /** @var array{paths: array<string, array<string, mixed>>} $document */
        $document = Yaml::parseFile(dirname(__DIR__, 2).'/docs/openapi.yaml');
        $this->paths = $document['paths'];
        $this->validator = new Validator();
        $schema = json_decode(json_encode(['$id' => self::ID] + $document, \JSON_THROW_ON_ERROR), false, 512, \JSON_THROW_ON_ERROR);
        $this->validator->resolver()?->registerRaw($schema, self::ID);
    }

    public static function standard(): self
    {
        /** @var self|null $contract */
        static $contract = null;

        return $contract ??= new self();
    }

    /** @return list<array{string, string}> method and path template of every documented operation */
    public function operations(): array
    {
        $operations = [];
        foreach ($this->paths as $path => $item) {
            foreach (array_intersect(array_keys($item), ['get', 'put', 'post', 'patch', 'delete']) as $method) {
                $operations[] = [strtoupper($method), $path];
            }
        }

        return $operations;
    }

    public function assertAnswer(string $method, string $path, int $status, string $type, string $body): void
    {
        $template = $this->template(parse_url($path, \PHP_URL_PATH) ?: $path);
        $method = strtolower($method);
        Assert::assertArrayHasKey($method, $this->paths[$template], "{$method} {$template} is not documented");
        /** @var array{responses: array<int|string, array<string, mixed>>} $operation */
        $operation = $this->paths[$template][$method];
        Assert::assertArrayHasKey((string) $status, $operation['responses'], "{$method} {$template} may not answer {$status}: {$body}");
        $response = $operation['responses'][$status];
        if (isset($response['$ref'])) {
            $response = ['content' => ['application/problem+json' => ['schema' => ['$ref' => '#/components/schemas/Problem']]]];
        }
        $content = $response['content'] ?? null;
        $schema = is_array($content) && is_array($content[$type] ?? null) ? $content[$type]['schema'] ?? null : null;
        Assert::assertIsArray($schema, "{$method} {$template} {$status} may not be {$type}");
        // A response's own schema stands outside the document here, so its references are made whole.
        $whole = str_replace(
            '"#\/components',
            '"'.str_replace('/', '\/', self::ID).'#\/components',
            json_encode($schema, \JSON_THROW_ON_ERROR),
        );
        $result = $this->validator->validate(
            json_decode($body, false, 512, \JSON_THROW_ON_ERROR),
            (object) json_decode($whole, false, 512, \JSON_THROW_ON_ERROR),
        );
        $error = $result->error();
        Assert::assertNull(
            $error,
            "{$method} {$template} {$status}: ".
                (null === $error ? '' : json_encode((new ErrorFormatter())->format($error), \JSON_UNESCAPED_SLASHES)),
        );
    }

    private function template(string $path): string
    {
        foreach (array_keys($this->paths) as $template) {
            $pattern = preg_replace('/\\\\\{\w+\\\\\}/', '[^/]+', preg_quote($template, '~')) ?? '';
            if (1 === preg_match("~^{$pattern}$~", $path)) {
                return $template;
            }
        }
        Assert::fail("{$path} is not documented");
    }
}
