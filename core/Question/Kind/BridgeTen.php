<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Sums of two numbers below ten that go over it. */
final readonly class BridgeTen extends Prompt
{
    public const ASKS = ['bridge-ten'];
    public const METHODS = [Method::ThroughTen, Method::CountedOn, Method::Fingers, Method::ThroughFives, Method::CountedAll];
    public const SLIPS = [Slip::CountsTheStart, Slip::Fingers, Slip::CountsAllAgain, Slip::TeenOrTy];

    public function __construct(public int $a, public int $b)
    {
        parent::__construct('bridge-ten');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(2, 9) as $a) {
            foreach (range(11 - $a, 9) as $b) {
                $all[] = new self($a, $b);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->a + $this->b;
    }

    /** Whether both parts are five or more: only then does the way through fives go. */
    public static function areFives(int $one, int $other): bool
    {
        return min($one, $other) >= 5;
    }

    public function values(): array
    {
        return parent::values() + ['fives' => self::areFives($this->a, $this->b) ? 'yes' : 'no'];
    }

    public function load(): int
    {
        return $this->a + $this->b + (10 - $this->a);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b, $this->a, $this->b);
    }

    public function isDouble(): bool
    {
        return $this->a === $this->b;
    }

    public function kinds(): int
    {
        return 2;
    }

    public function sights(): array
    {
        return [
            new Sight\Bridge($this->a, $this->b),
            new Sight\Cards([(string) $this->a, '+', (string) $this->b, '=', '']),
            new Sight\Hops($this->a, $this->b),
        ];
    }
}
