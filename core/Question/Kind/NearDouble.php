<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** One off a double, either way round. */
final readonly class NearDouble extends Prompt
{
    public const ASKS = ['near-double'];
    public const METHODS = [Method::KnownFact, Method::CountedOn, Method::Fingers, Method::SawIt, Method::ThroughTen, Method::ThroughFives];
    public const SLIPS = [Slip::Fingers, Slip::Recounts, Slip::CountsAllAgain];

    public function __construct(public int $a, public int $b)
    {
        parent::__construct('near-double');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(2, intdiv($step->size, 2) - 1) as $a) {
            array_push($all, new self($a, $a + 1), new self($a + 1, $a));
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->a + $this->b;
    }

    public function load(): int
    {
        return $this->a;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b, $this->a, $this->b);
    }

    public function values(): array
    {
        return parent::values() + ['double' => min($this->a, $this->b)];
    }

    public function sights(): array
    {
        return [
            new Sight\Mirror($this->a, $this->b, true),
            new Sight\Cards([(string) $this->a, '+', (string) $this->b, '=', '']),
            new Sight\Bowls($this->a, $this->b),
        ];
    }
}
