<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Doctrine\DBAL\Connection;
use Pindle\App\Content\Words;
use Pindle\App\Household\Children;
use Pindle\App\Household\Things;
use Pindle\App\Platform\Clock;
use Pindle\App\Record\AttemptEntity;
use Pindle\App\Record\Evidence;
use Pindle\App\Record\Noticed;
use Pindle\App\Views\Names;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Journal\Facts;
use Pindle\Core\Journal\FactSquare;
use Pindle\Core\Journal\FactStanding;
use Pindle\Core\Journal\Operation;

/** The rows of the tables that are given to a spreadsheet, one at a time. */
final readonly class Tables
{
    public function __construct(
        private Connection $connection,
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
        foreach ($this->connection->iterateAssociative('SELECT * FROM attempt ORDER BY at, device_id, id') as $row) {
            $attempt = AttemptEntity::ofRow($row);
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
        /** @var array{date: string, start: int, minutes: int, activity: string, child: string, steps: string, state: string, note: string|null} $row */
        foreach ($this->connection->iterateAssociative(
            'SELECT u.date AS date, u.start AS start, u.minutes AS minutes, u.activity_id AS activity, s.child_id AS child, u.state AS state, u.note AS note,'
            ." (SELECT json_group_array(json_extract(c.value, '$.step')) FROM json_each(s.courses) c) AS steps"
            ." FROM set_up u JOIN sitting s ON s.set_up_id = u.id WHERE u.state <> 'dropped' ORDER BY u.date, u.start, u.id, s.turn",
        ) as $row) {
            $steps = array_map(strval(...), (array) json_decode($row['steps'], true, 4, \JSON_THROW_ON_ERROR));
            yield [
                $row['date'],
                \sprintf('%d:%02d', intdiv($row['start'], 60), $row['start'] % 60),
                $row['minutes'],
                $this->names->activity($row['activity']) ?? $row['activity'],
                $children[$row['child']] ?? '',
                implode('; ', array_map(fn (string $step): string => $this->names->step($step) ?? $step, $steps)),
                $row['state'],
                $row['note'],
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
                            \sprintf('%d %s %d', $fact->first, Operation::Sum === $fact->operation ? '+' : '−', $fact->second),
                            $fact->answer(),
                            $facts->standing($fact)->value,
                        ];
                    }
                }
            }
        }
    }
}
