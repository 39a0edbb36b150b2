<?php

declare(strict_types=1);

namespace Pindle\Core\FirstLook;

use Pindle\Core\Skill\SkillMap;
use Random\Randomizer;

/** A short run of tiny tasks that places a child on the map. It may stop at any time and go on another day: it follows from its answers. */
final readonly class FirstLook implements Look
{
    public const MOST_TASKS = 12;

    /** Between these the look says that it is not sure. */
    public const UNSURE_FROM = 0.2;
    public const UNSURE_TO = 0.8;

    /** What is as likely as this is easy, and not so sure that it tells nothing. */
    public const EASY_FROM = 0.85;
    public const EASY_TO = 0.98;

    /** So many in a row that did not go are enough. */
    private const RUNNING = 3;

    /**
     * A child younger than so many months has fewer tasks, and meets an easy one whenever under so large a share of those before went well; where
     * nothing is easy, the easiest.
     */
    public const YOUNG = 42;
    public const MOST_WHEN_YOUNG = 8;
    public const WELL_WHEN_YOUNG = 0.65;

    /** So many of the least certain steps are weighed for the next task. */
    private const WEIGHED = 24;

    /** @param list<Answer> $answers */
    private function __construct(private SkillMap $map, private Belief $belief, private array $answers, private bool $isYoung)
    {
    }

    /**
     * @param list<string> $canAlready ids of steps the parent says are there
     * @param list<Answer> $answers    in the order they were given
     */
    public static function of(SkillMap $map, ?int $months, array $canAlready, array $answers, Randomizer $random): self
    {
        $look = new self($map, Belief::start($map, $months, $canAlready, $random), [], null !== $months && $months < self::YOUNG);
        foreach ($answers as $answer) {
            $look = $look->with($answer, $random);
        }

        return $look;
    }

    public function with(Answer $answer, Randomizer $random): self
    {
        return new self($this->map, $this->belief->after($answer, $this->map, $random), [...$this->answers, $answer], $this->isYoung);
    }

    /**
     * The step whose answer is expected to tell most about the whole map; null when the look is over.
     *
     * @param list<string> $askable ids of steps that can be asked with what is at hand
     */
    public function next(array $askable): ?string
    {
        if (\count($this->answers) >= $this->most() || $this->isEnough()) {
            return null;
        }
        $asked = $this->notAgain();
        $chances = array_intersect_key($this->belief->chances(), array_flip(array_diff($askable, $asked)));
        $chances = $this->wantsEasy() ? self::easy($chances) : $chances;
        uasort($chances, static fn (float $a, float $b): int => abs($a - 0.5) <=> abs($b - 0.5));
        $best = null;
        $most = 0.0;
        foreach (array_keys(\array_slice($chances, 0, self::WEIGHED)) as $stepId) {
            $tells = $this->belief->tells($stepId);
            if ($tells > $most) {
                [$best, $most] = [$stepId, $tells];
            }
        }

        return $best;
    }

    /** Whether the last three tasks did not go: then an easy one comes, and the parent may well stop. */
    public function isHard(): bool
    {
        $last = \array_slice($this->answers, -self::RUNNING);

        return self::RUNNING === \count($last) && [] === array_filter($last, static fn (Answer $answer): bool => $answer->outcome->isSuccess());
    }

    /** It begins with something easy, and ends on a success. */
    private function wantsEasy(): bool
    {
        $last = $this->answers[\count($this->answers) - 1] ?? null;

        return null === $last
            || $this->isHard()
            || ($this->isYoung && $this->wentWell() < self::WELL_WHEN_YOUNG * \count($this->answers))
            || ($this->most() - 1 === \count($this->answers) && !$last->outcome->isSuccess());
    }

    /** A small child for whom not even the easy one went after three that did not is left in peace for today. */
    private function isEnough(): bool
    {
        $last = \array_slice($this->answers, -self::RUNNING - 1);

        return $this->isYoung
            && \count($last) > self::RUNNING
            && [] === array_filter($last, static fn (Answer $answer): bool => $answer->outcome->isSuccess());
    }

    /** How many tasks there are at most. */
    public function most(): int
    {
        return $this->isYoung ? self::MOST_WHEN_YOUNG : self::MOST_TASKS;
    }

    /** @return list<string> steps that are not asked about again: all that were, but where something easy is wanted what went well may come once more */
    private function notAgain(): array
    {
        $last = $this->answers[\count($this->answers) - 1] ?? null;
        $again = $this->wantsEasy()
            ? array_filter($this->answers, static fn (Answer $answer): bool => !$answer->outcome->isSuccess() || $answer === $last)
            : $this->answers;

        return array_values(array_map(static fn (Answer $answer): string => $answer->stepId, $again));
    }

    private function wentWell(): int
    {
        return \count(array_filter($this->answers, static fn (Answer $answer): bool => $answer->outcome->isSuccess()));
    }

    /**
     * @param array<string, float> $chances by step id
     *
     * @return array<string, float> those that are easy and not quite sure; where there are none, the easiest
     */
    private static function easy(array $chances): array
    {
        $easy = array_filter($chances, static fn (float $chance): bool => $chance >= self::EASY_FROM && $chance <= self::EASY_TO);
        if ([] === $easy) {
            arsort($chances);
            $easy = \array_slice($chances, 0, 1, true);
        }

        return $easy;
    }

    /** @return array<string, float> step id => chance that it is known: the prior of every step */
    public function chances(): array
    {
        return $this->belief->chances();
    }

    public function tasks(): int
    {
        return \count($this->answers);
    }
}
