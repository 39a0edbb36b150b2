<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Skill\Step;

/**
 * One thing that can be asked: what, with which numbers, and what the answer is. Each kind of question is one class in Kind/: every
 * prompt of a step, all inside the reach, all solvable, nothing below zero; closed or open; the pictures that can show it; the ways there
 * and the slips that can happen.
 */
abstract readonly class Prompt
{
    /** @var list<string> the questions of this kind, by the names their words have in content */
    public const ASKS = [];

    /** @var list<Method> ways to the answer that can happen */
    public const METHODS = [];

    /** @var list<Slip> what can go wrong on the way */
    public const SLIPS = [];

    /**
     * Ways to the answer that can happen at a step: through the ten, or through fives, only where there is a ten to go over.
     *
     * @return list<Method>
     */
    public static function methodsAt(Step $step): array
    {
        return array_values(array_filter(
            static::METHODS,
            static fn (Method $method): bool => $step->size > 10 || !\in_array($method, [Method::ThroughTen, Method::ThroughFives], true),
        ));
    }

    /**
     * What can go wrong on the way at a step: a -teen is mixed with a -ty only where there are teens, whole and part only where there is a sentence
     * or a bond, and everything is counted again only where it is wanted to count on.
     *
     * @return list<Slip>
     */
    public static function slipsAt(Step $step): array
    {
        return array_values(array_filter(static::SLIPS, static fn (Slip $slip): bool => match ($slip) {
            Slip::TeenOrTy => $step->size >= 13,
            Slip::CountsAllAgain => !\in_array($step->skill->id, self::COUNTS_ALL, true),
            Slip::SwapsWholeAndPart => !\in_array($step->skill->id, self::WITHOUT_SENTENCE, true),
            default => true,
        }));
    }

    /** Skills at which counting all of it from one is the way, and such at which there is neither sentence nor bond. */
    private const COUNTS_ALL = ['put-together', 'split-small', 'five-frame', 'ten-frame', 'see-at-once'];
    private const WITHOUT_SENTENCE = ['take-away'];

    /** Questions that are answered by doing or saying something. */
    private const DONE_OR_SAID = '/^(story|stage|half-how|half-thing|split-it|say|count-in|give|do|stair-build|make|build|balance-to|form)-?/';

    /** An answer is open when guessing would be right at most once in so many times. */
    public const OPEN_FROM_CHOICES = 5;

    /** @throws UnknownQuestion when the kind has no such question */
    public function __construct(public string $ask)
    {
        if (!\in_array($ask, static::ASKS, true)) {
            throw UnknownQuestion::ask(static::class, $ask);
        }
    }

    /**
     * Everything of this kind that can be asked at a step, in no particular order.
     *
     * @return list<static>
     *
     * @throws \Pindle\Core\Skill\MissingVariant when the step does not say what the kind must know of it
     */
    abstract public static function all(Step $step): array;

    abstract public function answer(): int|string|\BackedEnum;

    /** How hard the numbers are, for sorting within one step; any whole number. */
    abstract public function load(): int;

    /** @return non-empty-list<Sight> what can be shown of it, the usual one first */
    abstract public function sights(): array;

    /** How many answers are laid before the child, 2 and up; null when anything may be said, built or written. */
    public function choices(): ?int
    {
        return null;
    }

    /** Whether a number is the answer, so that it can be laid, written or ringed: not where a story or a sign is only said or acted. */
    public function isAnsweredByNumber(): bool
    {
        return \is_int($this->answer()) && 1 !== preg_match(self::DONE_OR_SAID, $this->ask);
    }

    /** How many kinds of things it speaks of, 1 and up. */
    public function kinds(): int
    {
        return 1;
    }

    /** What things are counted out by. */
    public function amounts(): Amounts
    {
        return new Amounts(0);
    }

    /** The step that must be there before this is asked, besides what the whole step needs. */
    public function needs(): ?string
    {
        return null;
    }

    public function isOpen(): bool
    {
        return null === $this->choices() || $this->choices() >= self::OPEN_FROM_CHOICES;
    }

    /** Whether one of its parts is nought, so that it is worth a question of its own. */
    public function hasNought(): bool
    {
        return false;
    }

    public function isDouble(): bool
    {
        return false;
    }

    /** Whether two amounts are compared, so that equal ones are worth a question of their own. */
    public function compares(): bool
    {
        return false;
    }

    /** Whether an amount is guessed before it is counted; the outcome follows from how far off the guess was. */
    public function isGuess(): bool
    {
        return false;
    }

    /** @return array<string, int|string|\BackedEnum|null> its numbers by name */
    public function numbers(): array
    {
        /** @var array<string, int|string|\BackedEnum|null> $numbers */
        $numbers = get_object_vars($this);
        unset($numbers['ask']);

        return array_filter($numbers, static fn (mixed $number): bool => null !== $number);
    }

    /** @return array<string, int|string|\BackedEnum|null> what its sentences are filled with */
    public function values(): array
    {
        return $this->numbers() + ['answer' => $this->answer()];
    }

    /** The same for the same question, for ever: records refer to it. */
    final public function key(): string
    {
        return Once::key($this, fn (): string => $this->ask.':'.implode(
            ',',
            array_map(static fn (mixed $number): string => (string) ($number instanceof \BackedEnum ? $number->value : $number), $this->numbers()),
        ));
    }

    /**
     * Two parts from 0 to 10 with a sum of 1 to the reach.
     *
     * @return list<array{int, int}>
     */
    protected static function sums(int $reach): array
    {
        $sums = [];
        foreach (range(0, min(10, $reach)) as $a) {
            foreach (range(0, min(10, $reach - $a)) as $b) {
                if ($a + $b > 0) {
                    $sums[] = [$a, $b];
                }
            }
        }

        return $sums;
    }

    /**
     * A whole from 1 to the reach and what goes from it, 0 to 10 and all of it.
     *
     * @return list<array{int, int}>
     */
    protected static function differences(int $reach): array
    {
        $differences = [];
        foreach (range(1, $reach) as $n) {
            foreach (range(0, min(10, $n)) as $gone) {
                $differences[] = [$n, $gone];
            }
        }

        return $differences;
    }
}
