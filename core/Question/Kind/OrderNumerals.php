<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/**
 * What comes after, before and between, four to put in order, up and down: neighbours first, gaps later; and a run of three that are missing.
 * n is the number asked for, or the least of the four, or the first that is missing.
 */
final readonly class OrderNumerals extends Prompt
{
    public const ASKS = ['after', 'before', 'between', 'put-in-order', 'order-down', 'missing-run'];
    public const METHODS = [Method::KnownFact, Method::CountedOn, Method::CountedAll];
    public const SLIPS = [Slip::LeavesOneOutBack, Slip::TeenOrTy];

    /** So many are missing in a row. */
    private const RUN = 3;

    public function __construct(string $ask, public int $n, public int $gap = 1)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(1, $step->size - 1) as $n) {
            $all[] = new self('after', $n + 1);
            $all[] = new self('before', $n - 1);
            $all[] = new self('between', $n);
        }
        foreach ([1, 2] as $gap) {
            for ($from = 0; $from + 3 * $gap <= $step->size; ++$from) {
                array_push($all, new self('put-in-order', $from, $gap), new self('order-down', $from, $gap));
            }
        }
        for ($first = 1; $first + self::RUN <= $step->size; ++$first) {
            $all[] = new self('missing-run', $first);
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n;
    }

    public function load(): int
    {
        return match ($this->ask) {
            'after' => $this->n - 1,
            'put-in-order' => $this->n + 6 * $this->gap,
            'order-down' => $this->n + 6 * $this->gap + 2,
            'missing-run' => $this->n + 5,
            default => $this->n + 3,
        };
    }

    public function amounts(): Amounts
    {
        return match ($this->ask) {
            'between' => new Amounts(2 * $this->n, $this->n - 1, $this->n + 1),
            'put-in-order', 'order-down' => new Amounts($this->n + 3 * $this->gap),
            'missing-run' => new Amounts($this->n + self::RUN, $this->n - 1, $this->n + self::RUN),
            default => new Amounts($this->n),
        };
    }

    public function values(): array
    {
        return [
            'n' => 'before' === $this->ask ? $this->n + 1 : ('after' === $this->ask ? $this->n - 1 : $this->n),
            'a' => $this->n - 1,
            'b' => 'missing-run' === $this->ask ? $this->n + self::RUN : $this->n + 1,
            'from' => 'order-down' === $this->ask ? $this->n + 3 * $this->gap : $this->n,
            'first' => $this->n,
            'middle' => $this->n + 1,
            'last' => $this->n + self::RUN - 1,
            'answer' => $this->n,
        ];
    }

    public function sights(): array
    {
        $written = static fn (int ...$numbers): array => array_map(strval(...), array_values($numbers));

        return [match ($this->ask) {
            'after' => new Sight\Cards([...$written($this->n - 1), '']),
            'before' => new Sight\Cards(['', ...$written($this->n + 1)]),
            'missing-run' => new Sight\Cards([(string) ($this->n - 1), ...array_fill(0, self::RUN, ''), (string) ($this->n + self::RUN)]),
            'between' => new Sight\Cards([(string) ($this->n - 1), '', (string) ($this->n + 1)]),
            default => new Sight\Cards($written($this->n, $this->n + $this->gap, $this->n + 2 * $this->gap, $this->n + 3 * $this->gap), true),
        }];
    }
}
