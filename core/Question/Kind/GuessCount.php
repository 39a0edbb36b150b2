<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Amounts worth a guess before they are counted. */
final readonly class GuessCount extends Prompt
{
    public const ASKS = ['guess-count'];
    public const METHODS = [Method::SawIt, Method::CountedOn, Method::CountedAll];
    public const SLIPS = [Slip::Guesses, Slip::JudgesBySize];

    public function __construct(public int $n)
    {
        parent::__construct('guess-count');
    }

    public static function all(Step $step): array
    {
        return array_map(static fn (int $n): self => new self($n), range(max(4, intdiv($step->size, 4)), $step->size));
    }

    public function answer(): int
    {
        return $this->n;
    }

    public function load(): int
    {
        return $this->n;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function isGuess(): bool
    {
        return true;
    }

    public function sights(): array
    {
        return [new Sight\Jar($this->n)];
    }
}
