<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** What makes a whole, then what makes a sum on both sides the same (c is the part on the other side). */
final readonly class MakeEqual extends Prompt
{
    public const ASKS = ['makes-whole', 'both-sides'];
    public const METHODS = [Method::SawIt, Method::CountedOn, Method::KnownFact, Method::Fingers, Method::ThroughTen, Method::ThroughFives];
    public const SLIPS = [Slip::SwapsWholeAndPart, Slip::Guesses, Slip::Fingers];

    public function __construct(public int $n, public int $a, public ?int $c)
    {
        parent::__construct(null === $c ? 'makes-whole' : 'both-sides');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(4, $step->size) as $n) {
            foreach (range(max(0, $n - 7), $n) as $a) {
                $all[] = new self($n, $a, null);
                $c = $a > 0 ? $a - 1 : $a + 1;
                if ($c <= $n) {
                    $all[] = new self($n, $a, $c);
                }
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n - ($this->c ?? $this->a);
    }

    public function load(): int
    {
        return null === $this->c ? $this->n : $this->n + 6;
    }

    public function amounts(): Amounts
    {
        return null === $this->c ? new Amounts($this->n, $this->a) : new Amounts($this->n, $this->a, $this->n - $this->a);
    }

    public function hasNought(): bool
    {
        return 0 === $this->a || (null !== $this->c && (0 === $this->c || $this->n === $this->a));
    }

    public function isDouble(): bool
    {
        return null !== $this->c && 2 * $this->a === $this->n;
    }

    public function values(): array
    {
        return ['n' => $this->n, 'a' => $this->a, 'b' => $this->n - $this->a, 'c' => $this->c ?? 0, 'answer' => $this->answer()];
    }

    public function sights(): array
    {
        [$n, $a, $b] = [(string) $this->n, (string) $this->a, (string) ($this->n - $this->a)];

        return null === $this->c
            ? [new Sight\Balance($this->n, $this->a), new Sight\Cards([$n, '=', $a, '+', '']), new Sight\Cup($this->n, $this->a)]
            : [new Sight\Balance($this->n, $this->c), new Sight\Cards([$a, '+', $b, '=', (string) $this->c, '+', ''])];
    }
}
