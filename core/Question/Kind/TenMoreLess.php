<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Ten more and ten fewer. */
final readonly class TenMoreLess extends Prompt
{
    public const ASKS = ['ten-more', 'ten-fewer'];
    public const METHODS = [Method::KnownFact, Method::CountedOn, Method::SawIt];
    public const SLIPS = [Slip::LeavesOneOutBack, Slip::TeenOrTy];

    public function __construct(string $ask, public int $n)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(11, 89, 3) as $n) {
            array_push($all, new self('ten-more', $n), new self('ten-fewer', $n));
        }

        return $all;
    }

    public function answer(): int
    {
        return 'ten-more' === $this->ask ? $this->n + 10 : $this->n - 10;
    }

    public function load(): int
    {
        return 'ten-more' === $this->ask ? $this->n : $this->n + 5;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function sights(): array
    {
        $n = (string) $this->n;

        return [new Sight\Bundles(0, intdiv($this->n, 10), $this->n % 10), new Sight\Cards('ten-more' === $this->ask ? [$n, ''] : ['', $n])];
    }
}
