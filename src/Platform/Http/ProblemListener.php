<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\ORM\OptimisticLockException;
use Pindle\App\Platform\Database\CannotWrite;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Serializer\Exception\NotNormalizableValueException;
use Symfony\Component\Serializer\Exception\PartialDenormalizationException;
use Symfony\Component\Validator\ConstraintViolationInterface;
use Symfony\Component\Validator\Exception\ValidationFailedException;

/** Every failed request answers with problem details (RFC 9457): a status, a title, and for each wrong field a sentence. */
#[AsEventListener(priority: 10)]
final readonly class ProblemListener
{
    public function __construct(private LoggerInterface $logger)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        [$status, $title, $fields] = $this->read($error);
        if ($status >= 500) {
            $this->logger->error('A request failed: '.self::trace($error));
        }
        $problem = ['type' => 'about:blank', 'title' => $title, 'status' => $status];
        if ([] !== $fields) {
            $problem += ['detail' => $fields[0]['message'], 'errors' => $fields];
        }
        $event->setResponse(new JsonResponse($problem, $status, ['Content-Type' => 'application/problem+json']));
    }

    /** Where it happened. What the error says may hold a name, and a log is no place for names. */
    private static function trace(\Throwable $error): string
    {
        $said = '';
        for ($each = $error; null !== $each; $each = $each->getPrevious()) {
            $said .= \sprintf("%s (%s) at %s:%d\n", $each::class, $each->getCode(), $each->getFile(), $each->getLine());
        }

        return $said.$error->getTraceAsString();
    }

    /** @return array{int, string, list<array{field: string, message: string}>} */
    private function read(\Throwable $error): array
    {
        if ($error instanceof Refusal) {
            return [$error->status, self::title($error->status), [['field' => $error->field ?? '', 'message' => $error->getMessage()]]];
        }
        if ($error instanceof OptimisticLockException) {
            return $this->read(Refusal::changedMeanwhile());
        }
        $cannotWrite = CannotWrite::because($error);
        if (null !== $cannotWrite) {
            return [507, self::title(507), [['field' => '', 'message' => $cannotWrite->value]]];
        }
        if ($error instanceof RetryableException) {
            return [503, self::title(503), [['field' => '', 'message' => 'Others write all the time. Nothing was lost; it is tried again.']]];
        }
        $previous = $error->getPrevious();
        if ($previous instanceof ValidationFailedException) {
            $fields = [];
            foreach ($previous->getViolations() as $violation) {
                $fields[] = ['field' => self::field($violation->getPropertyPath()), 'message' => self::message($violation)];
            }

            return [422, self::title(422), $fields];
        }
        if ($previous instanceof PartialDenormalizationException || $previous instanceof NotNormalizableValueException) {
            $errors = $previous instanceof PartialDenormalizationException ? $previous->getErrors() : [$previous];

            return [
                422,
                self::title(422),
                array_values(array_map(
                    static fn (NotNormalizableValueException $one): array => [
                        'field' => (string) $one->getPath(),
                        'message' => 'This is not of the right kind.',
                    ],
                    $errors,
                )),
            ];
        }
        if ($error instanceof HttpExceptionInterface) {
            $status = $error->getStatusCode();

            return [
                $status,
                self::title($status),
                400 === $status ? [['field' => '', 'message' => 'The request is not JSON that can be read. Nothing was stored.']] : [],
            ];
        }

        return [500, self::title(500), []];
    }

    private static function message(ConstraintViolationInterface $violation): string
    {
        // The framework says of what class it should be.
        return str_starts_with($violation->getMessageTemplate(), 'This value should be of type')
            ? 'This is missing, or not of the right kind.'
            : (string) $violation->getMessage();
    }

    /** "size[0]" for the framework is "size.0" for those who read JSON. */
    private static function field(string $path): string
    {
        return trim(str_replace(['[', ']'], ['.', ''], $path), '.');
    }

    private static function title(int $status): string
    {
        return match ($status) {
            400 => 'That could not be read',
            401 => 'This device is not signed in',
            403 => 'That is not for this device',
            404 => 'There is no such thing here',
            405 => 'That can not be done here',
            409 => 'It changed meanwhile',
            413 => 'That is too large',
            415 => 'Send JSON, please',
            421 => 'That is not the name of this house',
            422 => 'Something needs another look',
            429 => 'That was tried too often',
            507 => 'It could not be written down',
            default => $status >= 500 ? 'Something went wrong on our side; nothing of yours was lost' : 'That did not work',
        };
    }
}
