<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** A story of some coming, or of some going; what it asks is asked first. a is how many there were. */
final readonly class ActStory extends Prompt
{
    public const ASKS = ['story-join', 'story-take'];
    public const METHODS = [Method::CountedAll, Method::CountedOn, Method::SawIt];
    public const SLIPS = [Slip::MixesAddAndTake, Slip::Guesses, Slip::Recounts, Slip::CountsFaster];

    public function __construct(string $ask, public int $a, public int $b)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        return [
            ...array_map(static fn (array $parts): self => new self('story-join', $parts[0], $parts[1]), self::sums($step->size)),
            ...array_map(static fn (array $numbers): self => new self('story-take', $numbers[0], $numbers[1]), self::differences($step->size)),
        ];
    }

    public function answer(): int
    {
        return $this->joins() ? $this->a + $this->b : $this->a - $this->b;
    }

    public function load(): int
    {
        return $this->joins() ? $this->a + $this->b : $this->a + min($this->b, $this->a - $this->b);
    }

    public function amounts(): Amounts
    {
        return $this->joins() ? new Amounts($this->a + $this->b, $this->a, $this->b) : new Amounts($this->a, 0, $this->b);
    }

    public function hasNought(): bool
    {
        return 0 === $this->b || ($this->joins() && 0 === $this->a);
    }

    public function isDouble(): bool
    {
        return $this->joins() && $this->a === $this->b;
    }

    public function values(): array
    {
        return ['n' => $this->a, 'a' => $this->a, 'b' => $this->b, 'answer' => $this->answer()];
    }

    public function sights(): array
    {
        $cards = new Sight\Cards([(string) $this->a, $this->joins() ? '+' : '−', (string) $this->b, '=', '']);

        return $this->joins()
            ? [new Sight\Bowls($this->a, $this->b), $cards, new Sight\Hops($this->a, $this->b), new Sight\Cloth($this->a, $this->b)]
            : [new Sight\TakeFrom($this->a, $this->b), $cards, new Sight\Hops($this->a, $this->b, true)];
    }

    private function joins(): bool
    {
        return 'story-join' === $this->ask;
    }
}
