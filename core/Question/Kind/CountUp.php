<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** How far it is up to the larger number; near ones are easier. */
final readonly class CountUp extends Prompt
{
    public const ASKS = ['count-up'];
    public const METHODS = [Method::CountedOn, Method::SawIt, Method::KnownFact, Method::CountedAll];
    public const SLIPS = [Slip::CountsTheStart, Slip::Fingers, Slip::MixesAddAndTake, Slip::SwapsWholeAndPart, Slip::CountsAllAgain];

    public function __construct(public int $n, public int $a)
    {
        parent::__construct('count-up');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(2, $step->size) as $n) {
            foreach (range(max(0, $n - 5), $n) as $a) {
                $all[] = new self($n, $a);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n - $this->a;
    }

    public function load(): int
    {
        return $this->n + 2 * ($this->n - $this->a);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n, $this->a);
    }

    public function hasNought(): bool
    {
        return 0 === $this->a;
    }

    public function sights(): array
    {
        return [
            new Sight\Pairs($this->n, $this->a),
            new Sight\Cards([(string) $this->n, '−', (string) $this->a, '=', '']),
            new Sight\Hops($this->a, 0, false, $this->n),
            new Sight\Cup($this->n, $this->a),
        ];
    }
}
