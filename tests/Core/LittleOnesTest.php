<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\PlannedFrom;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Planning\ChildState;
use Pindle\Core\Planning\Day;
use Pindle\Core\Planning\DayPlan;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\LayOut;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\PlanCheck;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Problem;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Stretch;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Thing;
use Pindle\Tests\Make;

/** A house with someone too young for sittings: what lies out, where, and who has to be there. */
final class LittleOnesTest extends TestCase
{
    /** @return iterable<string, array{int|null, PlannedFrom, bool}> age in months */
    public static function ages(): iterable
    {
        yield 'nineteen months' => [19, PlannedFrom::TwentyMonths, false];
        yield 'twenty months' => [20, PlannedFrom::TwentyMonths, true];
        yield 'a year and a half, earlier' => [18, PlannedFrom::EighteenMonths, true];
        yield 'just before' => [17, PlannedFrom::EighteenMonths, false];
        yield 'not before two' => [23, PlannedFrom::TwoYears, false];
        yield 'two' => [24, PlannedFrom::TwoYears, true];
        yield 'not before two and a half' => [29, PlannedFrom::TwoAndAHalf, false];
        yield 'two and a half' => [30, PlannedFrom::TwoAndAHalf, true];
        yield 'nobody knows' => [null, PlannedFrom::TwentyMonths, false];
    }

    #[DataProvider('ages')]
    public function test_sittings_begin_at_an_age_that_is_known(?int $months, PlannedFrom $from, bool $isPlanned): void
    {
        $born = null === $months ? null : Make::child('x', $months)->born;
        $child = new Child('c', 'C', $born, settings: new Settings(plannedFrom: $from));
        $request = self::request([$child], [Place::Table, Place::Floor]);
        $plan = self::planner()->plan($request);

        self::assertSame($isPlanned, $child->isPlannedOn(Make::day(0)));
        self::assertSame($isPlanned, [] !== $plan->setUps);
        self::assertSame([], (new PlanCheck(Make::cautions()))->problems($request, $plan));
    }

    public function test_small_things_stay_off_the_floor_and_the_table_while_a_baby_is_awake_and_lie_on_a_high_table(): void
    {
        $children = [Make::child('Six', 72), Make::child('Baby', 10)];
        foreach ([[Place::Table, false], [Place::HighTable, true]] as [$table, $small]) {
            $request = self::request($children, [$table], [Make::thing('corks', 40, [25, 25, 40], Shape::Tube)]);
            $plan = self::planner()->plan($request);
            self::assertSame([], (new PlanCheck(Make::cautions()))->problems($request, $plan));
            $laid = array_merge(...array_map(static fn (SetUp $setUp): array => $setUp->laid, $plan->setUps));
            self::assertSame($small, [] !== $laid, $table->value);
        }
    }

    public function test_who_climbs_reaches_a_high_table(): void
    {
        $near = static fn (int $months): array => self::request([Make::child('Six', 72), Make::child('Little', $months)], [Place::HighTable])
            ->nearby(new Span(540, 550), Place::HighTable);

        self::assertCount(1, $near(14));
        self::assertCount(2, $near(15));
        self::assertCount(2, self::request([Make::child('Six', 72), new Child('u', 'U', null)], [])->nearby(new Span(540, 550), Place::HighTable));
    }

