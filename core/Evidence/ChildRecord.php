<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Skill\SkillMap;

/**
 * All that is known of one child: a state for every step, following from the tries replayed in order.
 * Values in, values out: adding a try gives a new record.
 */
final readonly class ChildRecord
{
    /** How far what is said of a child beforehand may be believed. */
    public const PRIOR_LEAST = 0.05;
    public const PRIOR_MOST = 0.90;

    /**
     * @param array<string, StepState> $states        by step id; a step without one has never been touched
     * @param list<LastSitting>        $lastSittings  the last two, older first
     */
    private function __construct(
        public SkillMap $map,
        public SecureRule $rule,
        public array $states,
        public array $lastSittings,
    ) {
    }

    /**
     * @param array<string, float> $priors step id => belief before the first try, kept within PRIOR_LEAST and PRIOR_MOST
     */
    public static function blank(SkillMap $map, SecureRule $rule = SecureRule::Usual, array $priors = []): self
    {
        $states = [];
        foreach ($priors as $stepId => $prior) {
            if ($map->has($stepId)) {
                $states[$stepId] = new StepState(max(self::PRIOR_LEAST, min(self::PRIOR_MOST, $prior)));
            }
        }

        return new self($map, $rule, $states, []);
    }

    /**
     * The record that follows from these tries, in whatever order they arrived. Tries of steps that left the map are passed over.
     *
     * @param list<OneTry>         $tries
     * @param array<string, float> $priors
     */
    public static function replay(SkillMap $map, array $tries, SecureRule $rule = SecureRule::Usual, array $priors = []): self
    {
        usort($tries, OneTry::compare(...));
        $record = self::blank($map, $rule, $priors);
        foreach ($tries as $try) {
            if ($map->has($try->stepId)) {
                $record = $record->with($try);
            }
        }

        return $record;
    }

    public function state(string $stepId): StepState
    {
        return $this->states[$stepId] ?? new StepState();
    }

    /** The mark of a step. A step whose own higher reach is Secure is carried and never falls due by time alone. */
    public function mark(string $stepId, LocalDate $on): Mark
    {
        $mark = $this->state($stepId)->mark($on);
        if (Mark::LookAgain === $mark && $this->state($stepId)->lastTry()?->isUnaided() && $this->isCarried($stepId, $on)) {
            return Mark::Secure;
        }

        return $mark;
    }

    public function isCarried(string $stepId, LocalDate $on): bool
    {
        foreach ($this->map->higherReaches($stepId) as $higher) {
            if (Mark::Secure === $this->state($higher)->mark($on)) {
                return true;
            }
        }

        return false;
    }

    /** Good enough for what builds on it. */
    public function servesAsNeed(string $stepId, LocalDate $on): bool
    {
        return $this->state($stepId)->isImplied() || \in_array($this->mark($stepId, $on), [Mark::Secure, Mark::Steady, Mark::LookAgain], true);
    }

    /** @return list<string> needs of a step that are not there yet */
    public function missingNeeds(string $stepId, LocalDate $on): array
    {
        return array_values(array_filter($this->map->step($stepId)->needs, fn (string $need): bool => !$this->servesAsNeed($need, $on)));
    }

    /** The day a Secure step falls due for another look; null when it is not Secure or is carried. */
    public function nextLook(string $stepId, LocalDate $on): ?LocalDate
    {
        $state = $this->state($stepId);
        if (!$state->secured || null === $state->halfLife || null === $state->clock || $this->isCarried($stepId, $on)) {
            return null;
        }

        return $state->clock->plusDays(Tracing::daysToNextLook($state->halfLife));
    }

    /**
     * The record after one more try. The try must not be earlier than those already in it.
     *
     * @throws \Pindle\Core\Skill\SkillMapError when the step is not on the map
     */
    public function with(OneTry $try): self
    {
        $step = $this->map->step($try->stepId);
        $states = $this->states;
        $before = $this->state($try->stepId);

        $gap = null === $before->clock ? 0 : max(0, $before->clock->daysUntil($try->day));
        [$form, $unaidedInForm, $notYetInForm] = Ladder::formAfter($step, $before, $try);
        $lately = [...\array_slice($before->lately, 1 - SecureRule::LONGEST_WINDOW), $try];
        $asked = $before->questions[$try->question] ?? ['seen' => 0, 'unaided' => 0];
        $after = new StepState(
            p: Tracing::afterTry($before->p, $try, $step->skill->isQuick()),
            halfLife: Tracing::halfLife($before->halfLife, $gap, $try),
            clock: $try->day,
            tries: $before->tries + 1,
            lately: $lately,
            secured: $before->secured && !self::isLost($lately),
            form: $form,
            unaidedInForm: $unaidedInForm,
            notYetInForm: $notYetInForm,
            help: Ladder::helpAfter($try->help, $try->outcome),
            questions: [$try->question => ['seen' => $asked['seen'] + 1, 'unaided' => $asked['unaided'] + ($try->isUnaided() ? 1 : 0)]] + $before->questions,
        );
        $states[$step->id] = $before->secured ? $after : $this->securedIfMet($step->id, $after);

        if ($try->isUnaided()) {
            foreach ($step->needs as $need) {
                if (Mark::Secure !== $this->mark($need, $try->day)) {
                    $known = $states[$need] ?? new StepState();
                    $states[$need] = $known->withBelief(Tracing::implied($known->p, $try->guess));
                }
            }
            foreach ($this->map->ancestors($step->id) as $ancestor) {
                if (null !== ($states[$ancestor] ?? null)?->halfLife) {
                    $states[$ancestor] = $states[$ancestor]->refreshed($try->day);
                }
            }
        }
        $earlierSkill = $try->slip?->pointsAt();
        $earlier = null === $earlierSkill ? null : $this->map->ancestorOfSkill($step->id, $earlierSkill);
        if (null !== $earlier) {
            $known = $states[$earlier] ?? new StepState();
            $states[$earlier] = $known->withBelief(Tracing::slipped($known->p, $try->guess));
        }

        return new self($this->map, $this->rule, $states, LastSitting::after($this->lastSittings, $try, 0 === $before->tries));
    }

    private function securedIfMet(string $stepId, StepState $state): StepState
    {
        if (!$this->rule->isMet($this->map->step($stepId), $state)) {
            return $state;
        }

        return new StepState($state->p, max($state->halfLife ?? 0.0, Tracing::SECURE_HALF_LIFE), $state->clock, $state->tries, $state->lately, true, $state->form, $state->unaidedInForm, $state->notYetInForm, $state->help, $state->questions);
    }

    /**
     * Two tries running that were not unaided: what was Secure is not any more.
     *
     * @param list<OneTry> $lately
     */
    private static function isLost(array $lately): bool
    {
        $last = \array_slice($lately, -2);

        return 2 === \count($last) && !$last[0]->isUnaided() && !$last[1]->isUnaided();
    }
}
