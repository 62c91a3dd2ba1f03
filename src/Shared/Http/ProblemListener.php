<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\OptimisticLockException;
use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;

/** Turns every failure under /api into a problem document. The only place that knows which error gets which status. */
#[AsEventListener(priority: 0)]
final readonly class ProblemListener
{
    public function __construct(private LoggerInterface $logger)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api') || $error instanceof AccessDeniedException) {
            return;
        }
        $response = $this->translate($error);
        if ($response->getStatusCode() >= 500) {
            $this->logger->error($error->getMessage(), ['exception' => $error]);
        }
        $event->setResponse($response);
    }

    private function translate(\Throwable $error): JsonResponse
    {
        return match (true) {
            $error instanceof RejectedRecord => Problem::response(422, $error->errorCode(), self::count($error->problems), $error->problems),
            $error instanceof RecordNotFound => Problem::response(404, 'record.not_found', $error->getMessage()),
            $error instanceof StaleSave => Problem::response(409, 'record.stale', $error->getMessage(), [], ['current' => $error->current]),
            $error instanceof OptimisticLockException => Problem::response(409, 'record.busy', 'Two saves met. Please save again.'),
            $error instanceof UniqueConstraintViolationException => Problem::response(409, 'record.busy', 'The same thing was saved twice at once. Please try again.'),
            $error instanceof CoreError => Problem::response(422, $error->errorCode(), $error->getMessage(), [new FieldProblem('', $error->errorCode(), $error->getMessage())]),
            self::isStorageAway($error) => Problem::response(503, 'storage.away', 'The notebook’s storage cannot be reached. What you wrote is still on this screen; it is saved as soon as storage is back.', [], [], ['Retry-After' => '5']),
            $error instanceof HttpExceptionInterface => Problem::response($error->getStatusCode(), 'http.'.$error->getStatusCode(), self::httpWords($error->getStatusCode()), [], [], self::headers($error)),
            default => Problem::response(500, 'server.fault', 'Something broke on our side. What you wrote is still on this screen.'),
        };
    }

    /** MariaDB gone: refused, lost in the middle, or shutting down. Codes: MariaDB error reference, 1053, 2002, 2006, 2013. */
    private static function isStorageAway(\Throwable $error): bool
    {
        for ($cause = $error; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof ConnectionException) {
                return true;
            }
            if ($cause instanceof \PDOException && 1 === preg_match('/\b(1053|2002|2006|2013)\b|gone away|Connection refused/', $cause->getMessage())) {
                return true;
            }
        }

        return false;
    }

    /** @param non-empty-list<FieldProblem> $problems */
    private static function count(array $problems): string
    {
        return 1 === count($problems) ? $problems[0]->message : count($problems).' entries need another look.';
    }

    private static function httpWords(int $status): string
    {
        return match ($status) {
            400 => 'This request cannot be read.',
            401 => 'Please sign in.',
            403 => 'This is not allowed.',
            404 => 'There is nothing here.',
            405 => 'This cannot be done here.',
            413 => 'This is too large.',
            429 => 'Too many tries. Wait a minute, then try again.',
            default => 'The request was refused.',
        };
    }

    /** @return array<string, string> */
    private static function headers(HttpExceptionInterface $error): array
    {
        return array_filter($error->getHeaders(), is_string(...));
    }
}
