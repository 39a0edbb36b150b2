<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Two-figure numbers added, first without an exchange, then with one. */
final readonly class AddTwoFigure extends Prompt
{
    public const ASKS = ['add-two-figure'];
    public const METHODS = [Method::DrewIt, Method::KnownFact, Method::CountedOn];
    public const SLIPS = [Slip::TeenOrTy, Slip::MixesAddAndTake, Slip::CountsAllAgain];

    public function __construct(public int $a, public int $b)
    {
        parent::__construct('add-two-figure');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach ([12, 15, 21, 24, 33, 36, 42, 45, 57, 58] as $a) {
            foreach ([11, 13, 20, 22, 26, 34, 35, 38] as $b) {
                $all[] = new self($a, $b);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->a + $this->b;
    }

    public function load(): int
    {
        return $this->a + $this->b + (null === $this->needs() ? 0 : 100);
    }

    /** An exchange of ten singles for a bundle goes over the ten. */
    public function needs(): ?string
    {
        return $this->a % 10 + $this->b % 10 > 9 ? 'bridge-ten@20' : null;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b, $this->a, $this->b);
    }

    public function sights(): array
    {
        return [
            new Sight\Bundles(0, intdiv($this->a, 10), $this->a % 10, false, $this->b),
            new Sight\Cards([(string) $this->a, '+', (string) $this->b, '=', '']),
        ];
    }
}
