<?php

declare(strict_types=1);

namespace Pindle\Core\Simulation;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * A made-up child in whom each step is a strength that grows and fades, in logits of success: what comes with age, and three traces of
 * practice that fade within days, weeks and many months. What is practised helps its neighbours a little; one need in ten is none for this
 * child; there are bad days, days nobody sat down, a holiday, and taps that missed.
 *
 * It shares neither constants nor shape with the engine or with StepwiseChild. Every trait is drawn from a range.
 */
final class GrowingChild implements SimulatedChild
{
    /** What counts as known: so large a chance of an unaided success. */
    public const KNOWN = 0.8;

    /** One need in so many is none for a child. */
    private const NO_NEED_ONE_IN = 10;

    /** How far, in logits, a step may be ahead of the weakest of its needs by age alone. */
    private const AHEAD_OF_NEED = 0.7;

    /** More than this, in logits, nobody shows. */
    private const STRONGEST = 4.0;

    /** How much of what a child could do at first is practice that may fade, and no longer just age. */
    private const PRACTISED_BEFORE = 0.75;

    /** Days beforehand for which good and bad ones are drawn, and the first of which a holiday may begin in. */
    private const DAYS = 400;
    private const HOLIDAY_BEGINS = 50;

    private const DAYS_A_MONTH = 30.4;

    /** @var array<string, float> step id => strength by age alone, in logits, on the first day */
    private array $natural = [];

    /** @var array<string, array{float, float, float}> step id => the quick, the middle and the lasting trace, in logits, when last changed */
    private array $traces = [];

    /** @var array<string, int> step id => the number of the day its traces were last changed */
    private array $changedOn = [];

    /** @var array<string, int> step id => the number of the day it was last practised */
    private array $practisedOn = [];

    /** @var array<string, list<string>> step id => what it needs in this child */
    private array $needs = [];

    /** @var array<string, list<string>> step id => what a try of it helps */
    private array $neighbours = [];

    /** @var list<float> by day from the first: how much worse than usual, in logits, at most 0 */
    private array $moods = [];

    /** @var array<int, true> by day from the first */
    private array $missed = [];

    /**
     * @param array{float, float, float} $gains     logits a try adds to each trace while it is empty
     * @param array{float, float, float} $most      logits each trace can hold
     * @param array{float, float, float} $halfLives days after which half of each trace is gone
     */
    private function __construct(
        private readonly int $firstDay,
        private readonly float $monthsALogit,
        private readonly array $gains,
        private readonly array $most,
        private readonly array $halfLives,
        private readonly float $spacing,
        private readonly float $helpsNeighbours,
        private readonly float $slips,
        private readonly float $guessesOpen,
        private readonly float $guessesClosed,
        private readonly float $quick,
        private readonly int $patience,
        private readonly float $tires,
        private readonly float $misTaps,
        private readonly bool $guesser,
        private readonly bool $fast,
    ) {
    }

    /** A child of an age in months, who can about what children of that age can. */
    public static function ofAge(SkillMap $map, int $months, Randomizer $random, LocalDate $on): self
    {
        $r = new Randomizer(new Xoshiro256StarStar($random->getInt(0, 1 << 30)));
        $fades = exp(self::between($r, log(0.35), log(1.6)));
        $learns = exp(self::between($r, log(0.6), log(1.5)));
        $guesser = 1 === $r->getInt(1, 9);
        $child = new self(
            $on->dayNumber,
            self::between($r, 3.0, 6.5),
            [self::between($r, 0.3, 0.6) * $learns, self::between($r, 0.16, 0.34) * $learns, self::between($r, 0.04, 0.12) * $learns],
            [self::between($r, 0.8, 1.8), self::between($r, 1.8, 3.2), self::between($r, 2.0, 4.0)],
            [self::between($r, 0.6, 2.0), self::between($r, 7.0, 20.0) * $fades, self::between($r, 80.0, 240.0) * $fades],
            self::between($r, 2.0, 6.0),
            self::between($r, 0.05, 0.2),
            self::between($r, 0.02, 0.09),
            $guesser ? self::between($r, 0.1, 0.2) : self::between($r, 0.0, 0.06),
            self::between($r, 0.7, 1.3),
            self::between($r, -1.5, 3.0),
            $r->getInt(5, 11),
            self::between($r, 0.05, 0.35),
            self::between($r, 0.005, 0.035),
            $guesser,
            $fades < 0.51,
        );
        $child->grow($map, $months, $r);
        $child->live($r);

        return $child;
    }

