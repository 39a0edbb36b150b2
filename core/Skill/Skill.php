<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** One thing a child learns to do, met at one or more reaches. A skill with no forms is spoken or moved. */
final readonly class Skill
{
    /**
     * @param list<Form>                  $forms   in the order they are met
     * @param array<int|string, list<string>> $reaches reach => ids of the other steps it needs, in order of reach (PHP turns a key "10" into 10)
     */
    public function __construct(
        public string $id,
        public Strand $strand,
        public SkillKind $kind,
        public array $forms,
        public array $reaches,
    ) {
    }

    public function isQuick(): bool
    {
        return SkillKind::Quick === $this->kind;
    }
}
