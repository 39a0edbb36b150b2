<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Hops back along a line, the start not counted. */
final readonly class LineTake extends Prompt
{
    public const ASKS = ['hop-back'];
    public const METHODS = [Method::CountedOn, Method::SawIt, Method::KnownFact];
    public const SLIPS = [Slip::CountsTheStart, Slip::LeavesOneOutBack];

    public function __construct(public int $n, public int $b)
    {
        parent::__construct('hop-back');
    }

    public static function all(Step $step): array
    {
        return array_values(array_map(
            static fn (array $numbers): self => new self($numbers[0], $numbers[1]),
            array_filter(self::differences($step->size), static fn (array $numbers): bool => $numbers[1] > 0),
        ));
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

    public function sights(): array
    {
        return [new Sight\Hops($this->n, $this->b, true), new Sight\Cards([(string) $this->n, '−', (string) $this->b, '=', ''])];
    }
}
