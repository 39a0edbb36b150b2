<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Which one is third, and in which place is this one. */
final readonly class WhichPlace extends Prompt
{
    public const ASKS = ['which-is-at', 'say-place'];
    public const METHODS = [Method::SawIt, Method::CountedAll];
    public const SLIPS = [Slip::CountsFaster];

    public function __construct(string $ask, public int $n, public int $k)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(3, $step->size) as $n) {
            foreach (range(1, $n) as $k) {
                $all[] = new self(0 === ($n + $k) % 2 ? 'which-is-at' : 'say-place', $n, $k);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->k;
    }

    /** The ends are easier than the middle. */
    public function load(): int
    {
        return $this->n + min($this->k, $this->n - $this->k);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function sights(): array
    {
        return [new Sight\Marked($this->n, 'say-place' === $this->ask ? $this->k : null)];
    }
}
