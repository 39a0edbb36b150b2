<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** How many more make five, or ten. */
final readonly class PartnerTo extends Prompt
{
    public const ASKS = ['how-many-to'];
    public const METHODS = [Method::SawIt, Method::CountedOn, Method::KnownFact, Method::CountedAll, Method::Fingers];
    public const SLIPS = [Slip::SwapsWholeAndPart, Slip::Recounts, Slip::Fingers, Slip::Guesses, Slip::CountsAllAgain];

    public function __construct(public int $n, public int $a)
    {
        parent::__construct('how-many-to');
    }

    public static function all(Step $step): array
    {
        return array_map(static fn (int $a): self => new self($step->size, $a), range(0, $step->size));
    }

    public function answer(): int
    {
        return $this->n - $this->a;
    }

    public function load(): int
    {
        return $this->n - abs($this->n - 2 * $this->a);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n, $this->a, $this->n - $this->a);
    }

    public function hasNought(): bool
    {
        return 0 === $this->a || $this->n === $this->a;
    }

    public function isDouble(): bool
    {
        return 2 * $this->a === $this->n;
    }

    public function sights(): array
    {
        return [
            new Sight\Frame($this->a, $this->a, 5 === $this->n ? 5 : 10, false),
            new Sight\Cards([(string) $this->a, '+', '', '=', (string) $this->n]),
            new Sight\Bond($this->n, $this->a),
            new Sight\Cup($this->n, $this->a),
            new Sight\Groups($this->n, $this->a),
        ];
    }
}
