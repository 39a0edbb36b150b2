<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\HouseRule;
use Pindle\Core\Activity\Occasion;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Advice\Resting;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\ClauseKind;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\LastSitting;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Step;

/** What a child could do today, best first: ranked steps, each by the activities that can show it in its form. */
final readonly class Candidates
{
    /** How many are weighed for one child; further down the list nothing is worth the search. Activities enough that two children may meet at one. */
    public const STEPS = 14;
    public const ACTIVITIES_A_STEP = 8;

    /** What was used in one of the last two sittings counts less; an activity of the child's own way in a little more. */
    public const USED_LATELY = 0.6;
    public const OWN_WAY_IN = 1.1;

    /** An activity the parent wants today goes before all others that fit. */
    public const WANTED = 5.0;

    /** An activity that names numerals the way the child is taught counts more. */
    public const OWN_NAMING = 1.2;

    /** An activity that the last tries of the step did not use counts more while the secure rule still wants variety. */
    public const BRINGS_VARIETY = 1.25;

    /** What takes no set-up and no hands is for moments in between: at a planned time things to handle go before it. */
    public const FOR_MOMENTS = 0.4;

    /** How much less an activity counts that all the last tries of the step were made with. */
    public const WORN = 0.5;

    /** Minutes to lay out and seconds of a question, as is usual, for telling how many tries a sitting will bring. */
    private const USUAL_SET_UP = 2;
    private const USUAL_SECONDS = 35;

    public function __construct(private Catalogue $catalogue, private Choosing $choosing = new Choosing())
    {
    }

    /**
     * @param list<Place>  $places
     * @param list<string> $wanted ids of activities the parent wants today
     * @param list<string> $held   ids of activities that are planned already: they are among the candidates however little they are worth
     * @param list<HouseRule> $rules what the house does without
     *
     * @return list<Candidate> best first
     */
    public function of(Learner $learner, LocalDate $on, array $places, bool $quiet, array $wanted = [], array $held = [], array $rules = []): array
    {
        $longest = $learner->child->longestSittingOn($on);
        $size = $learner->child->setSizeOn($on);
        // The first and the last question are of other steps.
        $attempts = max($size->fewest, $size->fitting(($longest - self::USUAL_SET_UP) * 60, self::USUAL_SECONDS)) - 2;
        $ranked = array_values(array_filter(
            Ranking::of($learner->record, $on, $attempts, $learner->child->pins, $learner->child->focus, $this->choosing),
            static fn (RankedStep $step): bool => !Resting::holds($step, $learner->record, $learner->resting, $on),
        ));

        $candidates = [];
        $steps = 0;
        foreach ($ranked as $step) {
            $form = self::formOf($learner, $step->step);
            $activities = array_filter(
                $this->catalogue->showing($step->step, $form),
                static fn (Activity $activity): bool => !($quiet && $activity->noisy)
                    && [] !== self::placesOf($activity, $places)
                    && HouseRule::allow($rules, $activity),
            );
            // A quick check is for what was there before, unless nothing else can show the step.
            if (!$step->reason->isLook() && Reason::CheckDue !== $step->reason) {
                $learning = array_filter($activities, static fn (Activity $activity): bool => !$activity->checksOnly);
                $activities = [] === $learning ? $activities : $learning;
            }
            if ([] === $activities) {
                continue;
            }
            $found = array_map(
                static fn (Activity $activity): Candidate => new Candidate(
                    $learner,
                    $step,
                    $form,
                    $activity,
                    self::worth($learner, $step, $activity, \in_array($activity->id, $wanted, true)),
                ),
                array_values($activities),
            );
            // Equal ones take turns from day to day, so that none is first because of its name.
            $turn = static fn (Candidate $candidate): int => crc32($on->dayNumber.$candidate->activity->id);
            usort($found, static fn (Candidate $a, Candidate $b): int => [$b->value(), $turn($b)] <=> [$a->value(), $turn($a)]);
            // Far down the list nothing is worth the search, unless it is wanted or held.
            $best = ++$steps > self::STEPS ? [] : \array_slice($found, 0, self::ACTIVITIES_A_STEP);
            $rest = array_filter(
                \array_slice($found, \count($best)),
                static fn (Candidate $candidate): bool => \in_array($candidate->activity->id, [...$wanted, ...$held], true),
            );
            array_push($candidates, ...$best, ...$rest);
            if ($steps >= self::STEPS && [] === $wanted && [] === $held) {
                break;
            }
        }
        usort($candidates, static fn (Candidate $a, Candidate $b): int => $b->value() <=> $a->value());

        return $this->choosing->courses > 1 ? self::paired($candidates, $ranked) : $candidates;
    }

    /**
     * Each with the best other step that the same activity serves; two that are brand new are too much for one sitting.
     *
     * @param list<Candidate>  $candidates
     * @param list<RankedStep> $ranked     best first
     *
     * @return list<Candidate>
     */
    private static function paired(array $candidates, array $ranked): array
    {
        $forms = [];

        return array_map(static function (Candidate $one) use ($ranked, &$forms): Candidate {
            foreach ($ranked as $other) {
                $step = $other->step;
                if ($step->id === $one->ranked->step->id || ($one->ranked->brandNew && $other->brandNew) || !isset($one->activity->serves[$step->skill->id])) {
                    continue;
                }
                $form = $forms[$step->id] ??= [self::formOf($one->learner, $step)];
                $mayCheck = $other->reason->isLook() || !$one->activity->checksOnly;
                if (Reason::CheckDue !== $other->reason && $mayCheck && $one->activity->shows($step, $form[0])) {
                    return $one->beside(new Candidate($one->learner, $other, $form[0], $one->activity, $other->worth));
                }
            }

            return $one;
        }, $candidates);
    }

    /** The form a step is met in today; a check is in the last one. */
    private static function formOf(Learner $learner, Step $step): ?Form
    {
        $state = $learner->record->state($step->id);

        return CanDoClauses::isCheckDue($step, $state)
            ? $step->lastForm()
            : Ladder::form($step, $state, null === $step->before ? null : $learner->record->state($step->before));
    }

    /**
     * @param list<Place> $places
     *
     * @return list<Place> where the activity can be done today
     */
    public static function placesOf(Activity $activity, array $places): array
    {
        $high = \in_array(Place::HighTable, $places, true) && \in_array(Place::Table, $activity->places, true) ? [Place::HighTable] : [];
        $there = array_filter($activity->places, static fn (Place $place): bool => Place::Anywhere === $place || \in_array($place, $places, true));

        return [...$high, ...array_values($there)];
    }

    /** What the step is worth by this activity. */
    private static function worth(Learner $learner, RankedStep $step, Activity $activity, bool $wanted): Worth
    {
        $lately = array_filter($learner->record->lastSittings, static fn (LastSitting $sitting): bool => $sitting->activityId === $activity->id);
        $settings = $learner->child->settings;

        return $step->worth->by(
            ([] === $lately ? 1.0 : self::USED_LATELY) * (1 - self::WORN * $learner->record->state($step->step->id)->window->shareWith($activity->id)),
            $learner->liking[$activity->id] ?? 1.0,
            (self::bringsVariety($learner, $step, $activity) ? self::BRINGS_VARIETY : 1.0)
                * (\in_array($settings->wayIn, $activity->waysIn, true) ? self::OWN_WAY_IN : 1.0)
                * ($settings->namingNumerals === $activity->naming ? self::OWN_NAMING : 1.0)
                * (self::isForMoments($activity) ? self::FOR_MOMENTS : 1.0)
                * ($wanted ? self::WANTED : 1.0),
        );
    }

    private static function isForMoments(Activity $activity): bool
    {
        return \in_array(Occasion::Moment, $activity->occasions, true) || \in_array(Occasion::ArmsFull, $activity->occasions, true);
    }

    private static function bringsVariety(Learner $learner, RankedStep $step, Activity $activity): bool
    {
        $state = $learner->record->state($step->step->id);
        foreach (CanDoClauses::of($learner->record->settings->canDoRule, $step->step, $state) as $clause) {
            if (\in_array($clause->kind, [ClauseKind::Activities, ClauseKind::ThingsUsed], true) && !$clause->met) {
                return $state->window->count > 0 && 0.0 === $state->window->shareWith($activity->id);
            }
        }

        return false;
    }
}
