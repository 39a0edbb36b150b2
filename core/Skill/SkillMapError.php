<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** A skill map that cannot be used, or a step that is not on it. */
final class SkillMapError extends \InvalidArgumentException
{
    public static function unknownNeed(string $step, string $need): self
    {
        return new self(\sprintf('Step "%s" needs "%s", which is not on the map.', $step, $need));
    }

    public static function loopThrough(string $step): self
    {
        return new self(\sprintf('Step "%s" needs itself through other steps.', $step));
    }

    public static function unknownStep(string $step): self
    {
        return new self(\sprintf('There is no step "%s" on the map.', substr($step, 0, 60)));
    }

    public static function twice(string $skill): self
    {
        return new self(\sprintf('Skill "%s" is on the map twice.', $skill));
    }

    public static function size(string $reach): self
    {
        return new self(\sprintf('Reach "%s" has no largest number above 0, or no age.', substr($reach, 0, 60)));
    }
}
