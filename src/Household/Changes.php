<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Database\Transactions;
use Psr\EventDispatcher\EventDispatcherInterface;

/** Writes a change of the household and says that it happened, both or neither. */
final readonly class Changes
{
    public function __construct(private Transactions $transactions, private EntityManagerInterface $entities, private EventDispatcherInterface $events)
    {
    }

    /** @param callable(): void $change */
    public function make(callable $change): void
    {
        $this->transactions->run(function () use ($change): void {
            $change();
            $this->entities->flush();
            $this->events->dispatch(new HouseholdChanged());
        });
    }
}
