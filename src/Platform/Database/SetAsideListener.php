<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Doctrine\DBAL\Exception as DatabaseError;
use Pindle\App\Platform\Http\Refusal;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Where a request fails because something stored cannot be read, that is set aside and the request is sent again. Nothing of it was stored. */
#[AsEventListener(priority: 20)]
final readonly class SetAsideListener
{
    public function __construct(private SetAside $aside, private LoggerInterface $logger)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        if ($error instanceof Refusal || $error instanceof HttpExceptionInterface) {
            return;
        }
        if ($error instanceof DatabaseError\DriverException || null !== CannotWrite::because($error)) {
            return;
        }
        try {
            $found = $this->aside->sweep();
        } catch (\Throwable $e) {
            // What the request failed of is answered; nothing was set aside.
            $this->logger->error('Stored rows could not be looked through: '.$e::class);

            return;
        }
        if ($found > 0) {
            $this->logger->error(\sprintf('%d stored rows could not be read and were set aside.', $found));
            $event->setResponse(new RedirectResponse('/'.ltrim($event->getRequest()->getRequestUri(), '/'), 307));
        }
    }
}
