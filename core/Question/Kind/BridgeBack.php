<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Differences from a teen that go back through ten. */
final readonly class BridgeBack extends Prompt
{
    public const ASKS = ['bridge-back'];
    public const METHODS = [Method::ThroughTen, Method::ThroughFives, Method::CountedOn, Method::Fingers];
    public const SLIPS = [Slip::LeavesOneOutBack, Slip::MixesAddAndTake, Slip::TeenOrTy, Slip::Fingers, Slip::CountsTheStart];

    public function __construct(public int $n, public int $b)
    {
        parent::__construct('bridge-back');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(11, 18) as $n) {
            foreach (range($n - 9, 9) as $b) {
                $all[] = new self($n, $b);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n - $this->b;
    }

    public function values(): array
    {
        return parent::values() + ['fives' => BridgeTen::areFives($this->answer(), $this->b) ? 'yes' : 'no'];
    }

    public function load(): int
    {
        return $this->b + 10;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n, 0, $this->b);
    }

    public function sights(): array
    {
        return [
            new Sight\BridgeBack($this->n, $this->b),
            new Sight\Cards([(string) $this->n, '−', (string) $this->b, '=', '']),
            new Sight\Hops($this->n, $this->b, true),
        ];
    }
}
