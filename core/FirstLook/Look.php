<?php

declare(strict_types=1);

namespace Pindle\Core\FirstLook;

/** Tiny tasks, one after the other, each answered by a tap: to find out where a child is, or what is still there. */
interface Look
{
    /** How many were answered. */
    public function tasks(): int;

    /** How many there are at most. */
    public function most(): int;

    /** Whether the last three did not go, so that it may well be enough. */
    public function isHard(): bool;

    /**
     * The step of the next task; null when it is over.
     *
     * @param list<string> $askable ids of steps that can be asked with what is at hand
     */
    public function next(array $askable): ?string;
}
