<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Child\Settings;
use Pindle\Core\Child\SignsArrive;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillKind;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Pindle\Core\Skill\When;

/** The skill map as one child is taught: some needs, some forms and a few steps depend on the settings. What changes where is said by the map itself. */
final class OwnMap
{
    /** @throws \Pindle\Core\Skill\SkillMapError when a need that a setting brings is not on the map */
    public static function of(SkillMap $map, Settings $settings): SkillMap
    {
        $answers = $settings->answers();
        $holds = static fn (When $when): bool => ($answers[$when->setting] ?? null) === $when->answer;
        $left = [];
        foreach ($map->steps as $step) {
            $left[$step->id] = [] !== array_filter($step->reach->when, static fn (When $when): bool => $when->leave && $holds($when));
        }
        $changed = [];
        foreach ($map->steps as $step) {
            $now = array_filter($step->reach->when, $holds);
            $needs = self::needs($step, $now, $left);
            $forms = self::forms($step, $now, $settings);
            if ($needs !== $step->needs || $forms !== $step->forms || $left[$step->id] === $step->offered) {
                $changed[] = new Step($step->skill, $step->reach, $needs, $forms, $step->before, !$left[$step->id], $step->varies);
            }
        }

        return $map->replacing($changed);
    }

    /**
     * What is left out for now is waited for only within its own skill.
     *
     * @param array<When>         $now
     * @param array<string, bool> $left
     *
     * @return list<string>
     */
    private static function needs(Step $step, array $now, array $left): array
    {
        $needs = $step->needs;
        foreach ($now as $when) {
            $needs = array_diff([...$needs, ...$when->also], $when->without);
        }

        return array_values(array_filter($needs, static fn (string $need): bool => $left[$step->id] || !($left[$need] ?? false)));
    }

    /**
     * @param array<When> $now
     *
     * @return list<Form> a step that would be left with no form keeps its own: what it asks can be said
     */
    private static function forms(Step $step, array $now, Settings $settings): array
    {
        $forbidden = array_map(static fn (When $when): ?Form => $when->no, $now);
        if ($step->skill->signs && SkillKind::Quick !== $step->skill->kind) {
            $forbidden[] = match (true) {
                SignsArrive::SpokenOnly === $settings->signsArrive => Form::Symbols,
                // Straight after acting, a sum goes from hands to signs with no drawing between.
                SignsArrive::AfterActing === $settings->signsArrive && \in_array(Form::Symbols, $step->forms, true) => Form::Pictures,
                default => null,
            };
        }
        $forms = array_values(array_filter($step->forms, static fn (Form $form): bool => !\in_array($form, $forbidden, true)));

        return [] === $forms ? $step->forms : $forms;
    }
}
