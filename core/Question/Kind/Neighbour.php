<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** One more and one fewer, without counting again. */
final readonly class Neighbour extends Prompt
{
    public const ASKS = ['one-more', 'one-fewer'];
    public const METHODS = [Method::CountedAll, Method::SawIt, Method::Fingers, Method::KnownFact, Method::CountedOn];
    public const SLIPS = [Slip::Recounts, Slip::LeavesOneOutBack, Slip::Guesses];

    public function __construct(string $ask, public int $n)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        return [
            ...array_map(static fn (int $n): self => new self('one-more', $n), range(1, max(1, $step->size - 1))),
            ...array_map(static fn (int $n): self => new self('one-fewer', $n), range(1, $step->size)),
        ];
    }

    public function answer(): int
    {
        return 'one-more' === $this->ask ? $this->n + 1 : $this->n - 1;
    }

    public function load(): int
    {
        return $this->n;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function sights(): array
    {
        $more = 'one-more' === $this->ask;
        $n = (string) $this->n;

        return [
            new Sight\Scatter($this->n),
            new Sight\Track($this->n, $more ? $this->n + 3 : max(0, $this->n - 3)),
            new Sight\Cards($more ? [$n, ''] : ['', $n]),
            new Sight\Row($this->n),
        ];
    }
}
