<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;

/** All activity families. */
final readonly class Catalogue
{
    /** @param array<string, Family> $families by id */
    private function __construct(public array $families)
    {
    }

    /** @param list<Family> $families */
    public static function of(array $families): self
    {
        $byId = [];
        foreach ($families as $family) {
            $byId[$family->id] = $family;
        }

        return new self($byId);
    }

    /** @throws UnknownFamily */
    public function family(string $id): Family
    {
        return $this->families[$id] ?? throw UnknownFamily::named($id);
    }

    /** @return list<Family> families that can show a step in a form (null: spoken or moved) */
    public function showing(Step $step, ?Form $form): array
    {
        return array_values(array_filter($this->families, static fn (Family $family): bool => $family->shows($step, $form)));
    }

    /**
     * The map where each step keeps only the forms that some family can show.
     */
    public function narrow(SkillMap $map): SkillMap
    {
        $shown = [];
        foreach ($map->steps as $step) {
            $shown[$step->id] = array_values(array_filter($step->forms, fn (Form $form): bool => [] !== $this->showing($step, $form)));
        }

        return $map->showing($shown);
    }
}
