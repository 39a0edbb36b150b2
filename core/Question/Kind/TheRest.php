<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Some are this, the rest are that; none and all of them too. */
final readonly class TheRest extends Prompt
{
    public const ASKS = ['the-rest'];
    public const METHODS = [Method::CountedAll, Method::CountedOn, Method::SawIt, Method::DrewIt];
    public const SLIPS = [Slip::MixesAddAndTake, Slip::Guesses, Slip::SwapsWholeAndPart];

    public function __construct(public int $n, public int $a)
    {
        parent::__construct('the-rest');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(4, $step->size) as $n) {
            foreach (range(0, $n) as $a) {
                $all[] = new self($n, $a);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n - $this->a;
    }

    public function load(): int
    {
        return $this->n + min($this->a, $this->n - $this->a);
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
        return [new Sight\Cup($this->n, $this->a), new Sight\Cards([(string) $this->a, '+', '', '=', (string) $this->n])];
    }
}
