<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** A number and the same again, totals to the reach; nothing doubled as well. */
final readonly class Double extends Prompt
{
    public const ASKS = ['double'];
    public const METHODS = [Method::CountedAll, Method::SawIt, Method::KnownFact, Method::CountedOn, Method::Fingers];
    public const SLIPS = [Slip::MixesAddAndTake, Slip::Fingers, Slip::Recounts];

    public function __construct(public int $a)
    {
        parent::__construct('double');
    }

    public static function all(Step $step): array
    {
        return array_map(static fn (int $a): self => new self($a), range(0, intdiv($step->size, 2)));
    }

    public function answer(): int
    {
        return 2 * $this->a;
    }

    public function load(): int
    {
        return $this->a;
    }

    public function amounts(): Amounts
    {
        return new Amounts(2 * $this->a, $this->a, $this->a);
    }

    public function hasNought(): bool
    {
        return 0 === $this->a;
    }

    public function isDouble(): bool
    {
        return 0 !== $this->a;
    }

    public function sights(): array
    {
        return [
            new Sight\Mirror($this->a, $this->a, false),
            new Sight\Cards([(string) $this->a, '+', (string) $this->a, '=', '']),
            new Sight\Bowls($this->a, $this->a),
        ];
    }
}
