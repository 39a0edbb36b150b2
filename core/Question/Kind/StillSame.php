<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Comparison;
use Pindle\Core\Question\Moved;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** An amount that stays when things are spread, bunched or counted from the other end. */
final readonly class StillSame extends Prompt
{
    public const ASKS = ['how-many-now', 'still-same'];
    public const METHODS = [Method::KnownFact, Method::CountedAll, Method::SawIt];
    public const SLIPS = [Slip::Recounts, Slip::JudgesBySize];

    public function __construct(string $ask, public int $n, public Moved $how)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(2, $step->size) as $n) {
            foreach (Moved::cases() as $how) {
                $all[] = new self('how-many-now', $n, $how);
            }
            $all[] = new self('still-same', $n, 0 === $n % 2 ? Moved::Spread : Moved::Bunched);
        }

        return $all;
    }

    public function answer(): int|Comparison
    {
        return 'still-same' === $this->ask ? Comparison::Same : $this->n;
    }

    public function choices(): ?int
    {
        return 'still-same' === $this->ask ? 3 : null;
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
        return [new Sight\MovedRow($this->n, $this->how)];
    }
}
