<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Content\SkillFile;
use Pindle\App\Content\Words;
use Pindle\App\Household\Things;
use Pindle\App\Platform\Clock;
use Pindle\App\Record\Evidence;
use Pindle\App\Record\Noticed;
use Pindle\App\Record\Then;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Journal\Guess;
use Pindle\Core\Journal\Guesses;
use Pindle\Core\Journal\Misled;
use Pindle\Core\Journal\ThenAndNow;
use Pindle\Core\Journal\Way;
use Pindle\Core\Journal\WaysOfWorking;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Pindle\Core\Thing\Thing;

/** Writes out how one child has come along. */
final readonly class ChildPages
{
    /** What is looked back to where nobody said: so many days. */
    private const BACK_DAYS = 56;

    /** Ways of working are shown so many weeks back, or since then where that is longer ago. */
    private const WEEKS = 26;

    public function __construct(
        private Evidence $evidence,
        private Noticed $noticed,
        private Then $then,
        private FactPages $facts,
        private Things $things,
        private SkillMap $map,
        private SkillFile $skills,
        private Words $words,
        private Who $who,
        private Clock $clock,
    ) {
    }

    public function of(Child $child, ?LocalDate $then): AlongView
    {
        $today = $this->clock->today();
        $first = $this->noticed->first($child->id) ?? $today;
        $then ??= $today->plusDays(-self::BACK_DAYS);
        $then = $then->isAfter($today) ? $today : ($first->isAfter($then) ? $first : $then);
        $weeks = $today->plusDays(-7 * self::WEEKS);
        $ways = $this->ways($child->id, $then->isAfter($weeks) ? $weeks : $then);

        return new AlongView(
            $this->who->one($child->id),
            $today->toString(),
            $then->toString(),
            $first->toString(),
            array_map($this->strand(...), ThenAndNow::of($this->then->marks($child, $then), $this->evidence->record($child))),
            $this->facts->squares($child->id),
            $this->guesses($child),
            array_map(static fn (string $monday): WeekOfWaysView => new WeekOfWaysView($monday, $ways->weeks[$monday]), array_keys($ways->weeks)),
            $this->wayWords(),
            $this->waysSay($ways, $child, $then, $today),
        );
    }

    public function ways(string $childId, LocalDate $from): WaysOfWorking
    {
        $steps = array_filter($this->map->steps, static fn (Step $step): bool => \in_array($step->skill->strand, WaysOfWorking::STRANDS, true));

        return WaysOfWorking::of($this->noticed->ways($childId, array_keys($steps), $from));
    }

    private function strand(ThenAndNow $strand): StrandThenView
    {
        return new StrandThenView(
            $this->words->say('strands', $strand->strand),
            array_map(fn (array $one): StepThenView => new StepThenView(
                $one['step']->id,
                $this->words->step($one['step']),
                $one['then'],
                $one['now'],
            ), $strand->steps),
            array_map($this->done(...), $strand->since),
        );
    }

    private function done(Step $step): string
    {
        return $this->words->say('glances', 'can', ['done' => $this->skills->words($step->skill->id)->done, 'reach' => $this->words->reach($step)]);
    }

    private function guesses(Child $child): GuessesView
    {
        $sides = array_map(static fn (Thing $thing): ?float => $thing->size?->long, array_column($this->things->ever(), null, 'id'));
        $list = [];
        foreach ($this->noticed->guesses($child->id) as $attempt) {
            $list[] = self::guess($attempt, $sides);
        }
        $guesses = new Guesses($list);

        return new GuessesView(
            array_map(static fn (Guess $guess): GuessView => new GuessView(
                $guess->day->toString(),
                $guess->guess,
                $guess->counted,
                $guess->ofOthers,
                $guess->off(),
            ), $list),
            $guesses->trend(),
            trim(implode(' ', [
                null === $guesses->off() ? '' : $this->words->say('guess_offs', 'off', [
                    'share' => (int) round(100 * $guesses->off()),
                    'child' => $child->name,
                ]),
                [] === $list ? '' : $this->words->say('guess_trends', $guesses->trend(), ['enough' => Guesses::ENOUGH]),
                Misled::Nothing === $guesses->misled() ? '' : $this->words->say('misled', $guesses->misled()),
            ])),
        );
    }

    /** @param array<string, float|null> $sides thing id => longest side in millimetres */
    private static function guess(Attempt $attempt, array $sides): Guess
    {
        $ofOthers = str_starts_with($attempt->question, 'guess-others:');
        // The other things lie out last.
        $things = $attempt->thingIds;
        $thing = $things[$ofOthers ? \count($things) - 1 : 0] ?? '';

        return new Guess($attempt->day, $attempt->guess ?? 0, $attempt->counted ?? 1, $ofOthers, $sides[$thing] ?? null);
    }

    /** @return array<string, string> */
    private function wayWords(): array
    {
        $words = [];
        foreach (Way::cases() as $way) {
            $words[$way->value] = $this->words->say('working_ways', $way);
        }

        return $words;
    }

    private function waysSay(WaysOfWorking $ways, Child $child, LocalDate $then, LocalDate $today): string
    {
        $usual = $ways->thenAndNow($then, $today);
        if (null === $usual) {
            return $this->words->say('journal', 'ways-few', ['enough' => WaysOfWorking::ENOUGH]);
        }
        [$was, $is] = $usual;

        return $was === $is
            ? $this->words->say('journal', 'ways-same', ['child' => $child->name, 'way' => $this->words->say('working_ways_said', $is)])
            : $this->words->say('journal', 'ways-on', [
                'child' => $child->name,
                'then' => $this->words->say('working_ways_said', $was),
                'now' => $this->words->say('working_ways_said', $is),
            ]);
    }
}
