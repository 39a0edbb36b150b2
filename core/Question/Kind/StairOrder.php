<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Stairs built up to a number, and the stair that comes next. */
final readonly class StairOrder extends Prompt
{
    public const ASKS = ['stair-build', 'stair-next'];
    public const METHODS = [Method::KnownFact, Method::CountedOn, Method::CountedAll, Method::SawIt];
    public const SLIPS = [Slip::LeavesOneOutBack, Slip::CountsFaster];

    public function __construct(string $ask, public int $n)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        return [
            ...array_map(static fn (int $n): self => new self('stair-build', $n), range(3, $step->size)),
            ...array_map(static fn (int $n): self => new self('stair-next', $n), range(1, $step->size - 1)),
        ];
    }

    public function answer(): int
    {
        return 'stair-build' === $this->ask ? $this->n : $this->n + 1;
    }

    public function load(): int
    {
        return 'stair-build' === $this->ask ? 2 * $this->n : $this->n;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function sights(): array
    {
        return 'stair-next' === $this->ask
            ? [new Sight\Stairs(max(1, $this->n), true), new Sight\Cards([(string) $this->n, ''])]
            : [new Sight\Stairs(max(2, $this->n), false), new Sight\Cards(array_map(strval(...), range(1, min(10, $this->n))), true)];
    }
}
