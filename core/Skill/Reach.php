<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** How far the numbers of a skill go, or a named level of it. */
final readonly class Reach
{
    /**
     * @param string       $name    digits, or a name
     * @param int          $size    the largest number, at least 1; a named one stands for the numbers it uses
     * @param float        $months  the age at which about half of children may know it, above 0: a starting guess, shown to nobody
     * @param list<string> $needs   ids of the other steps it needs
     * @param list<When>   $when    what a way of teaching changes
     *
     * @throws SkillMapError when the size or the months are out of their range
     */
    public function __construct(
        public string $name,
        public int $size,
        public float $months,
        public array $needs,
        public Variant $variant,
        public array $when = [],
    ) {
        if ($size < 1 || $months <= 0) {
            throw SkillMapError::size($name);
        }
    }

    /** Whether its name is its largest number, and not a level. */
    public function isNumber(): bool
    {
        return $this->name === (string) $this->size;
    }
}
