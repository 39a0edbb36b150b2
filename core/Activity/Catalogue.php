<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

use Pindle\Core\Child\Answering;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;

/** All activity families. */
final readonly class Catalogue
{
    /** What each way of answering is done with; nothing for saying it. */
    private const ANSWERED_WITH = ['tiles' => 'sign-tiles', 'writing' => 'paper-pencils', 'ring-it' => 'ring-strip'];

    /**
     * @param array<string, Family> $families by id
     * @param array<string, Prop>   $props    by id
     */
    private function __construct(public array $families, private array $props)
    {
    }

    /**
     * @param list<Family>        $families
     * @param array<string, Prop> $props by id
     */
    public static function of(array $families, array $props): self
    {
        $byId = [];
        foreach ($families as $family) {
            $byId[$family->id] = $family;
        }

        return new self($byId, $props);
    }

    /**
     * The props of a family, where children answer in these ways.
     *
     * @param list<Answering> $answering
     *
     * @return list<Prop>
     */
    public function props(Family $family, array $answering): array
    {
        $props = [];
        foreach ($family->props as $prop) {
            foreach ($prop->answers ? $answering : [null] as $way) {
                $id = null === $way ? $prop->id : (self::ANSWERED_WITH[$way->value] ?? null);
                if (null !== $id) {
                    $props[$id] = $this->props[$id] ?? $prop;
                }
            }
        }

        return array_values($props);
    }

    /** A prop by its id; null when it is not there any more. */
    public function prop(string $id): ?Prop
    {
        return $this->props[$id] ?? null;
    }

    public function has(string $id): bool
    {
        return isset($this->families[$id]);
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
