<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** From 11 to 19 on to the next five or ten. */
final readonly class ToNext extends Prompt
{
    public const ASKS = ['to-next'];
    public const METHODS = [Method::SawIt, Method::CountedOn, Method::KnownFact];
    public const SLIPS = [Slip::CountsTheStart, Slip::CountsAllAgain];

    public function __construct(public int $n, public int $to)
    {
        parent::__construct('to-next');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(11, 19) as $n) {
            foreach ([5, 10] as $by) {
                $to = $by * intdiv($n + $by, $by);
                $all[$n.'-'.$to] ??= new self($n, $to);
            }
        }

        return array_values($all);
    }

    public function answer(): int
    {
        return $this->to - $this->n;
    }

    public function load(): int
    {
        return $this->to - $this->n + (0 === $this->to % 10 ? 4 : 0);
    }

    public function amounts(): Amounts
    {
        return new Amounts(max($this->n, $this->to));
    }

    public function sights(): array
    {
        return [new Sight\Hops($this->n, 0, false, $this->to), new Sight\Cards([(string) $this->n, '', (string) $this->to])];
    }
}
