<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Query;
use Pindle\App\Household\Weeks;
use Pindle\App\Platform\Clock;
use Pindle\Core\Calendar\DayUse;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Week;

/** What days allow: as the week has it, unless something was said of one by itself. */
final readonly class Days
{
    public function __construct(private EntityManagerInterface $entities, private Weeks $weeks, private Clock $clock)
    {
    }

    /** The day as stored, or a new one, with the hours the week has for it; those of the last one where nobody said anything of the week. */
    public function day(LocalDate $date): DayEntity
    {
        return $this->following($this->stored($date));
    }

    /** When the house does maths: as its parent said, or every day like the last one. */
    public function week(): Week
    {
        return $this->weeks->said() ?? Week::everyDay(new DayUse($this->stored($this->clock->today())->spans()));
    }

    /** A day that is not over, as the week has it. */
    public function following(DayEntity $day): DayEntity
    {
        $week = $this->weeks->said();
        if (null !== $week && $this->clock->today()->toString() <= $day->date) {
            // What follows from the week is not to be written by whoever writes next.
            $this->entities->detach($day);
            $day->follow($week);
        }

        return $day;
    }

    private function stored(LocalDate $date): DayEntity
    {
        $days = $this->entities->createQuery('SELECT d FROM '.DayEntity::class.' d WHERE d.date <= :date ORDER BY d.date DESC')
            ->setHint(Query::HINT_REFRESH, true)
            ->setParameter('date', $date->toString())->setMaxResults(1)->getResult();
        $last = $days[0] ?? null;

        return $last instanceof DayEntity && $last->date === $date->toString() ? $last : new DayEntity($date, $last instanceof DayEntity ? $last : null);
    }
}
