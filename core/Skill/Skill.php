<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** One thing a child learns to do, met at one or more reaches. A skill with no forms is spoken or moved. */
final readonly class Skill
{
    /**
     * @param list<Form>                  $forms   in the order they are met
     * @param array<int|string, list<string>> $reaches reach => ids of the other steps it needs, in order of reach (PHP turns a key "10" into 10)
     * @param bool                            $signs   whether its symbols are a sentence with signs, so that they wait for the signs to arrive
     */
    public function __construct(
        public string $id,
        public Strand $strand,
        public SkillKind $kind,
        public array $forms,
        public array $reaches,
        public bool $signs = false,
    ) {
    }

    public function isQuick(): bool
    {
        return SkillKind::Quick === $this->kind;
    }

    /** Learnt by guessing and counting, and judged by how close the guesses come. */
    public function isGuess(): bool
    {
        return SkillKind::Guess === $this->kind;
    }
}
