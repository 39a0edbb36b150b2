<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Advice\SureSteps;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Question\Sure;
use Pindle\Core\Question\Tilt;
use Pindle\Core\Skill\Step;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What each child is asked at a sitting. */
final class Asking
{
    /** @var array<string, Kind> by child, activity, size of the step and skill: what may be asked */
    private array $kinds = [];

    /** @var array<string, array<Step>> child id => steps that they were ever asked about */
    private array $tried = [];

    /** @var \WeakMap<Candidate, array{Sure|null, Sure|null}> what a sitting begins and ends with */
    private \WeakMap $ends;

    public function __construct(private readonly DayRequest $request)
    {
        $this->ends = new \WeakMap();
    }

    /**
     * A sitting with a candidate's step, and with the one beside it where there is room: so many questions, the first and the last of them sure ones.
     * Where a check is due, its three questions come first. The same for the same child on the same day, whatever id a copy of the house knows them by.
     */
    public function sitting(Candidate $candidate, int $count): Sitting
    {
        [$child, $record] = [$candidate->learner->child, $candidate->learner->record];
        $day = [$this->request->seed, $this->request->date->dayNumber];
        $random = new Randomizer(new Xoshiro256StarStar(crc32(implode(
            '|',
            [...$day, $child->name, $child->born?->toString(), $candidate->ranked->step->id, $candidate->activity->id],
        ))));
        [$opening, $closing] = $this->ends($candidate);
        $set = fn (Step $step, int $count, ?Sure $opening, ?Sure $closing): QuestionSet => QuestionSet::choose(
            $this->kind($candidate, $step),
            $step,
            $record->state($step->id)->window->questions,
            $count,
            $opening,
            $closing,
            $random,
            self::tilt($candidate->learner, $step),
        );
        $step = $candidate->ranked->step;
        $other = $candidate->second?->ranked->step;
        $second = null === $other ? 0 : intdiv($count - 2, 2);
        $questions = $candidate->isCheck()
            ? [
                ...QuestionSet::check($this->kind($candidate, $step), $step, $record->state($step->id)->window->questions, CanDoClauses::CHECK, $random),
                ...\array_slice($set($step, max(2, $count - CanDoClauses::CHECK + 1), $opening, $closing)->questions, 1),
            ]
            : $set($step, $count - $second, $opening, $closing)->questions;
        if ($second > 0 && null !== $other && !$candidate->isCheck()) {
            $questions = QuestionSet::mixed($questions, $set($other, $second + 2, null, null)->questions);
        }

        return (new Sitting($candidate->childId, $candidate->courses($this->request->date), $questions, $candidate->worth))->withoutIdleCourses();
    }

    /** What goes over the ten waits until that is there; what the dice cannot show is not asked. */
    private function kind(Candidate $candidate, Step $of): Kind
    {
        $size = $candidate->ranked->step->size;
        $child = $candidate->learner->child;
        $record = $candidate->learner->record;
        $activity = $candidate->activity;

        return $this->kinds[$child->id.' '.$activity->id.' '.$size.' '.$of->skill->id] ??= $activity->serves[$of->skill->id]->where(
            static fn (Prompt $prompt): bool => $activity->canAsk($prompt, $size)
                && (null === $prompt->needs() || $record->servesAsNeed($prompt->needs()))
                && (!$prompt instanceof Kind\MakeAmount || $prompt->fits($child->settings->coins)),
        );
    }

    /** How many questions of a sitting are of other steps: the first and the last, where the child is sure of something. */
    public function ofOthers(Candidate $candidate): int
    {
        return \count(array_filter($this->ends($candidate)));
    }

    /** @return array{Sure|null, Sure|null} what a sitting begins and ends with; null for what is nearest at its own step */
    private function ends(Candidate $candidate): array
    {
        return $this->ends[$candidate] ??= $this->sureEnds($candidate);
    }

    /** @return array{Sure|null, Sure|null} */
    private function sureEnds(Candidate $candidate): array
    {
        $record = $candidate->learner->record;
        $sure = $this->sureCandidates($candidate);
        $asked = function (?Step $of) use ($candidate): ?Sure {
            $kind = null === $of ? null : $this->kind($candidate, $of);

            return null === $of || null === $kind || !$kind->canAsk($of) ? null : new Sure($of, $kind);
        };

        return [$asked(SureSteps::first($record, $sure, $this->request->date)), $asked(SureSteps::last($record, $sure, $this->request->date))];
    }

    /** Smaller or bigger numbers: what the parent chose goes before what was seen. */
    private static function tilt(Learner $learner, Step $step): Tilt
    {
        return match ($learner->chosen[$step->id] ?? null) {
            DecisionKind::Easier => Tilt::Smaller,
            DecisionKind::Further => Tilt::Bigger,
            default => $learner->record->state($step->id)->window->wentHard() ? Tilt::Smaller : Tilt::Even,
        };
    }

    /** @return list<Step> other steps, no larger than today's, that the activity can ask about in the same form */
    private function sureCandidates(Candidate $candidate): array
    {
        $record = $candidate->learner->record;
        $steps = $this->tried[$candidate->childId] ??= array_filter($record->map->steps, static fn (Step $step): bool => $record->state($step->id)->isTried());

        return array_values(array_filter($steps, static fn (Step $step): bool => isset($candidate->activity->serves[$step->skill->id])
            && $step->id !== $candidate->ranked->step->id
            && $step->id !== $candidate->second?->ranked->step->id
            && $step->size <= $candidate->ranked->step->size
            && $candidate->activity->shows($step, [] === $step->forms ? null : $candidate->form)));
    }
}
