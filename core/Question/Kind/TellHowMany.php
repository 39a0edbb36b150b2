<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** How many there are, once they are counted: the last number said, also when they are under the hands. One thing is nothing to count. */
final readonly class TellHowMany extends Prompt
{
    public const ASKS = ['how-many', 'how-many-under'];
    public const METHODS = [Method::CountedAll, Method::SawIt, Method::Fingers, Method::KnownFact];
    public const SLIPS = [Slip::Recounts, Slip::CountsFaster, Slip::Guesses, Slip::TeenOrTy];

    public function __construct(string $ask, public int $n)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        return array_merge(...array_map(
            static fn (int $n): array => [new self('how-many', $n), new self('how-many-under', $n)],
            range(2, $step->size),
        ));
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
            new Sight\Row($n),
            new Sight\Scatter($n),
            new Sight\Mix($n),
            new Sight\Pile($n),
            new Sight\Stack($n),
        ];
    }
}
