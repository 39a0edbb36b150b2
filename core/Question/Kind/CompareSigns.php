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

/**
 * Which sign goes between two numbers, how one that lies there reads from the right, and a number that makes one true (b is 0 there). One pair
 * in five equal.
 */
final readonly class CompareSigns extends Prompt
{
    public const ASKS = ['put-sign', 'read-from-right', 'make-true'];
    public const METHODS = [Method::KnownFact, Method::CountedOn, Method::Fingers, Method::SawIt, Method::CountedAll];
    public const SLIPS = [Slip::JudgesBySize, Slip::Fingers];

    public function __construct(string $ask, public int $a, public int $b)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(1, $step->size) as $a) {
            foreach ([$a - 5, $a - 1, $a, $a + 1, $a + 5] as $b) {
                if ($b >= 1 && $b <= $step->size) {
                    $all[] = new self('put-sign', $a, $b);
                }
                if ($b >= 1 && $b <= $step->size && $b !== $a) {
                    $all[] = new self('read-from-right', $a, $b);
                }
            }
            if ($a < $step->size) {
                $all[] = new self('make-true', $a, 0);
            }
        }

        return $all;
    }

    public function answer(): int|Comparison
    {
        return match ($this->ask) {
            'put-sign' => Comparison::of($this->a, $this->b),
            'read-from-right' => Comparison::of($this->b, $this->a),
            default => $this->a + 1,
        };
    }

    public function choices(): ?int
    {
        return 'put-sign' === $this->ask ? 3 : null;
    }

    public function load(): int
    {
        return max($this->a, $this->b) + ('put-sign' === $this->ask && 1 === abs($this->a - $this->b) ? 2 : 0);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b, $this->a, $this->b);
    }

    public function isDouble(): bool
    {
        return $this->a === $this->b;
    }

    public function compares(): bool
    {
        return 'put-sign' === $this->ask;
    }

    public function values(): array
    {
        $answer = $this->answer();

        return parent::values() + ['how' => $answer instanceof Comparison ? $answer->value : ''];
    }

    public function sights(): array
    {
        return [
            match ($this->ask) {
                'put-sign' => new Sight\Sign($this->a, $this->b),
                'read-from-right' => new Sight\Sign($this->a, $this->b, Comparison::of($this->a, $this->b)),
                default => new Sight\Sign($this->a, null, Comparison::Fewer),
            },
        ];
    }
}
