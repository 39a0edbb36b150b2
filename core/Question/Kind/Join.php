<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Two groups put together; told as a whole sentence where the step says `sentence: true`. */
final readonly class Join extends Prompt
{
    public const ASKS = ['join', 'join-sentence'];
    public const METHODS = [Method::SawIt, Method::CountedOn, Method::CountedAll, Method::KnownFact, Method::Fingers, Method::ThroughTen, Method::ThroughFives];
    public const SLIPS = [Slip::CountsAllAgain, Slip::Recounts, Slip::MixesAddAndTake, Slip::CountsFaster, Slip::Fingers, Slip::CountsTheStart];

    public function __construct(string $ask, public int $a, public int $b)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $ask = $step->variant->flag('sentence') ? 'join-sentence' : 'join';

        return array_map(static fn (array $parts): self => new self($ask, $parts[0], $parts[1]), self::sums($step->size));
    }

    public function answer(): int
    {
        return $this->a + $this->b;
    }

    public function load(): int
    {
        return $this->a + $this->b;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->a + $this->b, $this->a, $this->b);
    }

    public function hasNought(): bool
    {
        return 0 === $this->a || 0 === $this->b;
    }

    public function isDouble(): bool
    {
        return $this->a === $this->b;
    }

    public function sights(): array
    {
        $sentence = 'join-sentence' === $this->ask;
        $sum = $this->a + $this->b;

        return [
            new Sight\Bowls($this->a, $this->b, $sentence),
            new Sight\Cards([(string) $this->a, '+', (string) $this->b, '=', '']),
            new Sight\Hops($this->a, $this->b),
            new Sight\Cloth($this->a, $this->b),
            ...$sentence ? [new Sight\Frame($sum, $this->a, 10, false)] : [],
        ];
    }
}
