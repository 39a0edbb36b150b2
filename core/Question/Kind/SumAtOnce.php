<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Sums to be known. */
final readonly class SumAtOnce extends Prompt
{
    public const ASKS = ['sum-at-once'];
    public const METHODS = [Method::KnownFact, Method::CountedOn, Method::Fingers, Method::SawIt, Method::CountedAll, Method::ThroughTen, Method::ThroughFives];
    public const SLIPS = [Slip::Fingers, Slip::MixesAddAndTake, Slip::CountsAllAgain];

    public function __construct(public int $a, public int $b)
    {
        parent::__construct('sum-at-once');
    }

    public static function all(Step $step): array
    {
        return array_map(static fn (array $parts): self => new self($parts[0], $parts[1]), self::sums($step->size));
    }

    public function answer(): int
    {
        return $this->a + $this->b;
    }

    public function load(): int
    {
        return $this->a + $this->b;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b, $this->a, $this->b);
    }

    public function hasNought(): bool
    {
        return 0 === $this->a || 0 === $this->b;
    }

    public function isDouble(): bool
    {
        return $this->a === $this->b;
    }

    public function sights(): array
    {
        return [
            new Sight\Bowls($this->a, $this->b),
            new Sight\Cards([(string) $this->a, '+', (string) $this->b, '=', '']),
            new Sight\Hops($this->a, $this->b),
            new Sight\Cloth($this->a, $this->b),
        ];
    }
}
