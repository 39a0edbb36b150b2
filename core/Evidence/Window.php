<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Child\SecureRule;

/** The last attempts at a step in full, and of all of them how many there were and what was asked. */
final readonly class Window
{
    /** A step is stuck when, of at least so many attempts in the window, at most one in so many went without help. */
    private const STUCK_ATTEMPTS = 8;
    private const STUCK_ONE_IN = 4;

    /**
     * @param list<Attempt>                                 $attempts     the last ones, oldest first, at most SecureRule::LONGEST_WINDOW
     * @param int                                           $count        how many there ever were, at least those
     * @param array<string, array{seen: int, unaided: int}> $questions    what was asked, by question key
     * @param string|null                                   $firstSitting id of the sitting in which it was first tried
     *
     * @throws InvalidEvidence when there are more attempts than a window holds, or more than there ever were
     */
    public function __construct(public array $attempts = [], public int $count = 0, public array $questions = [], public ?string $firstSitting = null)
    {
        if (\count($attempts) > min($count, SecureRule::LONGEST_WINDOW)) {
            throw InvalidEvidence::count($count);
        }
    }

    public function with(Attempt $attempt): self
    {
        $asked = $this->questions[$attempt->question] ?? ['seen' => 0, 'unaided' => 0];
        $questions = $this->questions;
        $questions[$attempt->question] = ['seen' => $asked['seen'] + 1, 'unaided' => $asked['unaided'] + ($attempt->isUnaided() ? 1 : 0)];

        return new self(
            [...\array_slice($this->attempts, 1 - SecureRule::LONGEST_WINDOW), $attempt],
            $this->count + 1,
            $questions,
            $this->firstSitting ?? $attempt->sittingId,
        );
    }

    /** The same past, with nothing of it in the window. */
    public function emptied(): self
    {
        return new self([], $this->count, $this->questions, $this->firstSitting);
    }

    public function last(): ?Attempt
    {
        return [] === $this->attempts ? null : $this->attempts[\count($this->attempts) - 1];
    }

    /** Whether the last attempt was right without help. */
    public function endsWell(): bool
    {
        return $this->last()?->isUnaided() ?? false;
    }

    /** Whether the last two, or the only one, were right without help. */
    public function endsWellTwice(): bool
    {
        $beforeLast = $this->attempts[\count($this->attempts) - 2] ?? $this->last();

        return $this->endsWell() && ($beforeLast?->isUnaided() ?? false);
    }

    /** Two running that were not unaided: what was Secure is not any more. */
    public function endsBadlyTwice(): bool
    {
        $last = \array_slice($this->attempts, -2);

        return 2 === \count($last) && !$last[0]->isUnaided() && !$last[1]->isUnaided();
    }

    /** @return list<Attempt> those that a rule looks at */
    public function of(SecureRule $rule): array
    {
        return \array_slice($this->attempts, -$rule->window());
    }

    /** Unaided successes in the window of a rule. */
    public function unaidedIn(SecureRule $rule): int
    {
        return \count(array_filter($this->of($rule), static fn (Attempt $attempt): bool => $attempt->isUnaided()));
    }

    /** Whether under half of the last sitting's attempts were unaided, so that the next one asks smaller. */
    public function wentHard(): bool
    {
        $last = array_filter($this->attempts, fn (Attempt $attempt): bool => $attempt->sittingId === $this->last()?->sittingId);
        $unaided = array_filter($last, static fn (Attempt $attempt): bool => $attempt->isUnaided());

        return 2 * \count($unaided) < \count($last);
    }

    /** Whether hardly any of many attempts went without help: something it stands on may be missing. */
    public function isStuck(): bool
    {
        $count = \count($this->attempts);

        return $count >= self::STUCK_ATTEMPTS && self::STUCK_ONE_IN * $this->unaidedIn(SecureRule::Thorough) <= $count;
    }

    /** @return float how many of the attempts were made with an activity, 0 to 1 */
    public function shareWith(string $activityId): float
    {
        $with = array_filter($this->attempts, static fn (Attempt $attempt): bool => $attempt->activityId === $activityId);

        return [] === $this->attempts ? 0.0 : \count($with) / \count($this->attempts);
    }
}
