<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use MoltenNotes\App\Shared\Storage\Folder;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Event\TerminateEvent;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;

/**
 * A caster computes two things at a time; two more wait for a moment; what comes beyond is asked to come again.
 *
 * A place is a locked file: it is free again by itself when the worker that held it dies. The waiting is bounded, for it holds a worker
 * too.
 */
final class CostlyCalls
{
    private const AT_ONCE = 2;
    private const WAITING = 2;
    private const LONGEST_WAIT_S = 2.0;

    /** @var list<resource> locks of this request */
    private array $held = [];

    public function __construct(
        #[Autowire('%env(resolve:MOLTEN_VAR_DIR)%/slots')]
        private readonly string $dir,
        private readonly TokenStorageInterface $tokens,
    ) {
    }

    #[AsEventListener(priority: -10)]
    public function begin(ControllerEvent $event): void
    {
        if (!$event->isMainRequest() || [] === $event->getAttributes(Costly::class)) {
            return;
        }
        $who = hash('xxh64', $this->tokens->getToken()?->getUserIdentifier() ?? '');
        if ($this->take("{$who}-run", self::AT_ONCE)) {
            return;
        }
        if ($this->take("{$who}-wait", self::WAITING)) {
            $waiting = array_pop($this->held);
            $until = microtime(true) + self::LONGEST_WAIT_S;
            while (microtime(true) < $until) {
                usleep(15_000);
                if ($this->take("{$who}-run", self::AT_ONCE)) {
                    self::free($waiting);

                    return;
                }
            }
            self::free($waiting);
        }
        throw new TooManyRequestsHttpException(1, 'Too much at once.');
    }

    #[AsEventListener]
    public function end(TerminateEvent $event): void
    {
        foreach ($this->held as $lock) {
            self::free($lock);
        }
        $this->held = [];
    }

    private function take(string $name, int $places): bool
    {
        Folder::insist($this->dir);
        for ($place = 0; $place < $places; ++$place) {
            $file = fopen("{$this->dir}/{$name}-{$place}", 'c');
            if (false === $file) {
                throw new \RuntimeException("{$this->dir} cannot be written to.");
            }
            if (flock($file, \LOCK_EX | \LOCK_NB)) {
                $this->held[] = $file;

                return true;
            }
            fclose($file);
        }

        return false;
    }

    /** @param resource|null $lock */
    private static function free(mixed $lock): void
    {
        if (is_resource($lock)) {
            flock($lock, \LOCK_UN);
            fclose($lock);
        }
    }
}
