<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Reach;
use Pindle\Core\Skill\Skill;
use Pindle\Core\Skill\SkillKind;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\SkillMapError;
use Pindle\Core\Skill\Strand;
use Pindle\Core\Skill\Variant;
use Pindle\Tests\Make;

final class SkillMapTest extends TestCase
{
    public function test_the_whole_map_has_69_skills_in_11_strands_and_no_circle(): void
    {
        // SkillMap::of refuses unknown needs and circles, so reading it is the proof.
        $map = Make::wholeMap();

        self::assertCount(69, $map->skills);
        self::assertCount(11, array_unique(array_map(static fn (Skill $skill): string => $skill->strand->value, $map->skills)));
    }

    public function test_a_step_comes_after_everything_it_needs(): void
    {
        $seen = [];
        foreach (Make::wholeMap()->steps as $step) {
            self::assertSame([], array_diff($step->needs, $seen), $step->id);
            $seen[] = $step->id;
        }
    }

    public function test_light_and_hand_skills_hold_no_number_step_back(): void
    {
        $map = Make::wholeMap();
        foreach ($map->steps as $step) {
            foreach ($step->needs as $need) {
                $kind = $map->step($need)->skill->kind;
                if (SkillKind::Light === $kind || SkillKind::Hand === $kind) {
                    self::assertSame($kind, $step->skill->kind, $step->id.' needs '.$need);
                }
            }
        }
    }

    public function test_a_step_needs_the_reach_before_it(): void
    {
        $map = Make::wholeMap();

        self::assertSame(['count-out@5', 'how-many@10'], $map->step('count-out@10')->needs);
        self::assertSame(['add-sentence@10', 'put-together@10', 'match-numeral@20'], $map->step('add-sentence@20')->needs);
        self::assertSame('how-many@10', $map->ancestorOfSkill('put-together@10', 'how-many'));
        self::assertNull($map->ancestorOfSkill('say-count@3', 'how-many'));
        self::assertSame(['how-many@10', 'how-many@20'], $map->higherReaches('how-many@5'));
    }

    public function test_an_unknown_need_is_refused(): void
    {
        $this->expectException(SkillMapError::class);
        $this->expectExceptionMessage('"a@1" needs "b@1"');
        SkillMap::of([self::skill('a', ['1' => ['b@1']])]);
    }

    public function test_a_circle_is_refused(): void
    {
        $this->expectException(SkillMapError::class);
        $this->expectExceptionMessage('needs itself');
        SkillMap::of([self::skill('a', ['1' => ['b@1']]), self::skill('b', ['1' => ['a@1']])]);
    }

    public function test_forms_no_activity_can_show_are_left_out(): void
    {
        $map = SkillMap::of([self::skill('a', ['1' => []])]);

        self::assertSame([Form::Things], $map->showing(['a@1' => [Form::Things]])->step('a@1')->forms);
        self::assertSame([Form::Things, Form::Symbols], $map->showing([])->step('a@1')->forms);
    }

    /** @param array<int|string, list<string>> $reaches */
    private static function skill(string $id, array $reaches): Skill
    {
        return new Skill(
            $id,
            Strand::Counting,
            SkillKind::Usual,
            [Form::Things, Form::Symbols],
            array_combine(
                array_map(strval(...), array_keys($reaches)),
                array_map(
                    static fn (array $needs, int|string $name): Reach => new Reach((string) $name, 1, 40.0, $needs, new Variant($id.'@'.$name)),
                    $reaches,
                    array_keys($reaches),
                ),
            ),
        );
    }
}
