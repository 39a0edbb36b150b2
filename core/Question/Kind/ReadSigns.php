<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Question\Sign;
use Pindle\Core\Skill\Step;

/** What + and − ask for. The step says which `signs` there are. */
final readonly class ReadSigns extends Prompt
{
    public const ASKS = ['stage-it', 'what-sign'];
    public const METHODS = [Method::KnownFact];
    public const SLIPS = [Slip::MixesAddAndTake];

    public function __construct(string $ask, public int $a, public int $b, public Sign $sign, public int $signs)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $signs = array_map(Sign::from(...), $step->variant->texts('signs'));
        $all = [];
        foreach (range(1, 4) as $a) {
            foreach (range(1, 3) as $b) {
                foreach ($signs as $sign) {
                    foreach (self::ASKS as $ask) {
                        $all[] = new self($ask, Sign::Minus === $sign ? $a + $b : $a, $b, $sign, \count($signs));
                    }
                }
            }
        }

        return $all;
    }

    public function answer(): Sign
    {
        return $this->sign;
    }

    public function choices(): ?int
    {
        return 'what-sign' === $this->ask && $this->signs > 1 ? $this->signs : null;
    }

    public function load(): int
    {
        return Sign::Minus === $this->sign ? $this->a : $this->a + $this->b;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b, $this->a, $this->b);
    }

    public function isDouble(): bool
    {
        return $this->a === $this->b;
    }

    public function numbers(): array
    {
        return ['a' => $this->a, 'b' => $this->b, 'sign' => $this->sign];
    }

    public function sights(): array
    {
        return [new Sight\Cards([(string) $this->a, 'what-sign' === $this->ask ? '' : $this->sign->written(), (string) $this->b, '='])];
    }
}
