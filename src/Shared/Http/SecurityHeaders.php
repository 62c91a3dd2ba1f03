<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Headers for everything PHP answers; the web server adds its own to the files it serves. */
#[AsEventListener]
final class SecurityHeaders
{
    public function __invoke(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        $headers->set('Content-Security-Policy', "default-src 'none'; frame-ancestors 'none'");
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('X-Frame-Options', 'DENY');
        $headers->set('Referrer-Policy', 'no-referrer');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $headers->set('Cross-Origin-Resource-Policy', 'same-origin');
        // A photo never changes and is its owner's alone; everything else is asked for anew.
        if (!$event->getResponse() instanceof BinaryFileResponse) {
            $headers->set('Cache-Control', 'no-store, private');
        }
    }
}
