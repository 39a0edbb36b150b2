<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** The same two parts the other way round. */
final readonly class TurnAround extends Prompt
{
    public const ASKS = ['turn-around'];
    public const METHODS = [Method::CountedAll, Method::SawIt, Method::KnownFact];
    public const SLIPS = [Slip::MixesAddAndTake, Slip::Recounts];

    public function __construct(public int $a, public int $b)
    {
        parent::__construct('turn-around');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(1, $step->size - 1) as $a) {
            foreach (range(1, $step->size - $a) as $b) {
                if ($a !== $b) {
                    $all[] = new self($a, $b);
                }
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->a + $this->b;
    }

    public function load(): int
    {
        return $this->a + $this->b + abs($this->a - $this->b);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b, $this->a, $this->b);
    }

    public function sights(): array
    {
        return [
            new Sight\Bowls($this->a, $this->b, true),
            new Sight\Cards([(string) $this->a, '+', (string) $this->b, '=', '']),
            new Sight\Hops($this->a, $this->b),
            new Sight\Cloth($this->a, $this->b),
        ];
    }
}
