<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use Doctrine\DBAL\Connection;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

/**
 * A write is stored whole or not at all: all of a request is one transaction, kept only when its answer is a good one. Whatever fails
 * after the
 * save, be it the picture drawn for the answer, has stored nothing, so that sending it again is always right.
 */
final class AllOrNothing
{
    private bool $open = false;

    public function __construct(private readonly Connection $storage)
    {
    }

    #[AsEventListener]
    public function begin(ControllerEvent $event): void
    {
        if ($event->isMainRequest() && !$event->getRequest()->isMethodSafe()) {
            $this->storage->beginTransaction();
            $this->open = true;
        }
    }

    /** Before the session is written, which is no part of the request. A commit that fails becomes the answer. */
    #[AsEventListener(priority: -900)]
    public function end(ResponseEvent $event): void
    {
        if (!$this->open || !$event->isMainRequest()) {
            return;
        }
        $this->open = false;
        if ($event->getResponse()->getStatusCode() < 400) {
            $this->storage->commit();

            return;
        }
        $this->undo();
    }

    /** An answer that never came about. */
    #[AsEventListener]
    public function forget(TerminateEvent $event): void
    {
        if ($this->open) {
            $this->open = false;
            $this->undo();
        }
    }

    private function undo(): void
    {
        while ($this->storage->isTransactionActive()) {
            try {
                $this->storage->rollBack();
            } catch (\Doctrine\DBAL\Exception) {
                // Storage is away: with the connection gone it has rolled back by itself.
                $this->storage->close();

                return;
            }
        }
    }
}
