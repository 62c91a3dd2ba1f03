<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** What the type analyser cannot see: calls that reach outside, code that nothing uses, sources that must be named. */
final class SourceTest extends TestCase
{
    /** Used by tests only: the second set of preferences, to show that nothing depends on the first. */
    private const AWAITED = ['UnitPreferences::imperial()'];

    /** Files of tables are loaded like code; everything else that touches the world is named here and refused in the core. */
    public function testCoreTouchesNothingOutsideItself(): void
    {
        $forbidden =
            '/(?<![\w>:$\\\\])(?:time|microtime|date|mktime|strtotime|hrtime|rand|mt_rand|random_int|random_bytes|shuffle|array_rand'
            .'|uniqid|file_get_contents|file_put_contents|fopen|file|scandir|glob|exec|shell_exec|getenv|putenv|echo|print|printf|var_dump'
            .'|error_log|header|setlocale)\s*\(|\$_(?:GET|POST|SERVER|ENV|COOKIE|SESSION|FILES)|\bglobal\s+\$|(?<![\w>:$])echo\s/';
        foreach (self::files('core') as $path => $code) {
            // A method of ours may be called date(); only calls count.
            $calls = preg_replace('/function \w+/', 'function', self::withoutComments($code)) ?? '';
            self::assertSame(0, preg_match($forbidden, $calls, $found), "{$path} calls ".($found[0] ?? ''));
        }
    }

    public function testCoreNamesNothingButItself(): void
    {
        foreach (self::files('core') as $path => $code) {
            preg_match_all('/^use (?!MoltenNotes\\\\Core\\\\)(?!function |const )([\\w\\\\]+)/m', $code, $found);
            // Seeded, and so the same tomorrow: the noise of simulated instruments.
            self::assertSame([], array_diff($found[1], ['Random\Engine\Mt19937', 'Random\Randomizer']), $path);
        }
    }

    public function testEveryFileIsStrict(): void
    {
        foreach ([...self::files('core'), ...self::files('src'), ...self::files('tests')] as $path => $code) {
            self::assertStringContainsString('declare(strict_types=1);', $code, $path);
        }
    }

    public function testValuesOfTheCoreCannotChange(): void
    {
        foreach (self::files('core') as $path => $code) {
            if (1 === preg_match('/^(?:abstract |final |readonly )*class (\w+)/m', $code, $class)) {
                self::assertMatchesRegularExpression('/^(?:final|abstract) /m', $class[0], "{$path}: neither final nor abstract");
            }
        }
    }

    /** Its units, ranges and errors, and where it comes from, stand above a method, or above what it implements. */
    public function testEveryPublicMethodOfTheCoreSaysWhatItGives(): void
    {
        $silent = [];
        $looked = 0;
        foreach (array_keys(self::files('core')) as $path) {
            $class = 'MoltenNotes\\Core\\'.strtr(substr($path, strlen('core/'), -4), '/', '\\');
            if (!str_contains($path, '/Data/') && (class_exists($class) || interface_exists($class) || enum_exists($class))) {
                $silent = [...$silent, ...self::silent(new \ReflectionClass($class))];
                ++$looked;
            }
        }

        self::assertGreaterThan(100, $looked);
        self::assertSame([], $silent);
    }

    /**
     * @param \ReflectionClass<object> $class
     *
     * @return list<string>
     */
    private static function silent(\ReflectionClass $class): array
    {
        $silent = [];
        foreach ($class->getMethods(\ReflectionMethod::IS_PUBLIC) as $method) {
            $name = $method->getName();
            if (!$method->isUserDefined() || $method->isConstructor() || $method->getDeclaringClass()->getName() !== $class->getName()) {
                continue;
            }
            $above = array_filter(
                $class->getInterfaces(),
                static fn (\ReflectionClass $one): bool => $one->hasMethod($name) && false !== $one->getMethod($name)->getDocComment(),
            );
            if (false === $method->getDocComment() && [] === $above && $method->getFileName() === $class->getFileName()) {
                $silent[] = "{$class->getName()}::{$name}";
            }
        }

        return $silent;
    }

    /** Tables of the trade say where their figures come from, at the top or in each row. */
    public function testEveryTableNamesItsSource(): void
    {
        foreach (self::files('core') as $path => $code) {
            if (str_contains($path, '/Data/')) {
                self::assertMatchesRegularExpression(
                    '/common practice|recalled|published|derived|definition|estimates/i',
                    $code,
                    "{$path} does not say where its figures come from",
                );
            }
        }
    }

    /** Dead code: a class that no other file names, a public method that nothing calls. */
    public function testNothingLiesIdle(): void
    {
        $files = [...self::files('core'), ...self::files('src')];
        // Tools of the founders may be the only users of a door.
        $users =
            $files +
            array_filter(self::files('tools'), static fn (string $path): bool => !str_contains($path, '/symfony/'), \ARRAY_FILTER_USE_KEY);
        $config = implode(
            "\n",
            array_map(
                static fn (string $path): string => (string) file_get_contents($path),
                glob(self::root().'/config/{*,packages/*}.{php,yaml}', \GLOB_BRACE) ?: [],
            ),
        );
        $idle = [];
        foreach ($files as $path => $code) {
            $name = basename($path, '.php');
            if (
                str_contains($path, '/Data/')
                || str_contains($code, '#[Route(')
                || str_contains($code, '#[AsCommand')
                || str_contains($code, '#[AsEventListener')
            ) {
                continue;
            }
            if (!self::isNamedElsewhere($name, $path, $users) && !str_contains($config, $name)) {
                $idle[] = $name;
            }
            preg_match_all('/public (?:static )?function (\w+)\(/', $code, $methods);
            foreach ($methods[1] as $method) {
                if (!str_starts_with($method, '__') && !self::isCalled($method, $users) && !self::isInherited($code)) {
                    $idle[] = "{$name}::{$method}()";
                }
            }
        }

        self::assertSame([], array_values(array_diff($idle, self::AWAITED)));
    }

    /** @param array<string, string> $files */
    private static function isNamedElsewhere(string $name, string $path, array $files): bool
    {
        foreach ($files as $other => $code) {
            if ($other !== $path && 1 === preg_match('/\b'.$name.'\b/', $code)) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, string> $files */
    private static function isCalled(string $method, array $files): bool
    {
        foreach ($files as $code) {
            if (1 === preg_match('/(?:->|::)'.$method.'\b/', $code)) {
                return true;
            }
        }

        return false;
    }

    /** A framework or the language calls what an interface or a parent class promises. */
    private static function isInherited(string $code): bool
    {
        return 1 === preg_match('/^(?:final |abstract |readonly )*(?:class|enum) \w+(?:: \w+)? (?:extends|implements) /m', $code)
            && !str_contains($code, 'extends ScalarQuantity');
    }

    /** @return array<string, string> path below the root → code */
    private static function files(string $folder): array
    {
        $files = [];
        $within = new \RecursiveDirectoryIterator(self::root()."/{$folder}", \FilesystemIterator::SKIP_DOTS);
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator($within) as $file) {
            if ('php' === $file->getExtension()) {
                $files[substr($file->getPathname(), strlen(self::root()) + 1)] = (string) file_get_contents($file->getPathname());
            }
        }
        ksort($files);

        return $files;
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    private static function withoutComments(string $code): string
    {
        $kept = '';
        foreach (\PhpToken::tokenize($code) as $token) {
            $kept .= $token->is([\T_COMMENT, \T_DOC_COMMENT, \T_CONSTANT_ENCAPSED_STRING, \T_ENCAPSED_AND_WHITESPACE]) ? ' ' : $token->text;
        }

        return $kept;
    }
}
