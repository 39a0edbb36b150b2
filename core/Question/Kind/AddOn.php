<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** On from a hidden group by a few more; the first is the larger, for going on is shorter that way. */
final readonly class AddOn extends Prompt
{
    public const ASKS = ['add-on'];
    public const METHODS = [Method::SawIt, Method::CountedOn, Method::CountedAll, Method::KnownFact, Method::ThroughTen, Method::ThroughFives];
    public const SLIPS = [Slip::CountsAllAgain, Slip::Recounts, Slip::Fingers, Slip::Guesses, Slip::CountsTheStart];

    public function __construct(public int $a, public int $b)
    {
        parent::__construct('add-on');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(2, $step->size - 1) as $a) {
            foreach (range(1, min(5, $step->size - $a)) as $b) {
                $all[] = new self($a, $b);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->a + $this->b;
    }

    public function load(): int
    {
        return $this->a + 3 * $this->b;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b, $this->a, $this->b);
    }

    public function isDouble(): bool
    {
        return $this->a === $this->b;
    }

    public function sights(): array
    {
        return [
            new Sight\Cloth($this->a, $this->b),
            new Sight\Cards([(string) $this->a, '+', (string) $this->b, '=', '']),
            new Sight\Bowls($this->a, $this->b),
            new Sight\Hops($this->a, $this->b),
        ];
    }
}
