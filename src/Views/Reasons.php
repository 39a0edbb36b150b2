<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Content\SkillFile;
use Pindle\App\Content\Words;
use Pindle\Core\Advice\DecisionReason;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\LastTime;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Window;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Kind;
use Pindle\Core\Skill\SkillMap;

/** Says why: what was seen of a step, why it was chosen and what to look for; and what follows from a sitting. */
final readonly class Reasons
{
    /** A day is called by its name for so long. */
    private const WEEK = 7;

    public function __construct(private Words $words, private SkillMap $map, private SkillFile $skills, private Views $views)
    {
    }

    /** Why a course is in the plan of a day, in a sentence or three. */
    public function ofCourse(Course $course, SetUp $setUp, Sitting $sitting, string $child, LocalDate $on): string
    {
        $said = [];
        if (null !== $course->last) {
            $said[] = $this->seen($course->last, $on);
            $said[] = $this->today($course, $setUp, $sitting, $child);
        }
        $said[] = match (true) {
            null === $course->last => $this->words->say('reasons', $course->reason, $this->values($course)),
            // What was seen, and when, has just been said.
            Reason::KeepGoing === $course->reason => null,
            Reason::Due === $course->reason => $this->words->say('grounds', 'kept'),
            default => $this->words->say('reasons', $course->reason, $this->values($course)),
        };
        if (Reason::Doubted === $course->reason) {
            $said[] = $this->lookWhether($course->stepId, $child);
        }

        return implode(' ', array_filter($said));
    }

    /** @param array<string, int|string> $values as they were kept */
    public function ofDecision(DecisionReason $reason, array $values, string $child): string
    {
        // What was kept by earlier releases names no rest where nothing was tried.
        $values += ['days' => 0, 'sittings' => DecisionReason::MetOften === $reason ? Window::OFTEN : Window::NOT_MOVING];
        $said = [$this->words->say('decisions', $reason, $values)];
        if (isset($values['ground'])) {
            $ground = (string) $values['ground'];
            $said[] = $this->words->say('grounds', 'meanwhile', ['step' => $this->step($ground)]);
            $said[] = $this->lookWhether($ground, $child);
        } elseif (\in_array($reason, [DecisionReason::NotMoving, DecisionReason::MetOften], true)) {
            $said[] = $this->words->say('grounds', 'another-way');
        }

        return implode(' ', $said);
    }

    /** "4 of 5 alone on Tuesday, counting all." */
    private function seen(LastTime $last, LocalDate $on): string
    {
        $ago = $last->day->daysUntil($on);
        $when = match (true) {
            $ago <= 0 => $this->words->say('last_times', 'today'),
            $ago < self::WEEK => $this->words->say('last_times', 'on', ['day' => $this->words->weekday($last->day)]),
            default => $this->words->say('last_times', 'on', ['day' => $this->words->shortDay($last->day, $on)]),
        };
        if (0 === $last->of) {
            return $this->words->say('last_times', $last->alone > 0 ? 'closed-alone' : 'closed-with-help', ['when' => $when]);
        }
        $how = null === $last->method ? '' : $this->words->say('last_times', 'how', ['how' => $this->words->say('ways', $last->method)]);

        return $this->words->say('last_times', 'tries', ['alone' => $last->alone, 'of' => $last->of, 'when' => $when, 'how' => $how]);
    }

    /** "Today with jar lids, the first one shown; look whether Wren counts on." With what is said of the main course alone. */
    private function today(Course $course, SetUp $setUp, Sitting $sitting, string $child): ?string
    {
        $isMain = $course === $sitting->course();
        $kinds = array_unique(array_map(static fn (Laid $laid): string => $laid->thing->id, $setUp->laid));
        $how = array_filter([
            // Of many kinds the list of what to lay out says more.
            $isMain && 1 === \count($kinds) ? $this->words->say('last_times', 'with', ['things' => $this->views->firstRole($setUp)['things']]) : null,
            $isMain && Help::Bare !== $course->help ? $this->words->say('last_times', $course->help->value) : null,
        ]);
        $next = $this->nextWay($course, $sitting);
        $look = null === $next ? null : $this->words->say('look_whether', $next, ['child' => $child]);

        return match (true) {
            [] !== $how && null !== $look => $this->words->say('last_times', 'now-and-look', ['how' => implode(', ', $how), 'look' => $look]),
            [] !== $how => $this->words->say('last_times', 'now', ['how' => implode(', ', $how)]),
            null !== $look => $this->words->say('last_times', 'look', ['look' => $look]),
            default => null,
        };
    }

    /** The way to get there that the child may find next, where the last one was tapped and a question of the sitting shows another. */
    private function nextWay(Course $course, Sitting $sitting): ?Method
    {
        $step = $this->map->step($course->stepId);
        $possible = [];
        foreach ($sitting->questions as $question) {
            array_push($possible, ...($question->stepId === $step->id ? Kind::of($question->prompt)->methods($step) : []));
        }

        return $course->last?->method?->next($possible, $step->skill);
    }

    /** @return array<string, int|string> */
    private function values(Course $course): array
    {
        $values = $course->values;

        return $values + (match (true) {
            isset($values['clause']) => ['what' => $this->words->say('reason_wants', (string) $values['clause'])],
            isset($values['stuck']) => ['what' => $this->step((string) $values['stuck'])],
            isset($values['on']) => ['what' => $this->step((string) $values['on'])],
            default => [],
        });
    }

    private function lookWhether(string $stepId, string $child): string
    {
        $step = $this->map->step($stepId);

        return $this->words->say('grounds', 'look', [
            'child' => $child,
            'done' => $this->skills->words($step->skill->id)->done,
            'reach' => $this->words->reach($step),
        ]);
    }

    private function step(string $stepId): string
    {
        return $this->words->step($this->map->step($stepId));
    }
}
