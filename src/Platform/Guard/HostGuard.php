<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Guard;

use Pindle\App\Platform\Http\Refusal;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** Answers only to the names it is known by: a foreign name that leads to this machine is a trick to read the house from another site's page. */
#[AsEventListener(priority: 300)]
final readonly class HostGuard
{
    /** @var list<string> */
    private array $names;

    /** @param string $hosts names and addresses without ports, with commas between */
    public function __construct(string $hosts)
    {
        $this->names = array_values(array_filter(array_map(trim(...), explode(',', strtolower($hosts)))));
    }

    public function __invoke(RequestEvent $event): void
    {
        $host = strtolower((string) $event->getRequest()->headers->get('Host', ''));
        $name = preg_replace('/:\d{1,5}$/', '', $host);
        if (!\in_array($name, $this->names, true)) {
            throw Refusal::of(421, '', 'Pindle does not answer to this name. Use the address that it said when it started.');
        }
    }
}
