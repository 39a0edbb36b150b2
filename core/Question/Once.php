<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

use Pindle\Core\Skill\Step;

/** Keeps what follows from things that never change, as long as they are there: a day's planning asks for it some thousands of times. */
final class Once
{
    /** @var \WeakMap<Step, array<class-string<Prompt>, list<Prompt>>>|null */
    private static ?\WeakMap $prompts = null;

    /** @var \WeakMap<Kind, array<string, int>>|null */
    private static ?\WeakMap $counts = null;

    /** @var \WeakMap<Kind, array<string, Pool>>|null */
    private static ?\WeakMap $pools = null;

    /** @var \WeakMap<Prompt, string>|null */
    private static ?\WeakMap $keys = null;

    /**
     * @param class-string<Prompt> $class
     *
     * @return list<Prompt> all of a kind at a step
     */
    public static function prompts(string $class, Step $step): array
    {
        self::$prompts ??= new \WeakMap();
        self::$prompts[$step] ??= [];

        return self::$prompts[$step][$class] ??= $class::all($step);
    }

    /** @param callable(): int $count */
    public static function count(Kind $kind, Step $step, callable $count): int
    {
        self::$counts ??= new \WeakMap();
        self::$counts[$kind] ??= [];

        return self::$counts[$kind][self::named($step)] ??= $count();
    }

    /** @param callable(): Pool $pool */
    public static function pool(Kind $kind, Step $step, callable $pool): Pool
    {
        self::$pools ??= new \WeakMap();
        self::$pools[$kind] ??= [];

        return self::$pools[$kind][self::named($step)] ??= $pool();
    }

    /** @param callable(): string $key */
    public static function key(Prompt $prompt, callable $key): string
    {
        self::$keys ??= new \WeakMap();

        return self::$keys[$prompt] ??= $key();
    }

    /** By what is asked at it, for two maps may have a step of one name. */
    private static function named(Step $step): string
    {
        return $step->id.' '.$step->size;
    }
}
