<?php

declare(strict_types=1);

namespace Pindle\Core\FirstLook;

use Pindle\Core\Skill\SkillMap;
use Random\Randomizer;

/** A short run of tiny tasks that places a child on the map. It may stop at any time and go on another day: it follows from its answers. */
final readonly class FirstLook
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

    /** So many of the least certain steps are weighed for the next task. */
    private const WEIGHED = 24;

    /** @param list<Answer> $answers */
    private function __construct(private SkillMap $map, private Belief $belief, private array $answers)
    {
    }

    /**
     * @param list<string> $canAlready ids of steps the parent says are there
     * @param list<Answer> $answers    in the order they were given
     */
    public static function of(SkillMap $map, ?int $months, array $canAlready, array $answers, Randomizer $random): self
    {
        $look = new self($map, Belief::start($map, $months, $canAlready, $random), []);
        foreach ($answers as $answer) {
            $look = $look->with($answer, $random);
        }

        return $look;
    }

    public function with(Answer $answer, Randomizer $random): self
    {
        return new self($this->map, $this->belief->after($answer, $this->map, $random), [...$this->answers, $answer]);
    }

    /**
     * The step whose answer is expected to tell most about the whole map; null when the look is over.
     *
     * @param list<string> $askable ids of steps that can be asked with what is at hand
     */
    public function next(array $askable): ?string
    {
        if (\count($this->answers) >= self::MOST_TASKS) {
            return null;
        }
        $asked = array_map(static fn (Answer $answer): string => $answer->stepId, $this->answers);
        $chances = array_intersect_key($this->belief->chances(), array_flip(array_diff($askable, $asked)));
        $easy = $this->wantsEasy() ? array_filter($chances, static fn (float $chance): bool => $chance >= self::EASY_FROM && $chance <= self::EASY_TO) : [];
        $chances = $easy ?: $chances;
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

        return null === $last || $this->isHard() || (self::MOST_TASKS - 1 === \count($this->answers) && !$last->outcome->isSuccess());
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
