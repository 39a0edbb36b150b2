<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Content\Words;
use Pindle\App\Household\Children;
use Pindle\App\Household\Things;
use Pindle\App\Plan\PastDays;
use Pindle\App\Platform\Clock;
use Pindle\App\Record\AttemptEntity;
use Pindle\App\Record\Evidence;
use Pindle\App\Record\Noticed;
use Pindle\App\Views\Names;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Journal\Facts;
use Pindle\Core\Journal\FactSquare;
use Pindle\Core\Journal\FactStanding;

/** The rows of the tables that are given to a spreadsheet, one at a time. */
final readonly class Tables
{
    public function __construct(
        private PastDays $past,
        private Children $children,
        private Things $things,
        private Evidence $evidence,
        private Noticed $noticed,
        private Names $names,
        private Words $words,
        private Who $who,
        private Clock $clock,
    ) {
    }

    /** @return \Generator<int, list<int|float|string|bool|null>> */
    public function attempts(): \Generator
    {
        $children = array_column($this->who->all(), 'name', 'id');
        foreach ($this->noticed->all() as $attempt) {
            yield [
                AttemptEntity::instant($attempt->at)->format('Y-m-d H:i:s'),
                $attempt->day,
                $children[$attempt->childId] ?? '',
                $this->names->step($attempt->stepId) ?? $attempt->stepId,
                $attempt->question,
                $attempt->outcome->value,
                $attempt->help->value,
                $attempt->method?->value,
                $attempt->slip?->value,
                $attempt->form?->value,
                $attempt->choices,
                $attempt->guess,
                $attempt->counted,
                $this->names->activity($attempt->activityId) ?? $attempt->activityId,
                null !== $attempt->removedAt,
            ];
        }
    }

    /** @return \Generator<int, list<int|float|string|bool|null>> */
    public function days(): \Generator
    {
        $children = array_column($this->who->all(), 'name', 'id');
        foreach ($this->past->all() as [$date, $setUp, $childId]) {
            yield [
                $date,
                \sprintf('%d:%02d', intdiv($setUp->start, 60), $setUp->start % 60),
                $setUp->minutes,
                $this->names->activity($setUp->activityId) ?? $setUp->activityId,
                $children[$childId] ?? '',
                implode('; ', array_map(fn (string $step): string => $this->names->step($step) ?? $step, $setUp->sat[$childId])),
                $setUp->state->value,
                $setUp->note,
            ];
        }
    }

    /** @return \Generator<int, list<int|float|string|bool|null>> */
    public function record(): \Generator
    {
        $today = $this->clock->today();
        $children = $this->children->present($today);
        $records = $this->evidence->records($children);
        foreach ($children as $child) {
            $record = $records[$child->id];
            foreach ($record->map->steps as $id => $step) {
                $state = $record->state($id);
                if (Mark::NotMet !== $state->mark()) {
                    yield [
                        $child->name,
                        $this->words->say('strands', $step->skill->strand),
                        $this->words->step($step),
                        $this->words->say('marks', $state->mark()),
                        $state->standing->canDoSince?->toString(),
                        $state->timesSeen(),
                        $state->touched?->toString(),
                        $record->isWorthALook($id, $today),
                    ];
                }
            }
        }
    }

    /** @return \Generator<int, list<int|float|string|bool|null>> */
    public function things(): \Generator
    {
        foreach ($this->things->kept() as $thing) {
            yield [
                $thing->name,
                $thing->amount,
                $thing->size[2] ?? null,
                $thing->size[1] ?? null,
                $thing->size[0] ?? null,
                $thing->shape->value,
                $thing->mass,
                $thing->colours,
                implode(', ', $thing->allergens),
                $thing->keptAt,
            ];
        }
    }

    /** @return \Generator<int, list<int|float|string|bool|null>> facts that were met */
    public function facts(): \Generator
    {
        foreach ($this->children->present($this->clock->today()) as $child) {
            $facts = Facts::of($this->noticed->facts($child->id));
            foreach ([FactSquare::SumsToTwenty, FactSquare::Differences] as $square) {
                foreach ($square->facts() as $fact) {
                    if (FactStanding::NotMet !== $facts->standing($fact)) {
                        yield [
                            $child->name,
                            $fact->written(),
                            $fact->answer(),
                            $facts->standing($fact)->value,
                        ];
                    }
                }
            }
        }
    }
}
