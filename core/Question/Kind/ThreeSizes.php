<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Hundreds, tens and ones built and read; a nought in the middle and at the end too. */
final readonly class ThreeSizes extends Prompt
{
    public const ASKS = ['build-hundreds', 'read-hundreds'];
    public const METHODS = [Method::CountedAll, Method::KnownFact, Method::SawIt];
    public const SLIPS = [Slip::TeenOrTy];

    public function __construct(string $ask, public int $n)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach ([1, 2, 3, 4] as $h) {
            foreach ([0, 2, 4, 5] as $t) {
                foreach ([0, 1, 3, 6] as $o) {
                    $all[] = new self(0 === ($t + $o) % 2 ? 'build-hundreds' : 'read-hundreds', 100 * $h + 10 * $t + $o);
                }
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
        [$h, $t, $o] = $this->figures();

        return $h + $t + $o + (0 === $t ? 5 : 0);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function values(): array
    {
        [$h, $t, $o] = $this->figures();

        return ['h' => $h, 't' => $t, 'o' => $o] + parent::values();
    }

    public function sights(): array
    {
        [$h, $t, $o] = $this->figures();

        return [new Sight\Bundles($h, $t, $o, 'build-hundreds' === $this->ask)];
    }

    /** @return array{int, int, int} */
    private function figures(): array
    {
        return [intdiv($this->n, 100), intdiv($this->n, 10) % 10, $this->n % 10];
    }
}