    public function chance(string $stepId, LocalDate $on): float
    {
        return $this->success($this->strength($stepId, $on->dayNumber), $this->guessesOpen);
    }

    public function knows(string $stepId, LocalDate $on): bool
    {
        return $this->chance($stepId, $on) >= self::KNOWN;
    }

    public function daysLeft(string $stepId, LocalDate $on): float
    {
        $least = 0;
        for ($most = 2; $most < 512 && $this->knows($stepId, $on->plusDays($most)); $most *= 2) {
            $least = $most;
        }
        while ($most - $least > 1) {
            $middle = intdiv($least + $most, 2);
            $this->knows($stepId, $on->plusDays($middle)) ? $least = $middle : $most = $middle;
        }

        return (float) $least;
    }

    public function learning(string $stepId, LocalDate $on, int $tries): float
    {
        $before = $this->strength($stepId, $on->dayNumber);
        $after = $before;
        for ($gained = [0.0, 0.0, 0.0], $try = 0; $try < $tries; ++$try) {
            $more = $this->gained($stepId, $on->dayNumber, 0.9, $gained);
            $gained = [$gained[0] + $more[0], $gained[1] + $more[1], $gained[2] + $more[2]];
            // What is gone within days is not counted.
            $after += $more[1] + $more[2];
        }
        $now = $this->success($before, $this->guessesOpen);

        return $now >= self::KNOWN ? 0.0 : min(1.0, ($this->success($after, $this->guessesOpen) - $now) / (self::KNOWN - $now));
    }

    public function forgetsFast(): bool
    {
        return $this->fast;
    }

    public function guessesALot(): bool
    {
        return $this->guesser;
    }

    public function isMissed(LocalDate $on): bool
    {
        return isset($this->missed[$on->dayNumber - $this->firstDay]);
    }

    public function answer(Question $question, Help $help, LocalDate $on, int $alreadyAsked, Randomizer $random): array
    {
        $id = $question->stepId;
        $choices = $question->prompt->choices();
        $strength = $this->strength($id, $on->dayNumber)
            + ($this->moods[($on->dayNumber - $this->firstDay) % self::DAYS] ?? 0.0)
            - max(0, $alreadyAsked - $this->patience) * $this->tires
            + match ($help) {
                Help::Shown => 2.0,
                Help::PartDone => 1.0,
                Help::Bare => 0.0,
            };
        $right = self::unit($random) < $this->success($strength, null === $choices ? $this->guessesOpen : min(0.9, $this->guessesClosed / $choices));
        $this->practise($id, $on->dayNumber, $right ? 1.0 : 0.6);
        $outcome = match (true) {
            $right => self::unit($random) < self::logistic($strength - $this->quick) ? Outcome::AtOnce : Outcome::WorkedItOut,
            default => self::unit($random) < 0.1 + 0.8 * self::logistic($strength) ? Outcome::WithHelp : Outcome::NotYet,
        };
        if (self::unit($random) < $this->misTaps) {
            $outcome = Outcome::cases()[$random->getInt(0, 3)];
        }

        return [$outcome, null, null];
    }

    /** What comes with age, step by step, and how much of it is practice. */
    private function grow(SkillMap $map, int $months, Randomizer $r): void
    {
        $whole = self::between($r, -9.0, 9.0);
        $strands = [];
        foreach ($map->steps as $id => $step) {
            $ahead = $whole + ($strands[$step->skill->strand->value] ??= self::normal($r) * 4.0) + self::normal($r) * 3.5;
            $this->needs[$id] = array_values(array_filter($step->needs, static fn (string $need): bool => 1 !== $r->getInt(1, self::NO_NEED_ONE_IN)));
            $strength = 1.0 + ($months + $ahead - $step->reach->months) / $this->monthsALogit;
            foreach ($this->needs[$id] as $need) {
                $strength = min($strength, $this->strength($need, $this->firstDay) + self::AHEAD_OF_NEED);
            }
            $strength = min(self::STRONGEST, $strength);
            $before = max(0.0, $strength) * self::PRACTISED_BEFORE;
            $this->natural[$id] = $strength - $before;
            $this->traces[$id] = [0.0, 0.0, $before];
            $this->changedOn[$id] = $this->firstDay;
            $this->practisedOn[$id] = $this->firstDay - $r->getInt(1, 30);
            $this->neighbours[$id] = self::neighbours($map, $step);
        }
    }

