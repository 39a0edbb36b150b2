<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** How many there are. */
final readonly class TellHowMany extends Prompt
{
    public const ASKS = ['how-many'];
    public const METHODS = [Method::CountedAll, Method::SawIt, Method::Fingers, Method::KnownFact];
    public const SLIPS = [Slip::Recounts, Slip::CountsFaster, Slip::Guesses, Slip::JudgesBySize];

    public function __construct(public int $n)
    {
        parent::__construct('how-many');
    }

    public static function all(Step $step): array
    {
        return array_map(static fn (int $n): self => new self($n), range(1, $step->size));
    }

    public function answer(): int
    {
        return $this->n;
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

        return [
            new Sight\Scatter($n),
            new Sight\Mix($n),
            new Sight\Row($n),
            new Sight\Pile($n),
            new Sight\Track(1, $n),
            new Sight\Measure($n, false),
            new Sight\Stack($n),
        ];
    }
}
