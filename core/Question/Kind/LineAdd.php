<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Hops on along a line, the start not counted. */
final readonly class LineAdd extends Prompt
{
    public const ASKS = ['hop-on'];
    public const METHODS = [Method::CountedOn, Method::SawIt, Method::KnownFact];
    public const SLIPS = [Slip::CountsTheStart];

    public function __construct(public int $a, public int $b)
    {
        parent::__construct('hop-on');
    }

    public static function all(Step $step): array
    {
        return array_values(array_map(
            static fn (array $parts): self => new self($parts[0], $parts[1]),
            array_filter(self::sums($step->size), static fn (array $parts): bool => $parts[1] > 0),
        ));
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

    public function isDouble(): bool
    {
        return $this->a === $this->b;
    }

    public function sights(): array
    {
        return [new Sight\Hops($this->a, $this->b), new Sight\Cards([(string) $this->a, '+', (string) $this->b, '=', ''])];
    }
}
