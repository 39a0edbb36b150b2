<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Comparison;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Property;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Two things by length, weight or what they hold, and more of them put in order. The step says `most`: 2, or up to how many. */
final readonly class CompareSize extends Prompt
{
    public const ASKS = ['which-is-longer', 'order-sizes'];
    public const METHODS = [Method::SawIt];
    public const SLIPS = [Slip::JudgesBySize];

    public function __construct(public Property $by, public int $n, public int $pair)
    {
        parent::__construct(2 === $n ? 'which-is-longer' : 'order-sizes');
    }

    public static function all(Step $step): array
    {
        $most = $step->variant->int('most');
        $all = [];
        foreach (Property::cases() as $by) {
            foreach (2 === $most ? [1, 2, 3] : range(3, $most) as $i) {
                $all[] = 2 === $most ? new self($by, 2, $i) : new self($by, $i, 0);
            }
        }

        return $all;
    }

    public function answer(): int|Comparison
    {
        return 2 === $this->n ? Comparison::More : $this->n;
    }

    /** Of the first pair it is only asked which. */
    public function choices(): ?int
    {
        return 1 === $this->pair ? 2 : null;
    }

    public function load(): int
    {
        return 1 + (int) array_search($this->by, Property::cases(), true) + (2 === $this->n ? $this->pair : $this->n);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function values(): array
    {
        return parent::values() + ['what' => $this->by->value];
    }

    public function kinds(): int
    {
        return $this->n;
    }

    public function sights(): array
    {
        return [new Sight\Sizes($this->n, Property::Length === $this->by)];
    }
}
