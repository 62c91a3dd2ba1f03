<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The rooms of the house: which may lead into which, how wide a line is, and that the plan of the house names rooms that are there. */
final class FoldersTest extends TestCase
{
    private const WIDEST = 140;

    /** @return iterable<string, array{string, string}> */
    public static function roots(): iterable
    {
        yield 'core' => ['core', 'MoltenNotes\Core'];
        yield 'src' => ['src', 'MoltenNotes\App'];
    }

    #[DataProvider('roots')]
    public function testNoRoomsLeadIntoEachOtherInACircle(string $root, string $namespace): void
    {
        $leads = self::leads($root, $namespace);
        self::assertGreaterThan(8, count($leads), 'the rooms were found');
        $circles = [];
        foreach (array_keys($leads) as $room) {
            $way = self::wayBack($leads, $room);
            if ([] !== $way) {
                $circles[] = implode(' → ', $way);
            }
        }

        self::assertSame([], $circles);
    }

    public function testASubjectOfTheCraftKnowsNoPlan(): void
    {
        $leads = self::leads('core', 'MoltenNotes\Core');
        $subjects = ['Alloy', 'Charge', 'Feeding', 'Filling', 'Gating', 'Geometry', 'Melt', 'Mould', 'Pattern', 'Venting', 'Record'];
        foreach ($subjects as $subject) {
            $above = array_intersect(['Plan', 'Drawing', 'Diagnosis', 'NextAttempt', 'Attempt'], array_keys($leads[$subject] ?? []));
            self::assertSame([], $above, "{$subject} is formulas and results; what assembles them knows it, not the other way");
        }
    }

    public function testNoLineIsWiderThanAPage(): void
    {
        $wide = [];
        foreach (['core', 'src', 'tests', 'tools', 'migrations', 'config', 'web/src'] as $folder) {
            foreach (self::files($folder, '/\.(php|ts|tsx|css)$/') as $path) {
                foreach (file($path, \FILE_IGNORE_NEW_LINES) ?: [] as $number => $line) {
                    if (mb_strlen($line) > self::WIDEST) {
                        $wide[] = $path.':'.($number + 1);
                    }
                }
            }
        }

        self::assertSame([], $wide);
    }

    /** docs/architecture.md says where the rules of the craft are; each place must be there, and say what it is asked for. */
    public function testThePlanOfTheHouseNamesPlacesThatAreThere(): void
    {
        preg_match_all('/^\| ([^|]+) \| `(core\/[^`]+)` \|$/m', (string) file_get_contents(self::root().'/docs/architecture.md'), $rows);
        self::assertGreaterThanOrEqual(20, count($rows[2]), 'twenty rules and where they are');
        foreach ($rows[2] as $i => $place) {
            self::assertFileExists(self::root().'/'.$place, $rows[1][$i]);
        }
    }

    /** @return array<string, array<string, string>> room → rooms it leads into, each with one that does */
    private static function leads(string $root, string $namespace): array
    {
        $leads = [];
        foreach (self::files($root, '/\.php$/') as $path) {
            $room = self::room(explode('/', substr($path, strlen(self::root()) + strlen($root) + 2)));
            if (null === $room) {
                continue;
            }
            $leads[$room] ??= [];
            preg_match_all('/'.preg_quote($namespace, '/').'\\\\([A-Za-z\\\\]+)/', (string) file_get_contents($path), $names);
            foreach ($names[1] as $name) {
                $into = self::room(explode('\\', $name));
                if (null !== $into && $into !== $room) {
                    $leads[$room][$into] = basename($path);
                }
            }
        }

        return $leads;
    }

    /**
     * What is shared holds several rooms.
     *
     * @param list<string> $parts
     */
    private static function room(array $parts): ?string
    {
        if (count($parts) < 2) {
            return null;
        }

        return 'Shared' === $parts[0] ? "Shared/{$parts[1]}" : $parts[0];
    }

    /**
     * @param array<string, array<string, string>> $leads
     *
     * @return list<string> the rooms of a circle through this one; empty where there is none
     */
    private static function wayBack(array $leads, string $room): array
    {
        $ways = [[$room]];
        $seen = [];
        while ([] !== $ways) {
            $way = array_shift($ways);
            foreach (array_keys($leads[$way[count($way) - 1]] ?? []) as $next) {
                if ($next === $room) {
                    return [...$way, $room];
                }
                if (!isset($seen[$next])) {
                    $seen[$next] = true;
                    $ways[] = [...$way, $next];
                }
            }
        }

        return [];
    }

    /** @return list<string> */
    private static function files(string $folder, string $named): array
    {
        $files = [];
        $within = new \RecursiveDirectoryIterator(self::root().'/'.$folder, \FilesystemIterator::SKIP_DOTS);
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator($within) as $file) {
            $made = 1 === preg_match('~/tools/symfony/|\.gen\.ts$|reference\.php$~', $file->getPathname());
            if (!$made && 1 === preg_match($named, $file->getFilename())) {
                $files[] = $file->getPathname();
            }
        }
        sort($files);

        return $files;
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }
}
