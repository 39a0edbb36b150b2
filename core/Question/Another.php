<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

use Pindle\Core\Skill\Step;
use Random\Randomizer;

/** One more question of the same step for the middle of a sitting: smaller or bigger than the one just asked. */
final class Another
{
    /**
     * The nearest third of what is smaller, or of what is bigger; null when there is nothing.
     *
     * @param list<string> $asked keys of questions asked already; a fact is asked again only when all were
     */
    public static function of(Kind $kind, Step $step, int $load, bool $bigger, array $asked, Randomizer $random): ?Question
    {
        $prompts = array_values(array_filter(
            $kind->prompts($step),
            static fn (Prompt $prompt): bool => $prompt->isOpen() && ($bigger ? $prompt->load() > $load : $prompt->load() < $load),
        ));
        $unasked = array_values(array_filter($prompts, static fn (Prompt $prompt): bool => !\in_array($prompt->key(), $asked, true)));
        $prompts = [] === $unasked ? $prompts : $unasked;
        if ([] === $prompts) {
            return null;
        }
        usort($prompts, static fn (Prompt $a, Prompt $b): int => ($bigger ? 1 : -1) * ($a->load() <=> $b->load()) ?: $a->key() <=> $b->key());
        $near = \array_slice($prompts, 0, max(1, (int) ceil(\count($prompts) / 3)));

        return new Question($step->id, $near[$random->getInt(0, \count($near) - 1)], $bigger ? Level::Harder : Level::Easier);
    }
}
