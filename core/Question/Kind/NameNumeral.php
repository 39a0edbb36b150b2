<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** A written numeral, to be said and to be found among three. The step says from which number on: `least`. */
final readonly class NameNumeral extends Prompt
{
    public const ASKS = ['name-numeral', 'find-numeral'];
    public const METHODS = [Method::KnownFact, Method::CountedAll, Method::SawIt];
    public const SLIPS = [Slip::TeenOrTy, Slip::WrongWayRound];

    public function __construct(string $ask, public int $n)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (self::ASKS as $ask) {
            foreach (range($step->variant->int('least'), $step->size) as $n) {
                $all[] = new self($ask, $n);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n;
    }

    public function choices(): ?int
    {
        return 'find-numeral' === $this->ask ? 3 : null;
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
        $n = $this->n;

        return ['find-numeral' === $this->ask
            ? new Sight\Cards(array_map(strval(...), [$n, $n + 1, $n > 0 ? $n - 1 : $n + 2]), true)
            : new Sight\Cards([(string) $n])];
    }
}
