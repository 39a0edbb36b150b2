<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Family;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ClauseKind;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\LastSitting;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Evidence\SecureClauses;
use Pindle\Core\Question\QuestionSet;

/** What a child could do today, best first: ranked steps, each by the families that can show it in its form. */
final readonly class Candidates
{
    /** How many are weighed for one child; further down the list nothing is worth the search. Families enough that two children may meet at one. */
    public const STEPS = 14;
    public const FAMILIES_A_STEP = 8;

    /** What was used in one of the last two sittings counts less; a family of the child's own way in a little more. */
    public const USED_LATELY = 0.6;
    public const OWN_WAY_IN = 1.1;

    /** A family the parent wants today goes before all others that fit. */
    public const WANTED = 5.0;

    /** A family that names numerals the way the child is taught counts more. */
    public const OWN_NAMING = 1.2;

    /** A family that the last tries of the step did not use counts more while the secure rule still wants variety. */
    public const BRINGS_VARIETY = 1.25;

    /** How much less a family counts that all the last tries of the step were made with. */
    public const WORN = 0.5;

    /** Seconds of a usual question, for telling how many tries a sitting will bring. */
    private const USUAL_SECONDS = 35;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param list<Place>  $places
     * @param list<string> $wanted ids of families the parent wants today
     *
     * @return list<Candidate> best first
     */
    public function of(Learner $learner, LocalDate $on, array $places, bool $quiet, array $wanted = []): array
    {
        $longest = $learner->child->longestSittingOn($on);
        $tries = max(QuestionSet::FEWEST, min(QuestionSet::MOST, intdiv(($longest - 2) * 60, self::USUAL_SECONDS))) - 2;
        $ranked = Ranking::withoutTooMuchNew(array_values(array_filter(
            Ranking::of($learner->record, $on, $tries, $learner->child->pins, $learner->child->focus),
            static fn (RankedStep $step): bool => !isset($learner->resting[$step->step->id]) || !$learner->resting[$step->step->id]->isAfter($on),
        )), $learner->record);

        $candidates = [];
        $steps = 0;
        foreach ($ranked as $step) {
            $form = Ladder::form($step->step, $learner->record->state($step->step->id), null === $step->step->before ? null : $learner->record->state($step->step->before));
            $families = array_filter(
                $this->catalogue->showing($step->step, $form),
                static fn (Family $family): bool => !($quiet && $family->noisy) && [] !== self::placesOf($family, $places),
            );
            // A quick check is for what was there before, unless nothing else can show the step.
            if (!\in_array($step->reason, [Reason::Due, Reason::Slipped], true)) {
                $learning = array_filter($families, static fn (Family $family): bool => !$family->checksOnly);
                $families = [] === $learning ? $families : $learning;
            }
            if ([] === $families) {
                continue;
            }
            $found = array_map(static fn (Family $family): Candidate => new Candidate($learner, $step, $form, $family, self::worth($learner, $step, $family, \in_array($family->id, $wanted, true))), array_values($families));
            // Equal ones take turns from day to day, so that none is first because of its name.
            $turn = static fn (Candidate $candidate): int => crc32($on->dayNumber.$candidate->family->id);
            usort($found, static fn (Candidate $a, Candidate $b): int => [$b->value(), $turn($b)] <=> [$a->value(), $turn($a)]);
            $best = \array_slice($found, 0, self::FAMILIES_A_STEP);
            // Far down the list nothing is worth the search, unless the parent wants it today.
            if (++$steps > self::STEPS) {
                $best = array_values(array_filter($best, static fn (Candidate $candidate): bool => \in_array($candidate->family->id, $wanted, true)));
            }
            array_push($candidates, ...$best);
            if ($steps >= self::STEPS && [] === $wanted) {
                break;
            }
        }
        usort($candidates, static fn (Candidate $a, Candidate $b): int => $b->value() <=> $a->value());

        return $candidates;
    }

    /**
     * @param list<Place> $places
     *
     * @return list<Place> where the family can be done today
     */
    public static function placesOf(Family $family, array $places): array
    {
        return array_values(array_filter($family->places, static fn (Place $place): bool => Place::Anywhere === $place || \in_array($place, $places, true)));
    }

    /** What the step is worth by this family. */
    private static function worth(Learner $learner, RankedStep $step, Family $family, bool $wanted): Worth
    {
        $lately = array_filter($learner->record->lastSittings, static fn (LastSitting $sitting): bool => $sitting->familyId === $family->id);
        $settings = $learner->child->settings;

        return $step->worth->by(
            ([] === $lately ? 1.0 : self::USED_LATELY) * (1 - self::WORN * self::share($learner->record->state($step->step->id)->lately, $family)),
            $learner->liking[$family->id] ?? 1.0,
            (self::bringsVariety($learner, $step, $family) ? self::BRINGS_VARIETY : 1.0)
                * (\in_array($settings->wayIn, $family->waysIn, true) ? self::OWN_WAY_IN : 1.0)
                * ($settings->namingNumerals === $family->naming ? self::OWN_NAMING : 1.0)
                * ($wanted ? self::WANTED : 1.0),
        );
    }

    /**
     * @param list<OneTry> $tries
     *
     * @return float how many of the tries were made with the family, 0 to 1
     */
    private static function share(array $tries, Family $family): float
    {
        return [] === $tries ? 0.0 : \count(array_filter($tries, static fn (OneTry $try): bool => $try->familyId === $family->id)) / \count($tries);
    }

    private static function bringsVariety(Learner $learner, RankedStep $step, Family $family): bool
    {
        $state = $learner->record->state($step->step->id);
        foreach (SecureClauses::of($learner->record->settings->secureRule, $step->step, $state) as $clause) {
            if (\in_array($clause->kind, [ClauseKind::Families, ClauseKind::ThingsUsed], true) && !$clause->met) {
                return $state->tries > 0 && [] === array_filter($state->lately, static fn (OneTry $try): bool => $try->familyId === $family->id);
            }
        }

        return false;
    }
}
