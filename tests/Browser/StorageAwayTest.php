<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use Symfony\Component\Process\Process;

/** MariaDB is killed between two saves. */
final class StorageAwayTest extends JourneyTestCase
{
    public function testStorageDiesBetweenTwoSavesAndNothingSavedIsGone(): void
    {
        $this->register('storage@molten.example');
        $this->press('Castings', '//nav[@aria-label="Places"]');
        $this->press('New casting');
        $this->type('What is it?', 'Sounding lead');
        $this->press('Add the casting');
        $this->press('Log an attempt');
        $this->type('Pour temperature', '380 C');
        $this->press('Save the pour');
        $this->see('No. 1: waits for inspection');

        $this->press('Put right');
        $this->type('Note', 'second save');
        $this->killStorage();
        $this->press('Save');
        $this->see('storage cannot be reached', 30);

        $this->bringStorageBack();
        $this->press('Save');
        $this->see('“second save”', 30);
        self::assertStringContainsString('380 °C', $this->text());
        $this->driver->navigate()->refresh();
        $this->see('“second save”', 30);
    }

    private function killStorage(): void
    {
        $pid = (int) file_get_contents(getenv('MOLTEN_TEST_DB_RUN').'/db.pid');
        self::assertGreaterThan(1, $pid);
        // Not a polite end: what was acknowledged must have reached the disk.
        posix_kill($pid, \SIGKILL);
        for (
            $i = 0;
            $i < 100 && file_exists("/proc/{$pid}/status") && !str_contains((string) file_get_contents("/proc/{$pid}/status"), 'zombie');
            ++$i
        ) {
            usleep(50_000);
        }
    }

    private function bringStorageBack(): void
    {
        $root = dirname(__DIR__, 2);
        $process = new Process(
            [
                'bash',
                '-c',
                'set -euo pipefail; . bin/lib.sh; DB_RUN="$MOLTEN_TEST_DB_RUN"; launch_mariadb "$MOLTEN_TEST_DB_DIR" '
                    .'"$MOLTEN_TEST_DB_PORT"',
            ],
            $root,
            null,
            null,
            60,
        );
        $process->mustRun();
    }
}
