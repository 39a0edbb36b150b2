<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** Something that can be asked at a step: what is asked, with which numbers, and what the answer is. */
final readonly class Fact
{
    private string $key;

    /**
     * @param array<string, int> $numbers for example n; or a and b; or from and to
     * @param int|string         $answer  a number, or a word of content ("more", "fewer", "same")
     * @param int|null           $choices answers laid before the child; null when anything may be said, built or written
     * @param int                $load    how hard the numbers are, for sorting within one step
     */
    public function __construct(
        public Ask $ask,
        public array $numbers,
        public int|string $answer,
        public ?int $choices = null,
        public int $load = 0,
    ) {
        $this->key = $ask->value.':'.implode(',', $numbers);
    }

    public function key(): string
    {
        return $this->key;
    }

    public function isOpen(): bool
    {
        return null === $this->choices || $this->choices >= 5;
    }

    /** Whether a nought is one of the parts. */
    public function hasNought(): bool
    {
        return $this->ask->hasParts() && \in_array(0, $this->numbers, true);
    }

    public function isDouble(): bool
    {
        return isset($this->numbers['a'], $this->numbers['b']) && $this->numbers['a'] === $this->numbers['b'] && 0 !== $this->numbers['a'];
    }
}
