<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** One thing a child learns to do, met at one or more reaches. A skill with no forms is spoken or moved. */
final readonly class Skill
{
    /**
     * @param list<Form>           $forms   in the order they are met
     * @param array<string, Reach> $reaches by name, in order
     * @param bool                 $signs   whether its symbols are a sentence with signs, so that they wait for the signs to arrive
     * @param list<string>         $slips   slips that speak of this skill, wherever they happen
     */
    public function __construct(
        public string $id,
        public Strand $strand,
        public SkillKind $kind,
        public array $forms,
        public array $reaches,
        public bool $signs = false,
        public array $slips = [],
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
