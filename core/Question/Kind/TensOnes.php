<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Two-figure numbers, each built and each read; whole tens and small ones first. */
final readonly class TensOnes extends Prompt
{
    public const ASKS = ['build-tens', 'read-tens'];
    public const METHODS = [Method::CountedOn, Method::KnownFact, Method::CountedAll, Method::SawIt, Method::DrewIt];
    public const SLIPS = [Slip::TeenOrTy, Slip::CountsAllAgain];

    public function __construct(string $ask, public int $n)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        return array_merge(...array_map(
            static fn (int $n): array => [new self('build-tens', $n), new self('read-tens', $n)],
            range(20, min(99, $step->size)),
        ));
    }

    public function answer(): int
    {
        return $this->n;
    }

    public function load(): int
    {
        return intdiv($this->n, 10) + $this->n % 10 + (0 === $this->n % 10 ? -4 : 0);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function values(): array
    {
        return ['t' => intdiv($this->n, 10), 'o' => $this->n % 10] + parent::values();
    }

    public function sights(): array
    {
        return [new Sight\Bundles(0, intdiv($this->n, 10), $this->n % 10, 'build-tens' === $this->ask)];
    }
}
