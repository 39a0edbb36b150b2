<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** So many of each size, asked by ear. The step says up to how many `hundreds`; none where it is 0. */
final readonly class ByEar extends Prompt
{
    public const ASKS = ['bundles-by-ear', 'hundreds-by-ear'];
    public const METHODS = [Method::CountedAll, Method::KnownFact];
    public const SLIPS = [Slip::TeenOrTy];

    public function __construct(public int $hundreds, public int $tens, public int $ones)
    {
        parent::__construct($hundreds > 0 ? 'hundreds-by-ear' : 'bundles-by-ear');
    }

    public static function all(Step $step): array
    {
        $most = $step->variant->int('hundreds');
        $all = [];
        foreach (range(min(1, $most), $most) as $hundreds) {
            foreach ([0, 1, 2, 3, 4, 5] as $tens) {
                foreach ([0, 1, 2, 4] as $ones) {
                    if ($tens + $ones > 0) {
                        $all[] = new self($hundreds, $tens, $ones);
                    }
                }
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->hundreds + $this->tens + $this->ones;
    }

    public function load(): int
    {
        return $this->answer();
    }

    public function numbers(): array
    {
        return ($this->hundreds > 0 ? ['h' => $this->hundreds] : []) + ['t' => $this->tens, 'o' => $this->ones];
    }

    public function sights(): array
    {
        return [new Sight\Bundles($this->hundreds, $this->tens, $this->ones, true)];
    }
}
