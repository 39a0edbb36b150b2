<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Child\ComparingSign;
use Pindle\Core\Child\Difference;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\SignsArrive;
use Pindle\Core\Child\TakingBegins;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillKind;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;

/** The skill map as one child is taught: some needs, some forms and a few steps depend on the settings. */
final class OwnMap
{
    private const FIRST_TAKING = 'take-away@3';
    private const JOINING = 'put-together@5';
    private const COUNTING_UP = ['count-up@10', 'count-up@20'];
    private const TAKING = 'take-away@10';
    private const READING_SIGNS = 'read-signs';
    private const COMPARING_SIGN = 'compare-signs';

    /** @throws \Pindle\Core\Skill\SkillMapError when the map lacks a step that a setting names */
    public static function of(SkillMap $map, Settings $settings): SkillMap
    {
        $changed = [];
        foreach ($map->steps as $step) {
            $needs = self::needs($step, $settings);
            $forms = self::forms($step, $settings);
            $offered = SignsArrive::SpokenOnly !== $settings->signsArrive || self::READING_SIGNS !== $step->skill->id;
            if ($needs !== $step->needs || $forms !== $step->forms || $offered !== $step->offered) {
                $changed[] = new Step($step->skill, $step->reach, $needs, $forms, $step->before, $offered);
            }
        }

        return $map->replacing($changed);
    }

    /** @return list<string> */
    private static function needs(Step $step, Settings $settings): array
    {
        $needs = $step->needs;
        if (self::FIRST_TAKING === $step->id && TakingBegins::AfterJoining === $settings->takingBegins) {
            $needs[] = self::JOINING;
        }
        if (Difference::CountUpFirst === $settings->difference && \in_array($step->id, self::COUNTING_UP, true)) {
            $needs = array_diff($needs, [self::TAKING]);
        }
        if (SignsArrive::SpokenOnly === $settings->signsArrive && self::READING_SIGNS !== $step->skill->id) {
            $needs = array_filter($needs, static fn (string $need): bool => !str_starts_with($need, self::READING_SIGNS.'@'));
        }

        return array_values($needs);
    }

    /** @return list<Form> a step that would be left with no form keeps its own: what it asks can be said */
    private static function forms(Step $step, Settings $settings): array
    {
        $forbidden = match (true) {
            self::COMPARING_SIGN === $step->skill->id => ComparingSign::WordsOnly === $settings->comparingSign ? Form::Symbols : null,
            !$step->skill->signs, SkillKind::Quick === $step->skill->kind => null,
            SignsArrive::SpokenOnly === $settings->signsArrive => Form::Symbols,
            // Straight after acting, a sum goes from hands to signs with no drawing between.
            SignsArrive::AfterActing === $settings->signsArrive && \in_array(Form::Symbols, $step->forms, true) => Form::Pictures,
            default => null,
        };
        $forms = array_values(array_filter($step->forms, static fn (Form $form): bool => $form !== $forbidden));

        return [] === $forms ? $step->forms : $forms;
    }
}
