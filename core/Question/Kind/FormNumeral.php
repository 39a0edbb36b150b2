<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** A numeral to be made, nought included. */
final readonly class FormNumeral extends Prompt
{
    public const ASKS = ['form-numeral'];
    public const METHODS = [Method::KnownFact];
    public const SLIPS = [Slip::WrongWayRound];

    public function __construct(public int $n)
    {
        parent::__construct('form-numeral');
    }

    public static function all(Step $step): array
    {
        return array_map(static fn (int $n): self => new self($n), range(0, $step->size));
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
        return [new Sight\Cards([(string) $this->n])];
    }
}
