<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** How many more one has than the other. */
final readonly class Difference extends Prompt
{
    public const ASKS = ['how-many-more'];
    public const METHODS = [Method::CountedOn, Method::SawIt, Method::KnownFact, Method::CountedAll, Method::Fingers];
    public const SLIPS = [Slip::CountsTheStart, Slip::Fingers, Slip::Guesses, Slip::JudgesBySize];

    public function __construct(public int $a, public int $b)
    {
        parent::__construct('how-many-more');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(1, $step->size) as $a) {
            foreach (range(max(0, $a - 6), $a) as $b) {
                $all[] = new self($a, $b);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->a - $this->b;
    }

    public function load(): int
    {
        return $this->a + ($this->a - $this->b);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b, $this->a, $this->b);
    }

    public function isDouble(): bool
    {
        return $this->a === $this->b;
    }

    public function compares(): bool
    {
        return true;
    }

    public function sights(): array
    {
        return [new Sight\Pairs($this->a, $this->b), new Sight\Cards([(string) $this->a, (string) $this->b])];
    }
}
