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

    private function translate(\Throwable $error): AnswerResponse
    {
        return match (true) {
            $error instanceof RejectedRecord => Problem::response(
                422,
                $error->errorCode(),
                self::count($error->problems),
                $error->problems,
            ),
            $error instanceof RecordNotFound => Problem::response(404, 'record.not_found', $error->getMessage()),
            $error instanceof Clashing => Problem::response(409, 'record.clash', $error->getMessage(), [], $error->fields()),
            $error instanceof OptimisticLockException => Problem::response(409, 'record.busy', 'Two saves met. Please save again.'),
            $error instanceof UniqueConstraintViolationException => Problem::response(
                409,
                'record.busy',
                'The same thing was saved twice at once. Please try again.',
            ),
            $error instanceof CoreError => Problem::response(422, $error->errorCode(), $error->getMessage(), [
                new FieldProblem('', $error->errorCode(), $error->getMessage()),
            ]),
            self::isDiskFull($error) => Problem::diskFull(),
            self::isBusy($error) => Problem::response(409, 'record.busy', 'Two saves met. Please save again.'),
            self::isStorageAway($error) => Problem::response(
                503,
                'storage.away',
                'The notebook’s storage cannot be reached. What you wrote is still on this screen; please save again in a moment.',
                [],
                [],
                ['Retry-After' => '5'],
            ),
            $error instanceof HttpExceptionInterface => Problem::response(
                $error->getStatusCode(),
                'http.'.$error->getStatusCode(),
                self::httpWords($error->getStatusCode()),
                [],
                [],
                self::headers($error),
            ),
            default => Problem::response(500, 'server.fault', 'Something broke on our side. What you wrote is still on this screen.'),
        };
    }

    /**
     * MariaDB gone: refused, lost in the middle, or shutting down. Codes: MariaDB error reference, 1040 too many connections, 1053, 1927,
     * 2002, 2006, 2013.
     */
    private static function isStorageAway(\Throwable $error): bool
    {
        return self::says(
            $error,
            '/\b(1040|1053|1927|2002|2006|2013)\b|gone away|Connection refused|Lost connection|reading (initial '
                .'communication|authorization) packet/',
            ConnectionException::class,
        );
    }

    /** No room: 1021 disk full, 1026 error writing, 1114 table full, 1030 with the system's own 28, read-only by itself 1290 and 1836. */
    private static function isDiskFull(\Throwable $error): bool
    {
        return self::says($error, '/\b(1021|1026|1114|1290|1836)\b|\b1030\b.*\b28\b|No space left on device/');
    }

    /** Two writers in each other's way: 1205 waited too long, 1213 deadlock, 1020 changed since it was read. */
    private static function isBusy(\Throwable $error): bool
    {
        return self::says($error, '/\b(1205|1213|1020)\b/');
    }

    /** @param class-string|null $kind */
    private static function says(\Throwable $error, string $pattern, ?string $kind = null): bool
    {
        for ($cause = $error; null !== $cause; $cause = $cause->getPrevious()) {
            if (
                (null !== $kind && $cause instanceof $kind)
                || ($cause instanceof \PDOException && 1 === preg_match($pattern, $cause->getMessage()))
            ) {
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
            429 => 'Too much at once. Wait a moment, then try again.',
            default => 'The request was refused.',
        };
    }

    /** @return array<string, string> */
    private static function headers(HttpExceptionInterface $error): array
    {
        $headers = [];
        foreach ($error->getHeaders() as $name => $value) {
            if (is_string($value)) {
                $headers[(string) $name] = $value;
            }
        }

        return $headers;
    }
}
