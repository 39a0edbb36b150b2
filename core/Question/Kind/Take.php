<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Some taken away, nothing and everything too; told as a whole sentence where the step says `sentence: true`. */
final readonly class Take extends Prompt
{
    public const ASKS = ['take', 'take-sentence'];
    public const METHODS = [
        Method::CountedAll,
        Method::SawIt,
        Method::Fingers,
        Method::CountedOn,
        Method::KnownFact,
        Method::DrewIt,
        Method::ThroughTen,
        Method::ThroughFives,
    ];
    public const SLIPS = [Slip::Recounts, Slip::MixesAddAndTake, Slip::Guesses, Slip::LeavesOneOutBack, Slip::Fingers, Slip::SwapsWholeAndPart];

    public function __construct(string $ask, public int $n, public int $b)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $ask = $step->variant->flag('sentence') ? 'take-sentence' : 'take';

        return array_map(static fn (array $numbers): self => new self($ask, $numbers[0], $numbers[1]), self::differences($step->size));
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
            new Sight\TakeFrom($this->n, $this->b, 'take-sentence' === $this->ask),
            new Sight\Cards([(string) $this->n, '−', (string) $this->b, '=', '']),
            new Sight\Hops($this->n, $this->b, true),
            new Sight\Stick($this->n, null),
        ];
    }
}