    /** @return list<string> */
    private static function neighbours(SkillMap $map, Step $step): array
    {
        return array_values(array_unique([...$step->needs, ...\array_slice($map->higherReaches($step->id), 0, 1), ...$map->dependents($step->id)]));
    }

    /** Good days and bad ones, those that nobody sat down on, and a holiday. */
    private function live(Randomizer $r): void
    {
        [$bad, $misses] = [self::between($r, 0.04, 0.2), self::between($r, 0.08, 0.3)];
        for ($day = 0; $day < self::DAYS; ++$day) {
            $this->moods[] = self::unit($r) < $bad ? -self::between($r, 0.5, 2.0) : 0.0;
            if (self::unit($r) < $misses) {
                $this->missed[$day] = true;
            }
        }
        $begins = $r->getInt(5, self::HOLIDAY_BEGINS);
        for ($day = $begins, $ends = $begins + $r->getInt(4, 12); $day < $ends; ++$day) {
            $this->missed[$day] = true;
        }
    }

    private function strength(string $id, int $day): float
    {
        $traces = $this->faded($id, $day);

        return $this->natural[$id] + ($day - $this->firstDay) / self::DAYS_A_MONTH / $this->monthsALogit + $traces[0] + $traces[1] + $traces[2];
    }

    /** @return array{float, float, float} */
    private function faded(string $id, int $day): array
    {
        [$quick, $middle, $lasting] = $this->traces[$id];
        $days = max(0, $day - $this->changedOn[$id]);

        return 0 === $days ? [$quick, $middle, $lasting] : [
            $quick * 0.5 ** ($days / $this->halfLives[0]),
            $middle * 0.5 ** ($days / $this->halfLives[1]),
            $lasting * 0.5 ** ($days / $this->halfLives[2]),
        ];
    }

    /**
     * What one try adds to each trace.
     *
     * @param array{float, float, float} $already gained on the same day and not yet in the traces
     *
     * @return array{float, float, float}
     */
    private function gained(string $id, int $day, float $share, array $already = [0.0, 0.0, 0.0]): array
    {
        $weakest = 1.0;
        foreach ($this->needs[$id] as $need) {
            $weakest = min($weakest, self::logistic($this->strength($need, $day)));
        }
        // What is years ahead hardly comes by practice; what has no ground under it comes slowly.
        $share *= (0.1 + 0.9 * $weakest ** 2) * self::logistic($this->strength($id, $day) + 3.5);
        $traces = $this->faded($id, $day);
        $spaced = 0.25 + 0.75 * (1 - exp(-max(0, $day - $this->practisedOn[$id]) / $this->spacing));
        $gained = [];
        foreach ([1.0, 1.0, $spaced] as $i => $worth) {
            $gained[] = $share * $worth * $this->gains[$i] * max(0.0, 1 - ($traces[$i] + $already[$i]) / $this->most[$i]);
        }

        return [$gained[0], $gained[1], $gained[2]];
    }

    private function practise(string $id, int $day, float $share): void
    {
        $gained = $this->gained($id, $day, $share);
        $this->add($id, $day, $gained);
        foreach ($this->neighbours[$id] as $neighbour) {
            $this->add($neighbour, $day, [0.0, $this->helpsNeighbours * $gained[1], $this->helpsNeighbours * $gained[2]]);
        }
        $this->practisedOn[$id] = $day;
    }

    /** @param array{float, float, float} $gained */
    private function add(string $id, int $day, array $gained): void
    {
        $traces = $this->faded($id, $day);
        $this->traces[$id] = [$traces[0] + $gained[0], $traces[1] + $gained[1], $traces[2] + $gained[2]];
        $this->changedOn[$id] = $day;
    }

    private function success(float $strength, float $guess): float
    {
        return $guess + max(0.0, 1 - $guess - $this->slips) * self::logistic($strength);
    }

    private static function logistic(float $x): float
    {
        return 1 / (1 + exp(-$x));
    }

    private static function unit(Randomizer $random): float
    {
        return $random->getInt(0, 1_000_000_000) / 1_000_000_001;
    }

    private static function between(Randomizer $random, float $least, float $most): float
    {
        return $least + ($most - $least) * self::unit($random);
    }

    /** The sum of twelve even draws, near enough to the bell curve. */
    private static function normal(Randomizer $random): float
    {
        $sum = -6.0;
        for ($i = 0; $i < 12; ++$i) {
            $sum += self::unit($random);
        }

        return $sum;
    }
}
