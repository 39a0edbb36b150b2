<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Comparison;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Two amounts, near, far and equal: which has more; then made the same, and one more than the other (b is 0 there). */
final readonly class Compare extends Prompt
{
    public const ASKS = ['which-more', 'make-same', 'make-more'];
    public const METHODS = [Method::SawIt, Method::CountedAll, Method::KnownFact];
    public const SLIPS = [Slip::JudgesBySize, Slip::CountsFaster];

    public function __construct(string $ask, public int $a, public int $b)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $reach = $step->size;
        $all = [];
        foreach (range(1, $reach) as $a) {
            foreach (range(1, $reach) as $b) {
                if (abs($a - $b) > 3 && abs($a - $b) < $reach - 3) {
                    continue;
                }
                $all[] = new self('which-more', $a, $b);
                if ($b < $a) {
                    $all[] = new self('make-same', $a, $b);
                }
            }
            if ($a < $reach) {
                $all[] = new self('make-more', $a, 0);
            }
        }

        return $all;
    }

    public function answer(): int|Comparison
    {
        return match ($this->ask) {
            'which-more' => Comparison::of($this->a, $this->b),
            'make-same' => $this->a - $this->b,
            default => $this->a + 1,
        };
    }

    public function choices(): ?int
    {
        return 'which-more' === $this->ask ? 3 : null;
    }

    /** One apart is harder to see than far apart. */
    public function load(): int
    {
        return max($this->a, $this->b) + ('make-more' !== $this->ask && 1 === abs($this->a - $this->b) ? 2 : 0);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b, $this->a, 'make-more' === $this->ask ? $this->a + 2 : $this->b);
    }

    public function isDouble(): bool
    {
        return $this->a === $this->b;
    }

    public function compares(): bool
    {
        return 'which-more' === $this->ask;
    }

    public function kinds(): int
    {
        return 2;
    }

    public function sights(): array
    {
        return [new Sight\Pairs($this->a, $this->b), new Sight\Balance($this->a, $this->b)];
    }
}
