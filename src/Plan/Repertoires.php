<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\App\Household\House;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Planning\Repertoire;
use Symfony\Contracts\Service\ResetInterface;

/** The games the house knows on a day: what came about before it, and what its parent says. Read once a request and day. */
final class Repertoires implements ResetInterface
{
    /** @var array<string, Repertoire> by day and version of the house */
    private array $read = [];

    public function __construct(private readonly Plans $plans, private readonly House $house)
    {
    }

    public function reset(): void
    {
        $this->read = [];
    }

    public function on(LocalDate $date): Repertoire
    {
        return $this->read[$date->toString().' '.$this->house->version()] ??= Repertoire::on(
            $date,
            $this->plans->used($date),
            $this->house->knownGames(),
            $this->house->newWeekly(),
        );
    }
}
