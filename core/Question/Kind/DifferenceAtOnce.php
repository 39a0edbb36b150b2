<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Differences to be known. */
final readonly class DifferenceAtOnce extends Prompt
{
    public const ASKS = ['difference-at-once'];
    public const METHODS = [Method::KnownFact, Method::CountedOn, Method::Fingers, Method::SawIt, Method::CountedAll, Method::ThroughTen, Method::ThroughFives];
    public const SLIPS = [Slip::Fingers, Slip::MixesAddAndTake];

    public function __construct(public int $n, public int $b)
    {
        parent::__construct('difference-at-once');
    }

    public static function all(Step $step): array
    {
        return array_map(static fn (array $numbers): self => new self($numbers[0], $numbers[1]), self::differences($step->size));
    }

    public function answer(): int
    {
        return $this->n - $this->b;
    }

    public function load(): int
    {
        return $this->n + min($this->b, $this->n - $this->b);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n, 0, $this->b);
    }

    public function hasNought(): bool
    {
        return 0 === $this->b;
    }

    public function sights(): array
    {
        return [
            new Sight\TakeFrom($this->n, $this->b),
            new Sight\Cards([(string) $this->n, '−', (string) $this->b, '=', '']),
            new Sight\Hops($this->n, $this->b, true),
        ];
    }
}
