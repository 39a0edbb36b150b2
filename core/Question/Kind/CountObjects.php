<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Lie;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Counting things one touch for each, however they lie. One thing is nothing to count. */
final readonly class CountObjects extends Prompt
{
    public const ASKS = ['count-them'];
    public const METHODS = [Method::CountedAll, Method::Fingers];
    public const SLIPS = [Slip::CountsFaster, Slip::Guesses, Slip::TeenOrTy];

    public function __construct(public int $n, public Lie $lie)
    {
        parent::__construct('count-them');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(2, $step->size) as $n) {
            foreach (Lie::of($n) as $lie) {
                $all[] = new self($n, $lie);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n;
    }

    public function load(): int
    {
        return 2 * $this->n + $this->lie->load();
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function sights(): array
    {
        return [
            $this->lie->sight($this->n),
            new Sight\Mix($this->n),
            new Sight\Pile($this->n),
            new Sight\Measure($this->n, false),
            new Sight\Stack($this->n),
        ];
    }
}
