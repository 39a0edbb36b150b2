<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Comparison;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Two sides made level, and what a balance does with two amounts (b is null where it is to be made level). One in five level already. */
final readonly class Balance extends Prompt
{
    public const ASKS = ['balance-to', 'balance-which'];
    public const METHODS = [Method::SawIt, Method::CountedAll, Method::CountedOn, Method::KnownFact];
    public const SLIPS = [Slip::JudgesBySize, Slip::SwapsWholeAndPart];

    public function __construct(public int $a, public ?int $b)
    {
        parent::__construct(null === $b ? 'balance-to' : 'balance-which');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(1, $step->size) as $n) {
            $all[] = new self($n, null);
            foreach ([$n - 2, $n, $n + 1] as $b) {
                if ($b > 0 && $b <= $step->size) {
                    $all[] = new self($n, $b);
                }
            }
        }

        return $all;
    }

    public function answer(): int|Comparison
    {
        return null === $this->b ? $this->a : Comparison::of($this->a, $this->b);
    }

    public function choices(): ?int
    {
        return null === $this->b ? null : 3;
    }

    public function load(): int
    {
        return null === $this->b ? $this->a : max($this->a, $this->b) + 1;
    }

    public function amounts(): Amounts
    {
        return null === $this->b ? new Amounts($this->a) : new Amounts($this->a + $this->b, $this->a, $this->b);
    }

    public function isDouble(): bool
    {
        return $this->a === $this->b;
    }

    public function compares(): bool
    {
        return null !== $this->b;
    }

    public function values(): array
    {
        $how = Comparison::of($this->a, $this->b ?? $this->a)->value;

        return ['n' => $this->a, 'a' => $this->a, 'b' => $this->b ?? 0, 'how' => $how, 'answer' => $this->answer()];
    }

    public function sights(): array
    {
        return [
            new Sight\Balance($this->a, $this->b ?? 0, null === $this->b),
            new Sight\Cards(null === $this->b ? [(string) $this->a, '=', ''] : [(string) $this->a, '', (string) $this->b]),
        ];
    }
}
