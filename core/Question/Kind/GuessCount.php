<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Pots to guess at: four or five amounts that are clearly different, and one of other things whose size misleads. */
final readonly class GuessCount extends Prompt
{
    public const ASKS = ['guess-count', 'guess-others'];
    public const METHODS = [Method::SawIt, Method::CountedOn, Method::CountedAll];
    public const SLIPS = [Slip::Guesses, Slip::JudgesBySize];

    /** What is in the pots, in hundredths of the reach: each holds a quarter more than the one before, or more. */
    private const FILLS = [25, 40, 60, 80, 100];

    public function __construct(string $ask, public int $n)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $amounts = array_values(array_unique(array_map(
            static fn (int $fill): int => max(3, (int) round($step->size * $fill / 100)),
            self::FILLS,
        )));

        return [
            ...array_map(static fn (int $n): self => new self('guess-count', $n), $amounts),
            // As many as in a pot in the middle, of the other things: it looks like more, or like fewer.
            new self('guess-others', $amounts[intdiv(\count($amounts), 2)]),
        ];
    }

    public function answer(): int
    {
        return $this->n;
    }

    public function load(): int
    {
        return 2 * $this->n + ($this->isOfOthers() ? 1 : 0);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n, $this->isOfOthers() ? 0 : $this->n, $this->isOfOthers() ? $this->n : 0);
    }

    public function isOfOthers(): bool
    {
        return 'guess-others' === $this->ask;
    }

    public function isGuess(): bool
    {
        return true;
    }

    public function sights(): array
    {
        return [new Sight\Jar($this->n, $this->isOfOthers())];
    }
}
