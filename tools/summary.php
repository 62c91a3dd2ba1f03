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
printf("%d passed, %d failed, %d skipped\n", $tests - $failed - $skipped, max($failed, (int) $failedSteps > 0 ? 1 : 0), $skipped);
