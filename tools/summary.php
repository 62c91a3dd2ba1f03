<?php

declare(strict_types=1);

// Adds up the JUnit files of a test run: php tools/summary.php DIR FAILED_STEPS

[, $dir, $failedSteps] = $argv;
$tests = $failed = $skipped = 0;
foreach (glob("{$dir}/*.xml") ?: [] as $file) {
    $xml = simplexml_load_file($file);
    foreach ($xml instanceof SimpleXMLElement ? $xml->testsuite : [] as $suite) {
        $tests += (int) $suite['tests'];
        $failed += (int) $suite['failures'] + (int) $suite['errors'];
        $skipped += (int) $suite['skipped'];
    }
}
$report = is_file("{$dir}/coverage.txt") ? file_get_contents("{$dir}/coverage.txt") : false;
if (false !== $report && preg_match_all('/^MoltenNotes\\\\Core\\\\\S+\n.*Lines:\s+[\d.]+% \(\s*(\d+)\/\s*(\d+)\)/m', $report, $rows) > 0) {
    [$covered, $lines] = [array_sum(array_map(intval(...), $rows[1])), array_sum(array_map(intval(...), $rows[2]))];
    printf("    coverage of the core by its own tests: %.1f %% of %d lines\n", 100 * $covered / $lines, $lines);
}
[$code, $tested] = lines();
printf("    share of tests: %.1f %% of %d lines of code and tests, tables left out\n", 100 * $tested / ($code + $tested), $code + $tested);
printf("%d passed, %d failed, %d skipped\n", $tests - $failed - $skipped, max($failed, (int) $failedSteps > 0 ? 1 : 0), $skipped);

/** @return array{int, int} lines of code and of tests; tables of the trade, demo data and what is generated are left out */
function lines(): array
{
    $code = $tests = 0;
    foreach (['core', 'src', 'web/src', 'tools', 'bin', 'migrations', 'config', 'tests'] as $folder) {
        $within = new RecursiveDirectoryIterator(dirname(__DIR__).'/'.$folder, FilesystemIterator::SKIP_DOTS);
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator($within) as $file) {
            $path = $file->getPathname();
            $isCode = 'bin' === $folder || 1 === preg_match('/\.(php|ts|tsx|css)$/', $path);
            if (!$isCode || 1 === preg_match('~/Data/|\.gen\.ts$|/tools/symfony/|reference\.php$~', $path)) {
                continue;
            }
            $lines = count(file($path) ?: []);
            if ('tests' === $folder || 1 === preg_match('~\.test\.tsx?$|/shared/testing/~', $path)) {
                $tests += $lines;
            } else {
                $code += $lines;
            }
        }
    }

    return [$code, $tests];
}