    public function test_what_goes_into_noses_is_laid_out_only_with_the_parent_there_while_a_three_year_old_is_awake(): void
    {
        $size = Make::thing('x', 1, [7, 9, 16])->size;
        $beans = new Thing('beans', 'dried beans', 'dried bean', 60, $size, Shape::Block, glyph: 'bean', can: Ability::usual(Shape::Block));
        $lays = static function (int $months, Part $part) use ($beans): bool {
            $activity = Make::catalogue()->activity('take-some');
            $set = QuestionSet::ofStored([new Question('take-away@5', new Kind\Take('take', 5, 3), Level::At)]);
            $nearby = [Make::child('Six', 72), Make::child('Other', $months)];

            return \is_array((new LayOut(Make::cautions(), Make::day(0)))->choose(
                $activity,
                [],
                [[$set, 5]],
                [Form::Things],
                [$beans],
                $nearby,
                [],
                [],
                Place::Table,
                $part,
            ));
        };

        self::assertFalse($lays(47, Part::Near));
        self::assertFalse($lays(47, Part::Alone));
        self::assertTrue($lays(47, Part::With));
        self::assertTrue($lays(48, Part::Near));
        $request = self::request([Make::child('Six', 72, minutes: 60), Make::child('Three', 40)], [Place::Table], [$beans], [new Span(540, 640)]);
        $plan = self::planner()->plan($request);
        self::assertSame([], (new PlanCheck(Make::cautions()))->problems($request, $plan));
        foreach ($plan->setUps as $setUp) {
            self::assertTrue([] === $setUp->laid || Part::With === $setUp->part);
        }
    }

    public function test_the_check_sees_small_things_left_without_the_parent(): void
    {
        $children = [Make::child('Six', 72), Make::child('Three', 40)];
        $request = self::request($children, [Place::Table]);
        $plan = self::planner()->plan($request);
        $first = array_values(array_filter($plan->setUps, static fn (SetUp $setUp): bool => null !== $setUp->sittingOf('six')))[0];
        $beans = new Thing('beans', 'dried beans', 'dried bean', 60, Make::thing('x', 1, [7, 9, 16])->size, Shape::Block);
        $problems = static function (Part $part) use ($first, $beans, $request): array {
            $setUp = new SetUp('s', $first->activity, Place::Table, $part, $first->span, $first->sittings, [new Laid('things', $beans, 3)]);
            $made = new DayRequest($request->date, 1, $request->learners, $request->windows, [$beans], $request->places);
            $day = new DayPlan($request->date, [$setUp], Day::of($made)->threads([$setUp]), self::planner()->plan($made)->goal);

            return array_filter(
                (new PlanCheck(Make::cautions()))->problems($made, $day),
                static fn (array $problem): bool => Problem::WithoutParent === $problem[0] && str_contains($problem[1], 'dried beans'),
            );
        };

        self::assertCount(1, $problems(Part::Near));
        self::assertCount(1, $problems(Part::Alone));
        self::assertCount(0, $problems(Part::With));
    }

    public function test_a_baby_is_on_the_lap_while_the_parent_sits_with_another_and_beside_at_a_high_table(): void
    {
        $children = [Make::child('Four', 50), Make::child('Baby', 10)];
        $states = static function (Place $table, Part $part) use ($children): array {
            $request = self::request($children, [$table]);
            $some = self::planner()->plan(self::request($children, [Place::Table]))->setUps[0];
            $setUp = new SetUp('s', $some->activity, $table, $part, new Span(540, 560), $some->sittings, []);

            return array_map(
                static fn (Stretch $stretch): ChildState => $stretch->state,
                Day::of($request)->threads([$setUp])['baby'],
            );
        };

        self::assertSame([ChildState::Lap], $states(Place::Table, Part::With));
        self::assertSame([ChildState::Beside], $states(Place::Table, Part::Near));
        self::assertSame([ChildState::Beside], $states(Place::HighTable, Part::With));
    }

    private static function planner(): Planner
    {
        return new Planner(Make::map(), Make::catalogue(), Make::cautions());
    }

    /**
     * @param list<Child>      $children
     * @param list<Place>      $places
     * @param list<Thing>|null $things
     * @param list<Span>       $windows
     */
    private static function request(array $children, array $places, ?array $things = null, array $windows = [new Span(540, 580)]): DayRequest
    {
        return new DayRequest(
            Make::day(0),
            1,
            array_map(static fn (Child $child): Learner => new Learner($child, ChildRecord::blank(Make::map()), $child->minutesOn(Make::day(0))), $children),
            $windows,
            $things ?? [Make::thing('blocks', 40, [40, 40, 40])],
            $places,
        );
    }
}
