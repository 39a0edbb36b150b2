<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\HouseRule;
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
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Step;

/** What a child could do today, best first: ranked steps, each by the activities that can show it in its form. */
final readonly class Candidates
{
    /** What is worth less than this part of the best is no sitting for the child: it would only fill the time. */
    private const WORTH_A_SITTING = 0.15;

    /** So many more new activities are weighed than may come. */
    private const MORE_NEW = 6;

    /** How many are weighed for one child; further down the list nothing is worth the search. Activities enough that two children may meet at one. */
    public const STEPS = 14;
    public const ACTIVITIES_A_STEP = 8;

    /** Things that lay out in one of the last two sittings count less; an activity of the child's own way in a little more. */
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

    /** Minutes to lay out and seconds of a question, as is usual, for telling how many tries a sitting will bring. */
    private const USUAL_SET_UP = 2;
    private const USUAL_SECONDS = 35;

    public function __construct(private Catalogue $catalogue, private Choosing $choosing = new Choosing())
    {
    }

    /** @return list<RankedStep> what a child is ready for, best first; what rests among them */
    public function ranked(Learner $learner, LocalDate $on, InWeek $inWeek = new InWeek()): array
    {
        $longest = $learner->child->longestSittingOn($on);
        $size = $learner->child->setSizeOn($on);
        // The first and the last question are of other steps.
        $attempts = max($size->fewest, $size->fitting(($longest - self::USUAL_SET_UP) * 60, self::USUAL_SECONDS)) - 2;

        $ranked = array_map(
            static fn (RankedStep $step): RankedStep => $step->by($inWeek->worth($learner->child->id, $step, $learner->record->mark($step->step->id))),
            Ranking::of($learner->record, $on, $attempts, $learner->child->pins, $learner->child->focus, $this->choosing),
        );
        usort($ranked, static fn (RankedStep $a, RankedStep $b): int => $b->value() <=> $a->value());

        return $ranked;
    }

    /**
     * @param list<RankedStep> $ranked   what the child is ready for, best first, what rests among them
     * @param list<Activity>   $playable that may be used today
     *
     * @return list<Candidate> best first
     */
    public function of(DayRequest $request, Learner $learner, array $ranked, array $playable): array
    {
        $on = $request->date;
        $ranked = array_values(array_filter(
            $ranked,
            static fn (RankedStep $step): bool => !Resting::holds($step, $learner->record, $learner->resting, $on)
                && !($request->looksWait() && $step->reason->isLook() && !\in_array($step->step->id, $learner->child->pins, true)),
        ));
        $not = $request->notToday[$learner->child->id] ?? [];
        $always = [...$request->wanted, ...array_map(static fn (SetUp $held): string => $held->activity->id, $request->held)];
        $candidates = [];
        $steps = 0;
        foreach ($ranked as $step) {
            $form = self::formOf($learner, $step->step);
            $activities = array_filter(
                $playable,
                static fn (Activity $activity): bool => $activity->shows($step->step, $form) && !\in_array($activity->id, $not, true),
            );
            // A quick check is for what was there before, unless nothing else can show the step.
            if (!$step->reason->isLook() && Reason::CheckDue !== $step->reason) {
                $learning = array_filter($activities, static fn (Activity $activity): bool => !$activity->checksOnly);
                $activities = [] === $learning ? $activities : $learning;
            }
            if ($step->value() < self::WORTH_A_SITTING * $ranked[0]->value()) {
                $activities = array_filter($activities, static fn (Activity $activity): bool => \in_array($activity->id, $always, true));
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
                    self::worth($learner, $step, $activity, \in_array($activity->id, $request->wanted, true)),
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
                static fn (Candidate $candidate): bool => \in_array($candidate->activity->id, $always, true),
            );
            array_push($candidates, ...$best, ...$rest);
            if ($steps >= self::STEPS && [] === $always) {
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

    /**
     * The new activities that would open most, somewhat more than may come so that the planner can choose.
     *
     * @param array<string, Learner>          $learners by child id
     * @param array<string, list<RankedStep>> $ranked   child id => what they are ready for
     *
     * @return array<string, float> activity id => in steps as good as the best; none where no new one may come
     */
    public function opening(DayRequest $request, array $learners, array $ranked): array
    {
        $new = $request->newLeft();

        return 0 === $new ? [] : $this->wouldOpen($request, $learners, $ranked, $new + self::MORE_NEW);
    }

    /**
     * The new activities that would open most, whether one may come today or not.
     *
     * @param array<string, Learner>          $learners by child id
     * @param array<string, list<RankedStep>> $ranked   child id => what they are ready for
     *
     * @return array<string, float> activity id => in steps as good as the best, most first
     */
    public function wouldOpen(DayRequest $request, array $learners, array $ranked, int $most): array
    {
        return (new Opening($this->catalogue))->most($learners, $ranked, $this->allowed($request), $request->repertoire, $request->things, $most);
    }

    /**
     * What may be used today: all that is known to the house, what the parent wants or what is planned already, and these new ones.
     *
     * @param array<string, float> $opening activity id => what it would open
     *
     * @return list<Activity>
     */
    public function playable(DayRequest $request, array $opening): array
    {
        $always = [...$request->wanted, ...array_map(static fn (SetUp $held): string => $held->activity->id, $request->held)];

        return array_values(array_filter($this->allowed($request), static fn (Activity $activity): bool => !$request->repertoire->isNew($activity)
            || isset($opening[$activity->id]) || \in_array($activity->id, $always, true)));
    }

    /** @return list<Activity> that the day and the house allow, whether known or not */
    public function allowed(DayRequest $request): array
    {
        return array_values(array_filter(
            $this->catalogue->activities,
            static fn (Activity $activity): bool => !($request->quiet && $activity->noisy)
                && [] !== self::placesOf($activity, $request->places)
                && HouseRule::allow($request->rules, $activity),
        ));
    }

    /**
     * Whether any of these shows the step as the child meets it now.
     *
     * @param list<Activity> $activities
     */
    public static function isServed(Learner $learner, Step $step, array $activities): bool
    {
        $form = self::formOf($learner, $step);

        return [] !== array_filter($activities, static fn (Activity $activity): bool => $activity->shows($step, $form));
    }

    /** The form a step is met in today; a check is in the last one. */
    public static function formOf(Learner $learner, Step $step): ?Form
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
        $settings = $learner->child->settings;

        return $step->worth->by(
            1.0,
            $learner->liking[$activity->id] ?? 1.0,
            (self::bringsVariety($learner, $step, $activity) ? self::BRINGS_VARIETY : 1.0)
                * (\in_array($settings->wayIn, $activity->waysIn, true) ? self::OWN_WAY_IN : 1.0)
                * ($settings->namingNumerals === $activity->naming ? self::OWN_NAMING : 1.0)
                * ($activity->isMoment() ? self::FOR_MOMENTS : 1.0)
                * ($wanted ? self::WANTED : 1.0),
        );
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
