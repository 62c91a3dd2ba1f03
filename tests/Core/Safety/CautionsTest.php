<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Safety;

use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Safety\Cautions;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\TestCase;

final class CautionsTest extends TestCase
{
    public function testEveryMouldProcessHasItsCaution(): void
    {
        foreach (array_keys(Choices::list('process')) as $process) {
            self::assertNotEmpty(Cautions::for(Records::read(['made' => ['mould.process' => $process]])->values()), $process);
        }
    }

    public function testZincAndLeadAreNamedWhereTheyAreMelted(): void
    {
        $brass = array_column(Cautions::for(Records::read(['heat' => ['metal.alloy' => 'red_brass']])->values()), 'code');

        self::assertContains('zinc_fume', $brass);
        self::assertContains('lead_fume', $brass);
    }

    public function testNothingIsEverCalledSafe(): void
    {
        foreach (Cautions::rows() as ['code' => $code, 'text' => $text]) {
            self::assertDoesNotMatchRegularExpression('/\bsafe(ly|ty)?\b/i', $text, $code);
        }
        $root = dirname(__DIR__, 3);
        /** @var \SplFileInfo $file */
        foreach (
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("{$root}/web/src", \FilesystemIterator::SKIP_DOTS)) as $file
        ) {
            if (str_ends_with($file->getFilename(), '.tsx')) {
                self::assertDoesNotMatchRegularExpression(
                    '/>[^<{]*\bsafe\b[^<{]*</i',
                    (string) file_get_contents($file->getPathname()),
                    $file->getFilename(),
                );
            }
        }
    }
}
