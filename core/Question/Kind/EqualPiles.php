<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Piles of the same. The step says how many `each` pile may have. */
final readonly class EqualPiles extends Prompt
{
    public const ASKS = ['equal-piles'];
    public const METHODS = [Method::CountedOn, Method::KnownFact, Method::CountedAll, Method::SawIt];
    public const SLIPS = [Slip::CountsFaster, Slip::Recounts, Slip::CountsAllAgain];

    public function __construct(public int $piles, public int $each)
    {
        parent::__construct('equal-piles');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach ($step->variant->ints('each') as $each) {
            foreach (range(2, intdiv($step->size, $each)) as $piles) {
                $all[] = new self($piles, $each);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->piles * $this->each;
    }

    public function load(): int
    {
        return $this->piles + $this->each;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->piles * $this->each);
    }

    public function sights(): array
    {
        return [
            new Sight\Piles($this->piles, $this->each),
            new Sight\Cards(array_fill(0, $this->piles, (string) $this->each)),
        ];
    }
}
