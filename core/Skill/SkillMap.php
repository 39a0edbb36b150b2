<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** All steps and what each needs. Every need exists and no step needs itself, however far round. */
final readonly class SkillMap
{
    /**
     * @param array<string, Skill>               $skills
     * @param array<string, Step>                $steps      each after everything it needs
     * @param array<string, list<string>>        $dependents step => the steps that directly need it
     * @param array<string, array<string, true>> $ancestors  step => everything it needs, however far back
     */
    private function __construct(
        public array $skills,
        public array $steps,
        private array $dependents,
        private array $ancestors,
    ) {
    }

    /**
     * @param list<Skill> $skills in the order they are shown
     *
     * @throws SkillMapError when a skill stands twice, a need does not exist, or the needs run in a circle
     */
    public static function of(array $skills): self
    {
        $byId = [];
        $steps = [];
        foreach ($skills as $skill) {
            if (isset($byId[$skill->id])) {
                throw SkillMapError::twice($skill->id);
            }
            $byId[$skill->id] = $skill;
            $before = null;
            foreach ($skill->reaches as $reach) {
                $needs = array_values(array_unique(null === $before ? $reach->needs : [$before, ...$reach->needs]));
                $step = new Step($skill, $reach, $needs, $skill->forms, $before);
                $steps[$step->id] = $step;
                $before = $step->id;
            }
        }

        return self::ordered($byId, $steps);
    }

    /**
     * The same map where each step keeps only the forms that can be shown; a step left with none keeps its own.
     *
     * @param array<string, list<Form>> $shown step id => forms that some activity can show
     * @param list<string>              $same  ids of the steps that there is but one way to meet
     */
    public function showing(array $shown, array $same = []): self
    {
        $steps = array_map(static function (Step $step) use ($shown, $same): Step {
            $forms = array_values(array_filter($step->forms, static fn (Form $form): bool => \in_array($form, $shown[$step->id] ?? [], true)));

            $varies = !\in_array($step->id, $same, true);

            return new Step($step->skill, $step->reach, $step->needs, $forms ?: $step->forms, $step->before, $step->offered, $varies);
        }, $this->steps);

        return new self($this->skills, $steps, $this->dependents, $this->ancestors);
    }

    /**
     * The same map with some steps in the place of those of the same id, their needs drawn anew.
     *
     * @param list<Step> $steps
     *
     * @throws SkillMapError when a need does not exist or the needs run in a circle
     */
    public function replacing(array $steps): self
    {
        $all = $this->steps;
        foreach ($steps as $step) {
            $all[$step->id] = $step;
        }

        return [] === $steps ? $this : self::ordered($this->skills, $all);
    }

    /** @throws SkillMapError when there is no such step */
    public function step(string $id): Step
    {
        return $this->steps[$id] ?? throw SkillMapError::unknownStep($id);
    }

    public function has(string $id): bool
    {
        return isset($this->steps[$id]);
    }

    /** @return list<string> steps that directly need this one */
    public function dependents(string $id): array
    {
        return $this->dependents[$id] ?? [];
    }

    /** @return list<string> everything this step needs, however far back */
    public function ancestors(string $id): array
    {
        return array_keys($this->ancestors[$id] ?? []);
    }

    /** Whether one step is needed, however far back, by another. */
    public function isNeededBy(string $id, string $other): bool
    {
        return isset($this->ancestors[$other][$id]);
    }

    /** The skill that a slip speaks of, wherever it happens; null where only a remedy follows. */
    public function skillOfSlip(string $slip): ?string
    {
        foreach ($this->skills as $skill) {
            if (\in_array($slip, $skill->slips, true)) {
                return $skill->id;
            }
        }

        return null;
    }

    /** The highest reach of a skill among what a step needs, however far back; null if there is none. */
    public function ancestorOfSkill(string $stepId, string $skillId): ?string
    {
        $found = null;
        foreach (array_keys($this->skills[$skillId]->reaches ?? []) as $reach) {
            if (isset($this->ancestors[$stepId][$skillId.'@'.$reach])) {
                $found = $skillId.'@'.$reach;
            }
        }

        return $found;
    }

    /** @return list<string> the same skill at every higher reach, nearest first */
    public function higherReaches(string $id): array
    {
        $step = $this->step($id);
        $reaches = array_map(strval(...), array_keys($step->skill->reaches));
        $at = (int) array_search($step->reach->name, $reaches, true);

        return array_map(static fn (string $reach): string => $step->skill->id.'@'.$reach, \array_slice($reaches, $at + 1));
    }

    /**
     * @param array<string, Skill> $skills
     * @param array<string, Step>  $steps
     *
     * @throws SkillMapError
     */
    private static function ordered(array $skills, array $steps): self
    {
        $dependents = [];
        $waiting = [];
        foreach ($steps as $step) {
            $waiting[$step->id] = \count($step->needs);
            foreach ($step->needs as $need) {
                if (!isset($steps[$need])) {
                    throw SkillMapError::unknownNeed($step->id, $need);
                }
                $dependents[$need][] = $step->id;
            }
        }

        $ancestors = [];
        $ordered = [];
        $free = array_keys(array_filter($waiting, static fn (int $count): bool => 0 === $count));
        while (null !== $id = array_shift($free)) {
            $ordered[$id] = $steps[$id];
            $ancestors[$id] = [];
            foreach ($steps[$id]->needs as $need) {
                $ancestors[$id] += [$need => true] + $ancestors[$need];
            }
            foreach ($dependents[$id] ?? [] as $dependent) {
                if (0 === --$waiting[$dependent]) {
                    $free[] = $dependent;
                }
            }
        }
        if (\count($ordered) < \count($steps)) {
            throw SkillMapError::loopThrough((string) array_key_first(array_diff_key($steps, $ordered)));
        }

        return new self($skills, $ordered, $dependents, $ancestors);
    }
}
