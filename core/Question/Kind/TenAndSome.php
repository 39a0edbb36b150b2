<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Eleven to nineteen as one ten and some: read and built. */
final readonly class TenAndSome extends Prompt
{
    public const ASKS = ['ten-and-some', 'build-teen'];
    public const METHODS = [Method::CountedOn, Method::KnownFact, Method::CountedAll, Method::SawIt];
    public const SLIPS = [Slip::TeenOrTy, Slip::CountsAllAgain];

    public function __construct(string $ask, public int $n)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (self::ASKS as $ask) {
            foreach (range(11, 19) as $n) {
                $all[] = new self($ask, $n);
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
        return $this->n;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function sights(): array
    {
        $build = 'build-teen' === $this->ask;

        return [
            new Sight\Frame($this->n, $this->n, 10, build: $build),
            new Sight\Cards([(string) $this->n]),
            new Sight\Bundles(0, 1, $this->n - 10, $build),
        ];
    }
}
