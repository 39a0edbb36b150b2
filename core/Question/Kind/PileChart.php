<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Two or three piles from one edge: which is longest, how many in the second, how many more in the first than in the second. */
final readonly class PileChart extends Prompt
{
    public const ASKS = ['chart-most', 'chart-how-many', 'chart-more'];
    public const METHODS = [Method::SawIt, Method::CountedAll];
    public const SLIPS = [Slip::ChangesTheRule, Slip::JudgesBySize];

    public function __construct(string $ask, public int $a, public int $b, public int $c)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(2, $step->size) as $most) {
            foreach (range(1, min(3, $most - 1)) as $less) {
                $piles = [$most, $most - $less, $most - $less - 1];
                // Which pile is the longest moves about; an empty one is no pile, so then there are two.
                $turn = 0 === $piles[2] ? 0 : ($most + $less) % 3;
                $all[] = new self('chart-more', ...$piles);
                foreach (['chart-most', 'chart-how-many'] as $ask) {
                    $all[] = new self($ask, ...[...\array_slice($piles, $turn), ...\array_slice($piles, 0, $turn)]);
                }
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return match ($this->ask) {
            'chart-most' => max($this->a, $this->b, $this->c),
            'chart-how-many' => $this->b,
            default => $this->a - $this->b,
        };
    }

    public function choices(): ?int
    {
        return 'chart-most' === $this->ask ? ($this->c > 0 ? 3 : 2) : null;
    }

    public function load(): int
    {
        return max($this->a, $this->b, $this->c) + (int) array_search($this->ask, self::ASKS, true);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b + $this->c, $this->a, $this->b, $this->c);
    }

    public function kinds(): int
    {
        return $this->c > 0 ? 3 : 2;
    }

    public function sights(): array
    {
        return [new Sight\Chart($this->a, $this->b, $this->c)];
    }
}
