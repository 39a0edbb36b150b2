<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Counting in equal steps from one multiple to another. The step says `by` and `last`. */
final readonly class CountIn extends Prompt
{
    public const ASKS = ['count-in'];
    public const METHODS = [Method::KnownFact, Method::CountedOn];
    public const SLIPS = [Slip::LeavesOneOutBack, Slip::CountsFaster, Slip::TeenOrTy];

    public function __construct(public int $by, public int $from, public int $to)
    {
        parent::__construct('count-in');
    }

    public static function all(Step $step): array
    {
        [$by, $last] = [$step->variant->int('by'), $step->variant->int('last')];
        $all = [];
        foreach (range(0, intdiv($last, $by) - 3) as $start) {
            // Three or five on; near the end both stop at the last number.
            foreach (array_unique([($start + 3) * $by, min($last, ($start + 5) * $by)]) as $to) {
                $all[] = new self($by, $start * $by, $to);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->to;
    }

    public function load(): int
    {
        return intdiv($this->to, $this->by);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->to);
    }

    public function sights(): array
    {
        return [new Sight\Track($this->from, $this->to, $this->by)];
    }
}
