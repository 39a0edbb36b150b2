<?php

declare(strict_types=1);

namespace Pindle\Core\FirstLook;

use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Skill\Step;
use Random\Randomizer;

/** The one question of a tiny task: it stands for its step, so it is an open one among the harder numbers, but not the hardest. */
final class Task
{
    /** From and to where in the order of load the question is taken, as shares of all. */
    private const FROM = 0.6;
    private const TO = 0.9;

    /** @throws \Pindle\Core\Question\UnknownQuestion when the step has no such question */
    public static function prompt(Kind $kind, Step $step, Randomizer $random): Prompt
    {
        $all = $kind->prompts($step);
        $fit = array_values(array_filter(
            $all,
            static fn (Prompt $prompt): bool => null === $prompt->needs() && !$prompt->hasNought(),
        ));
        $open = array_values(array_filter($fit, static fn (Prompt $prompt): bool => $prompt->isOpen()));
        $prompts = $open ?: $fit ?: $all;
        usort($prompts, static fn (Prompt $a, Prompt $b): int => [$a->load(), $a->key()] <=> [$b->load(), $b->key()]);
        $count = \count($prompts);

        return $prompts[$random->getInt(min($count - 1, (int) floor(self::FROM * $count)), max(0, (int) ceil(self::TO * $count) - 1))];
    }
}
