<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

use Pindle\Core\Skill\Step;

/** Everything that a kind of question can ask at a step, and how it is put in order: worked out once, for sets of any length. */
final readonly class Pool
{
    /** @var non-empty-list<Prompt> in no particular order */
    public array $prompts;

    /** @var non-empty-list<Prompt> what a sitting may begin and end with: no nought, no answer of nought, no two that are the same where one is more */
    public array $ends;

    /** @var non-empty-list<Prompt> of these the facts with the smallest numbers, at least two where there are two */
    public array $smallest;

    /** @var array<string, array<string, true>> level => keys of its facts: three parts by load; facts of one load stay together as far as the thirds allow */
    public array $parts;

    /** Parts of all prompts, 0 to 1, with a nought in them, and of doubles. */
    public float $noughts;
    public float $doubles;

    /** Whether amounts are compared. */
    public bool $compares;

    private function __construct(Kind $kind, Step $step)
    {
        $this->prompts = $kind->prompts($step);
        $this->ends = array_values(array_filter(
            $this->prompts,
            static fn (Prompt $prompt): bool => !$prompt->hasNought() && 0 !== $prompt->answer() && !($prompt->compares() && $prompt->isDouble()),
        )) ?: $this->prompts;
        $this->smallest = \array_slice(self::sorted($this->ends), 0, max(2, intdiv(\count($this->ends), 6)));
        $third = \count($this->prompts) / 3;
        $parts = [];
        foreach (self::sorted($this->prompts) as $i => $prompt) {
            $parts[($i < floor($third) ? Level::Easier : ($i >= ceil(2 * $third) ? Level::Harder : Level::At))->value][$prompt->key()] = true;
        }
        $this->parts = $parts;
        $share = fn (callable $is): float => \count(array_filter($this->prompts, $is)) / \count($this->prompts);
        $this->noughts = $share(static fn (Prompt $prompt): bool => $prompt->hasNought());
        $this->doubles = $share(static fn (Prompt $prompt): bool => $prompt->isDouble());
        $this->compares = $share(static fn (Prompt $prompt): bool => $prompt->compares()) > 0.0;
    }

    /**
     * @throws UnknownQuestion                    when nothing can be asked
     * @throws \Pindle\Core\Skill\MissingVariant when the step does not say what the kind must know of it
     */
    public static function of(Kind $kind, Step $step): self
    {
        return Once::pool($kind, $step, static fn (): self => new self($kind, $step));
    }

    /**
     * By the size of their numbers.
     *
     * @param non-empty-list<Prompt> $prompts
     *
     * @return non-empty-list<Prompt>
     */
    private static function sorted(array $prompts): array
    {
        $loads = [];
        foreach ($prompts as $i => $prompt) {
            $loads[] = [$prompt->load(), $prompt->key(), $i];
        }
        usort($loads, static fn (array $a, array $b): int => $a[0] <=> $b[0] ?: strcmp($a[1], $b[1]));

        return array_map(static fn (array $one): Prompt => $prompts[$one[2]], $loads);
    }
}
