<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Skill\Step;

/** What has to be seen before a step is Secure. Each clause can be read out as met or still wanted. */
enum SecureRule: string
{
    case Gentle = 'gentle';
    case Usual = 'usual';
    case Thorough = 'thorough';

    /** Belief wanted besides the clauses that can be counted. */
    public const BELIEF = 0.95;

    /** An answer is open when guessing would be right at most this often. */
    public const OPEN_GUESS = 0.20;

    /** Two looks count as two days when this many hours lie between them. */
    public const HOURS_APART = 18;

    /** The longest window any rule looks back over. */
    public const LONGEST_WINDOW = 11;

    public function window(): int
    {
        return match ($this) {
            self::Gentle => 6,
            self::Usual => 8,
            self::Thorough => 11,
        };
    }

    /** Unaided successes wanted in the window. */
    public function successes(): int
    {
        return $this->window() - 1;
    }

    public function days(): int
    {
        return self::Thorough === $this ? 3 : 2;
    }

    public function openAnswers(): int
    {
        return match ($this) {
            self::Gentle => 3,
            self::Usual => 4,
            self::Thorough => 6,
        };
    }

    /**
     * Every clause with what is there and what is wanted.
     *
     * @return list<Clause>
     */
    public function clauses(Step $step, StepState $state): array
    {
        $window = \array_slice($state->lately, -$this->window());
        $unaided = array_values(array_filter($window, static fn (OneTry $try): bool => $try->isUnaided()));
        $count = \count($unaided);
        $open = \count(array_filter($unaided, static fn (OneTry $try): bool => $try->guess <= self::OPEN_GUESS));

        $clauses = [
            new Clause(ClauseKind::Unaided, $count, $this->successes(), $this->window()),
            new Clause(ClauseKind::Days, self::daysApart($unaided), $this->days()),
            new Clause(ClauseKind::Open, $open, $this->openAnswers()),
            new Clause(ClauseKind::Belief, (int) floor($state->p * 100), (int) (self::BELIEF * 100)),
        ];
        if (self::Gentle !== $this) {
            $clauses[] = $this->variety($unaided);
        }
        if (self::Thorough === $this) {
            $first = $unaided[0] ?? null;
            $last = $unaided[$count - 1] ?? null;
            $clauses[] = new Clause(ClauseKind::WeekApart, null === $first || null === $last ? 0 : $first->day->daysUntil($last->day), 7);
        }
        if ($step->skill->isQuick()) {
            $atOnce = \count(array_filter($unaided, static fn (OneTry $try): bool => Outcome::AtOnce === $try->outcome));
            $clauses[] = new Clause(ClauseKind::AtOnce, $atOnce, (int) ceil(max($count, $this->successes()) / 2));
        }
        if (null !== $step->lastForm()) {
            $inForm = \count(array_filter($unaided, static fn (OneTry $try): bool => $try->form === $step->lastForm()));
            $clauses[] = new Clause(ClauseKind::LastForm, $inForm, 2);
        }

        return $clauses;
    }

    public function isMet(Step $step, StepState $state): bool
    {
        foreach ($this->clauses($step, $state) as $clause) {
            if (!$clause->isMet()) {
                return false;
            }
        }

        return true;
    }

    /** @param list<OneTry> $unaided */
    private function variety(array $unaided): Clause
    {
        $families = \count(array_unique(array_map(static fn (OneTry $try): string => $try->familyId, $unaided)));
        $things = \count(array_unique(array_merge(...array_map(static fn (OneTry $try): array => $try->thingIds, $unaided))));
        $thingsWanted = self::Thorough === $this ? 3 : 2;

        // Whichever is nearer: two families or enough different things.
        return $families >= 2 || $families >= $things
            ? new Clause(ClauseKind::Families, $families, 2)
            : new Clause(ClauseKind::ThingsUsed, $things, $thingsWanted);
    }

    /**
     * Days that count as apart: each at least 18 hours after the one counted before it.
     *
     * @param list<OneTry> $tries in order of time
     */
    private static function daysApart(array $tries): int
    {
        $days = 0;
        $last = null;
        foreach ($tries as $try) {
            if (null === $last || $try->at->getTimestamp() - $last >= self::HOURS_APART * 3600) {
                ++$days;
                $last = $try->at->getTimestamp();
            }
        }

        return $days;
    }
}
