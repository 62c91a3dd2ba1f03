<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Refuses writes while the disk is nearly full, before storage is hurt by it: a database that cannot write its own log is worse than a
 * clear no.
 */
final readonly class DiskSpace
{
    private const LEAST_BYTES = 64 * 1024 * 1024;

    public function __construct(
        #[Autowire('%env(resolve:MOLTEN_VAR_DIR)%')]
        private string $var,
        #[Autowire('%env(default::MOLTEN_DATABASE_DIR)%')]
        private ?string $database,
    ) {
    }

    /** Bytes free where the least is left: of the application's own files and of the database. */
    public function free(): float
    {
        $free = [];
        foreach ([$this->var, $this->database ?? ''] as $dir) {
            $bytes = '' !== $dir && is_dir($dir) ? disk_free_space($dir) : false;
            if (false !== $bytes) {
                $free[] = $bytes;
            }
        }

        return [] === $free ? \INF : min($free);
    }

    public function isEnough(): bool
    {
        return $this->free() >= self::LEAST_BYTES;
    }

    /** Signing in and out still works: it hardly writes. */
    #[AsEventListener(priority: 10)]
    public function refuse(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || $request->isMethodSafe() || '/api/session' === $request->getPathInfo() || $this->isEnough()) {
            return;
        }
        $event->setResponse(Problem::diskFull());
    }
}
