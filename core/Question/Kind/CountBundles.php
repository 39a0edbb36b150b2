<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Whole bundles of ten. */
final readonly class CountBundles extends Prompt
{
    public const ASKS = ['count-bundles'];
    public const METHODS = [Method::CountedOn, Method::KnownFact, Method::CountedAll, Method::SawIt];
    public const SLIPS = [Slip::TeenOrTy, Slip::LeavesOneOutBack, Slip::CountsAllAgain];

    public function __construct(public int $t)
    {
        parent::__construct('count-bundles');
    }

    public static function all(Step $step): array
    {
        return array_map(static fn (int $t): self => new self($t), range(2, intdiv($step->size, 10)));
    }

    public function answer(): int
    {
        return 10 * $this->t;
    }

    public function load(): int
    {
        return $this->t;
    }

    public function sights(): array
    {
        return [
            new Sight\Bundles(0, $this->t, 0),
            new Sight\Cards(array_fill(0, $this->t, '10')),
        ];
    }
}
