<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** An amount to a numeral, and a numeral to an amount: one of as many labels as the reach has numbers, nought included. */
final readonly class MatchNumeral extends Prompt
{
    public const ASKS = ['show-amount', 'label-amount'];
    public const METHODS = [Method::KnownFact, Method::CountedAll, Method::SawIt];
    public const SLIPS = [Slip::CountsFaster, Slip::TeenOrTy, Slip::KeepsTaking];

    public function __construct(string $ask, public int $n, public int $upTo)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        return [
            ...array_map(static fn (int $n): self => new self('show-amount', $n, $step->size), range($step->size >= 5 ? 0 : 1, $step->size)),
            ...array_map(static fn (int $n): self => new self('label-amount', $n, $step->size), range(1, $step->size)),
        ];
    }

    public function answer(): int
    {
        return $this->n;
    }

    public function choices(): ?int
    {
        return 'label-amount' === $this->ask ? $this->upTo + 1 : null;
    }

    public function load(): int
    {
        return $this->n;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function numbers(): array
    {
        return ['n' => $this->n];
    }

    public function sights(): array
    {
        return 'label-amount' === $this->ask
            ? [new Sight\Boxes($this->n, true)]
            : [new Sight\Cards([(string) $this->n]), new Sight\Boxes($this->n), new Sight\Pile($this->n, true)];
    }
}
