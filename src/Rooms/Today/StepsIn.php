<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Plan\Plans;
use Pindle\App\Plan\Repertoires;
use Pindle\App\Plan\StoredSetUp;
use Pindle\App\Views\LaidView;
use Pindle\App\Views\Views;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Question\Question;

/** What somebody needs who steps in for an hour: two games the house knows, and what to take care of. */
final readonly class StepsIn
{
    private const GAMES = 2;
    /** Sentences to say of one game. */
    private const SENTENCES = 5;

    public function __construct(
        private Plans $plans,
        private Repertoires $repertoires,
        private Activities $activities,
        private Children $children,
        private Words $words,
        private Views $views,
    ) {
    }

    /** @return list<string> who is under three, and who must not have what */
    public function care(LocalDate $on): array
    {
        $care = [];
        foreach ($this->children->present($on) as $child) {
            if ($child->isUnderThree($on)) {
                $care[] = $this->words->say('steps_in', 'little', ['child' => $child->name]);
            }
            if ([] !== $child->allergies) {
                $care[] = $this->words->say('steps_in', 'allergies', ['child' => $child->name, 'what' => $this->words->list(array_values($child->allergies))]);
            }
        }

        return $care;
    }

    /** @return list<array<string, mixed>> of the day's plan first, those that are new left out; then known ones that take nothing */
    public function games(LocalDate $on): array
    {
        $repertoire = $this->repertoires->on($on);
        $children = [];
        foreach ($this->children->present($on) as $child) {
            $children[$child->id] = $child;
        }
        $games = [];
        foreach ($this->plans->setUps($on) as $stored) {
            if (!$stored->isDone() && !$repertoire->isNew($stored->setUp->activity) && \count($games) < self::GAMES) {
                $games[$stored->setUp->activity->id] ??= $this->planned($stored, $children);
            }
        }
        foreach ($this->activities->catalogue()->activities as $activity) {
            if (\count($games) < self::GAMES && $activity->needsNothing() && !$activity->isMoment() && $repertoire->isKnown($activity)) {
                $games[$activity->id] ??= $this->game($activity, '', $this->words->say('steps_in', 'nothing'), [], []);
            }
        }

        return array_values($games);
    }

    /**
     * @param array<string, Child> $children
     *
     * @return array<string, mixed>
     */
    private function planned(StoredSetUp $stored, array $children): array
    {
        $setUp = $stored->setUp;
        $sitting = $setUp->sittings[0];
        $put = [
            ...array_map(static fn (LaidView $laid): string => $laid->inWords(), $this->views->laid($setUp)),
            ...array_map(static fn (Prop $prop): string => $prop->thing->name, $setUp->props),
        ];
        $names = array_values(array_filter(array_map(static fn (string $id): ?string => ($children[$id] ?? null)?->name, $setUp->childIds())));
        $asks = $this->words->asks(
            array_map(static fn (Question $question) => $question->prompt, $sitting->questions),
            $this->activities->words($setUp->activity->id)->say,
            $setUp->laid[0]->thing->name ?? $this->words->say('stand_ins', 'things'),
            ($children[$sitting->childId] ?? null)->settings ?? new Settings(),
            null,
        );

        return $this->game(
            $setUp->activity,
            [] === $names ? '' : $this->words->list($names),
            [] === $put ? $this->words->say('steps_in', 'nothing') : implode(', ', $put).'.',
            \array_slice(array_values(array_unique($asks)), 0, self::SENTENCES),
            array_column($this->views->cautions($setUp->warnings), 'say'),
        );
    }

    /**
     * @param list<string> $say
     * @param list<string> $cautions
     *
     * @return array<string, mixed>
     */
    private function game(Activity $activity, string $who, string $putOut, array $say, array $cautions): array
    {
        $words = $this->activities->words($activity->id);

        return [
            'name' => $words->name,
            'inShort' => $words->inShort,
            'show' => $words->show,
            'easier' => $words->easier,
            'further' => $words->further,
            'check' => $words->check,
            'tidy' => $words->tidy,
        ] + compact('who', 'putOut', 'say', 'cautions');
    }
}
