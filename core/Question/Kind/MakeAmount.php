<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Child\CoinSet;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\CoinWays;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Coins named; an amount paid with one kind of coin, then with any mixture; one can be paid in one way only. */
final readonly class MakeAmount extends Prompt
{
    public const ASKS = ['make-amount', 'make-one-kind', 'name-coin'];
    public const METHODS = [Method::CountedOn, Method::KnownFact, Method::SawIt, Method::CountedAll];
    public const SLIPS = [Slip::Guesses];

    public function __construct(string $ask, public int $n)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(1, $step->size) as $n) {
            if ($n > 1) {
                $all[] = new self('make-amount', $n);
            }
            if ($n <= 10 || 0 === $n % 5) {
                $all[] = new self('make-one-kind', $n);
            }
            $all[] = new self('name-coin', $n);
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n;
    }

    public function load(): int
    {
        return 'make-amount' === $this->ask ? $this->n + 3 : $this->n;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function sights(): array
    {
        return [new Sight\Coins($this->n, $this->ofOneKind(), 'name-coin' === $this->ask)];
    }

    /** Whether it can be asked with these coins. */
    public function fits(CoinSet $coins): bool
    {
        return match ($this->ask) {
            'name-coin' => isset($coins->atHand[$this->n]),
            'make-one-kind' => $coins->paysWithOneKind($this->n),
            default => [] !== CoinWays::of($this->n, $coins->values(), $coins->atHand),
        };
    }

    public function ofOneKind(): bool
    {
        return 'make-one-kind' === $this->ask;
    }
}
