<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Three piles from one edge: which is longest, how many, how many more. */
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
        foreach (range(2, $step->size) as $a) {
            foreach ([1, 2, 3] as $less) {
                if ($a > $less) {
                    foreach (self::ASKS as $ask) {
                        $all[] = new self($ask, $a, $a - $less, max(0, $a - $less - 1));
                    }
                }
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return match ($this->ask) {
            'chart-most' => $this->a,
            'chart-how-many' => $this->b,
            default => $this->a - $this->b,
        };
    }

    public function choices(): ?int
    {
        return 'chart-most' === $this->ask ? 3 : null;
    }

    public function load(): int
    {
        return $this->a + (int) array_search($this->ask, self::ASKS, true);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b, $this->a, $this->b);
    }

    public function sights(): array
    {
        return [new Sight\Chart($this->a, $this->b, $this->c)];
    }
}
