<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

use Pindle\Core\Child\Settings;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;

/** All activities, and what they want besides things. */
final readonly class Catalogue
{
    /**
     * @param array<string, Activity> $activities by id
     * @param array<string, Prop>   $props    by id
     */
    private function __construct(public array $activities, private array $props)
    {
    }

    /**
     * @param list<Activity>        $activities
     * @param array<string, Prop> $props by id
     */
    public static function of(array $activities, array $props): self
    {
        $byId = [];
        foreach ($activities as $activity) {
            $byId[$activity->id] = $activity;
        }

        return new self($byId, $props);
    }

    /**
     * The props of an activity, where children work in these forms and are taught in these ways.
     *
     * @param list<Settings>   $taught
     * @param list<Form|null>  $forms
     *
     * @return list<Prop>
     */
    public function props(Activity $activity, array $taught, array $forms): array
    {
        $props = [];
        foreach ($activity->propsIn($forms) as $prop) {
            $by = $prop->by;
            $ways = null === $by ? [] : array_map(static fn (Settings $settings): string => $settings->answers()[$by->value], $taught);
            foreach (null === $by ? [$prop] : array_map($this->propFor(...), $ways) as $taken) {
                if (null !== $taken) {
                    $props[$taken->id] = $taken;
                }
            }
        }

        return array_values($props);
    }

    /** What a way of teaching is done with; nothing where it is said. */
    private function propFor(string $way): ?Prop
    {
        foreach ($this->props as $prop) {
            if ($prop->way === $way) {
                return $prop;
            }
        }

        return null;
    }

    /** A prop by its id; null when it is not there any more. */
    public function prop(string $id): ?Prop
    {
        return $this->props[$id] ?? null;
    }

    public function has(string $id): bool
    {
        return isset($this->activities[$id]);
    }

    /** @throws UnknownActivity */
    public function activity(string $id): Activity
    {
        return $this->activities[$id] ?? throw UnknownActivity::named($id);
    }

    /** @return list<Activity> activities that can show a step in a form (null: spoken or moved) */
    public function showing(Step $step, ?Form $form): array
    {
        return array_values(array_filter($this->activities, static fn (Activity $activity): bool => $activity->shows($step, $form)));
    }

    /**
     * The map where each step keeps only the forms that some activity can show, and says whether there is more than one way to meet it.
     */
    public function narrow(SkillMap $map): SkillMap
    {
        $serving = [];
        foreach ($this->activities as $activity) {
            foreach (array_keys($activity->serves) as $skillId) {
                $serving[$skillId][] = $activity;
            }
        }
        $shown = $same = [];
        foreach ($map->steps as $step) {
            $ways = $forms = [];
            foreach ([] === $step->forms ? [null] : $step->forms as $form) {
                foreach ($serving[$step->skill->id] ?? [] as $activity) {
                    if ($activity->shows($step, $form)) {
                        $ways[$activity->id] = $activity;
                        $forms[$form->value ?? ''] = $form;
                    }
                }
            }
            if (1 === \count($ways) && [] === reset($ways)->roles) {
                $same[] = $step->id;
            }
            $shown[$step->id] = array_values(array_filter($forms));
        }

        return $map->showing($shown, $same);
    }
}
