<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Nothing added, before or after; now and then one, so that it has to be looked at. */
final readonly class AddZero extends Prompt
{
    public const ASKS = ['add-zero'];
    public const METHODS = [Method::CountedAll, Method::SawIt, Method::KnownFact];
    public const SLIPS = [Slip::MixesAddAndTake, Slip::Recounts];

    public function __construct(public int $a, public int $b)
    {
        parent::__construct('add-zero');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(1, 9) as $n) {
            array_push($all, new self($n, 0), new self(0, $n), new self($n, 1));
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->a + $this->b;
    }

    public function load(): int
    {
        return 0 === $this->a ? $this->b + 3 : $this->a + $this->b;
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
            new Sight\Bowls($this->a, $this->b, true),
            new Sight\Cards([(string) $this->a, '+', (string) $this->b, '=', '']),
            new Sight\Hops($this->a, $this->b),
            new Sight\Cloth($this->a, $this->b),
        ];
    }
}
