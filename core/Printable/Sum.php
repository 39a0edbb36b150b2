<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Question\Kind\ToNext;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;

/** A sentence with one number left out, as it stands on paper: its tokens, what was left out, and whether something is taken away. */
final readonly class Sum
{
    public bool $takes;

    /** @param list<string> $tokens the one that is left out is empty */
    private function __construct(public array $tokens, public int $answer)
    {
        $this->takes = \in_array('−', $tokens, true);
    }

    public static function joined(int $a, int $b): self
    {
        return new self([(string) $a, '+', (string) $b, '=', ''], $a + $b);
    }

    public static function taken(int $n, int $gone): self
    {
        return new self([(string) $n, '−', (string) $gone, '=', ''], $n - $gone);
    }

    /** Of a question that can be seen as one sentence with one number to find; null for any other. */
    public static function of(Prompt $prompt): ?self
    {
        $answer = $prompt->answer();
        if (!\is_int($answer)) {
            return null;
        }
        if ($prompt instanceof ToNext) {
            return new self([(string) $prompt->n, '+', '', '=', (string) $prompt->to], $answer);
        }
        foreach ($prompt->sights() as $sight) {
            $tokens = $sight instanceof Sight\Cards ? $sight->labels : [];
            if (5 === \count($tokens) && '=' === $tokens[3] && 1 === \count(array_keys($tokens, '', true)) && \in_array($tokens[1], ['+', '−'], true)) {
                return new self($tokens, $answer);
            }
        }

        return null;
    }

    /** As it is written, with a question mark where a number is left out. */
    public function asked(): string
    {
        return implode('', array_map(static fn (string $token): string => '' === $token ? '?' : $token, $this->tokens));
    }

    /** @return array{int|null, int|null, int|null} what there was, what came or went, what there is then; null for what is to be found */
    public function story(): array
    {
        $number = static fn (string $token): ?int => '' === $token ? null : (int) $token;

        return [$number($this->tokens[0]), $number($this->tokens[2]), $number($this->tokens[4])];
    }

    /** The largest number in it, the answer among them. */
    public function largest(): int
    {
        return max($this->answer, ...array_map(intval(...), $this->tokens));
    }
}
