<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

use Pindle\Core\Activity\Generator;
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
    public static function of(Generator $generator, Step $step, int $load, bool $bigger, array $asked, Randomizer $random): ?Question
    {
        $facts = array_values(array_filter(Facts::of($generator, $step), static fn (Fact $fact): bool => $fact->isOpen() && ($bigger ? $fact->load > $load : $fact->load < $load)));
        $unasked = array_values(array_filter($facts, static fn (Fact $fact): bool => !\in_array($fact->key(), $asked, true)));
        $facts = [] === $unasked ? $facts : $unasked;
        if ([] === $facts) {
            return null;
        }
        usort($facts, static fn (Fact $a, Fact $b): int => ($bigger ? 1 : -1) * ($a->load <=> $b->load) ?: $a->key() <=> $b->key());
        $near = \array_slice($facts, 0, max(1, (int) ceil(\count($facts) / 3)));

        return new Question($step->id, $near[$random->getInt(0, \count($near) - 1)], $bigger ? Level::Harder : Level::Easier);
    }
}
