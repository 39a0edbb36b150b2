<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Exactly so many taken from a bigger pile. */
final readonly class TakeJustSo extends Prompt
{
    public const ASKS = ['give-me'];
    public const METHODS = [Method::CountedAll, Method::SawIt];
    public const SLIPS = [Slip::KeepsTaking, Slip::CountsFaster, Slip::Recounts, Slip::TeenOrTy];

    public function __construct(public int $n)
    {
        parent::__construct('give-me');
    }

    /** Just one is worth asking only where numbers begin. */
    public static function all(Step $step): array
    {
        return array_map(static fn (int $n): self => new self($n), range(null === $step->before ? 1 : 2, $step->size));
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
        return [new Sight\Pile($this->n), new Sight\Boxes($this->n)];
    }
}
