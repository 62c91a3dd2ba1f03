<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as StorageError;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Whether storage can be read and written, how much room is left, and what runs: the start command and the browser ask before they say
 * that all is well.
 */
final readonly class HealthController
{
    public function __construct(private Connection $connection, private DiskSpace $disk)
    {
    }

    #[Route('/api/health', methods: ['GET'])]
    public function __invoke(): AnswerResponse
    {
        $read = $this->works(fn (): mixed => $this->connection->fetchOne('SELECT written_at FROM write_probe WHERE id = 1'));
        $write =
            $read
            && $this->works(
                fn (): mixed => $this->connection->executeStatement('REPLACE INTO write_probe (id, written_at) VALUES (1, NOW(6))'),
            );
        $free = $this->disk->free();
        $enough = $this->disk->isEnough();
        $healthy = $read && $write && $enough;

        return new AnswerResponse(
            new HealthAnswer(
                $healthy ? 'ok' : 'failing',
                ['reading' => $read, 'writing' => $write && $enough],
                is_finite($free) ? $free : null,
                Version::CURRENT,
            ),
            $healthy ? 200 : 503,
        );
    }

    /** @param callable(): mixed $question */
    private function works(callable $question): bool
    {
        try {
            $question();

            return true;
        } catch (StorageError) {
            // That it failed is the answer; the log has the rest from the requests that needed it.
            return false;
        }
    }
}
