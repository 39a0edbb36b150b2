<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Two-figure numbers taken away, first without an exchange, then with one. */
final readonly class TakeTwoFigure extends Prompt
{
    public const ASKS = ['take-two-figure'];
    public const METHODS = [Method::DrewIt, Method::KnownFact, Method::CountedOn];
    public const SLIPS = [Slip::TeenOrTy, Slip::MixesAddAndTake];

    public function __construct(public int $n, public int $b)
    {
        parent::__construct('take-two-figure');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach ([25, 36, 38, 47, 49, 52, 64, 75, 81, 96] as $n) {
            foreach ([11, 13, 20, 24, 26, 35, 38] as $b) {
                if ($b < $n) {
                    $all[] = new self($n, $b);
                }
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n - $this->b;
    }

    public function load(): int
    {
        return $this->n + (null === $this->needs() ? 0 : 100);
    }

    /** An exchange of a bundle for ten singles goes back over the ten. */
    public function needs(): ?string
    {
        return $this->n % 10 < $this->b % 10 ? 'bridge-back@20' : null;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n, 0, $this->b);
    }

    public function sights(): array
    {
        return [
            new Sight\Bundles(0, intdiv($this->n, 10), $this->n % 10, false, -$this->b),
            new Sight\Cards([(string) $this->n, '−', (string) $this->b, '=', '']),
        ];
    }
}
