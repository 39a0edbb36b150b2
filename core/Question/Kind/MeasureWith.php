<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** A length measured with equal things. */
final readonly class MeasureWith extends Prompt
{
    public const ASKS = ['measure-with'];
    public const METHODS = [Method::CountedAll];
    public const SLIPS = [Slip::CountsFaster];

    public function __construct(public int $n)
    {
        parent::__construct('measure-with');
    }

    public static function all(Step $step): array
    {
        return array_map(static fn (int $n): self => new self($n), range(3, $step->size));
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
        return [new Sight\Measure($this->n, true)];
    }
}
