<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Content\Words;
use Pindle\App\Household\Children;
use Pindle\App\Plan\DayEntity;
use Pindle\App\Plan\Days;
use Pindle\App\Plan\ManyDays;
use Pindle\App\Plan\SetUpInShort;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Views\Names;
use Pindle\Core\Calendar\Appointment;
use Pindle\Core\Calendar\Filed;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Calendar\Week;
use Pindle\Core\Child\Child;
use Symfony\Component\Uid\Uuid;

/** The times of the days ahead as a calendar outside is told of them: the hours, or each activity that is planned in full. */
final readonly class Appointments
{
    public function __construct(
        private Days $said,
        private ManyDays $days,
        private Children $children,
        private Names $names,
        private Words $words,
        private EntityManagerInterface $entities,
        private Transactions $transactions,
        private Clock $clock,
    ) {
    }

    /** @return list<Filed> what a calendar is to be told now; it is remembered */
    public function file(CalendarInput $input): array
    {
        $today = $this->clock->today();

        return $this->transactions->run(function () use ($input, $today): array {
            $kept = [];
            foreach ($this->entities->getRepository(FiledEntity::class)->findAll() as $entity) {
                $kept[$entity->name] = $entity;
            }
            $before = array_map(static fn (FiledEntity $entity): Filed => $entity->toCore(), array_values($kept));
            // What was given once for a day further off is kept true as well.
            $last = $today->plusDays(7 * $input->weeks - 1);
            foreach ($before as $one) {
                $last = null === $one->cancelled && $one->appointment->date->isAfter($last) ? $one->appointment->date : $last;
            }
            $after = Filed::after($before, $this->until($last, $input->setUps), $today, static fn (): string => Uuid::v4()->toRfc4122());
            foreach ($after as $one) {
                $entity = $kept[$one->appointment->key] ?? new FiledEntity($one);
                $entity->take($one);
                $this->entities->persist($entity);
                unset($kept[$one->appointment->key]);
            }
            array_map($this->entities->remove(...), $kept);
            $this->entities->flush();

            return array_values(array_filter($after, static fn (Filed $one): bool => $one->isTold($today)));
        });
    }

    /** @return list<Appointment> from today on */
    private function until(LocalDate $last, bool $asSetUps): array
    {
        $today = $this->clock->today();
        $week = $this->said->week();
        $stored = $this->days->days($today, $last);
        $setUps = $asSetUps ? $this->days->inShort($today, $last) : [];
        $children = $this->children->present($today);
        $appointments = [];
        for ($date = $today; !$date->isAfter($last); $date = $date->plusDays(1)) {
            $day = $stored[$date->toString()] ?? null;
            $own = $setUps[$date->toString()] ?? [];
            array_push($appointments, ...[] === $own
                ? $this->hours($date, $week, $day, $children)
                : array_map(fn (SetUpInShort $setUp): Appointment => $this->setUp($setUp, $children), $own));
        }

        return $appointments;
    }

    /**
     * @param list<Child> $children
     *
     * @return list<Appointment>
     */
    private function hours(LocalDate $date, Week $week, ?DayEntity $day, array $children): array
    {
        $there = array_filter(
            $children,
            static fn (Child $child): bool => null === $day ? !$week->isAway($child->id, $date) : null === $day->absence($child->id),
        );
        $names = array_map(static fn (Child $child): string => $child->name, array_values($there));
        $title = [] === $names ? $this->words->say('week', 'hours') : $this->words->say('week', 'hours-with', ['children' => $this->words->list($names)]);

        return array_map(
            static fn (Span $window, int $nth): Appointment => new Appointment($date->toString().' '.$nth, $date, $window, $title),
            $day?->spans() ?? $week->on($date)->windows,
            array_keys($day?->spans() ?? $week->on($date)->windows),
        );
    }

    /** @param list<Child> $children */
    private function setUp(SetUpInShort $setUp, array $children): Appointment
    {
        $name = $this->names->activity($setUp->activityId) ?? $this->words->say('week', 'hours');
        $lines = [];
        foreach ($children as $child) {
            $said = array_filter(array_map($this->names->step(...), $setUp->steps[$child->id] ?? []));
            if ([] !== $said) {
                $lines[$child->name] = $child->name.': '.implode('; ', $said);
            }
        }

        return new Appointment(
            'set-up '.$setUp->id,
            $setUp->date,
            $setUp->span,
            $name.([] === $lines ? '' : ' ('.$this->words->list(array_keys($lines)).')'),
            implode("\n", $lines),
        );
    }
}
