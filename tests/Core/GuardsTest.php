<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\InvalidActivity;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\InvalidWorth;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Calendar\InvalidSpan;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\InvalidChild;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\InvalidDrawing;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\InvalidEvidence;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Spread;
use Pindle\Core\Evidence\Window;
use Pindle\Core\Evidence\WindowPlace;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\InvalidSitting;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\InvalidAmounts;
use Pindle\Core\Question\Picture;
use Pindle\Core\Skill\Reach;
use Pindle\Core\Skill\SkillMapError;
use Pindle\Core\Skill\Variant;
use Pindle\Core\Thing\InvalidSize;
use Pindle\Core\Thing\InvalidThing;
use Pindle\Core\Thing\Size;
use Pindle\Core\Thing\Thing;
use Pindle\Tests\Make;

/** What a value says of its range, it holds: the last that may be, and the first that may not. */
final class GuardsTest extends TestCase
{
    /**
     * Error, maker, what may be, what may not.
     *
     * @return iterable<string, array{class-string<\Throwable>, \Closure(int|float): mixed, list<int|float>, list<int|float>}>
     */
    public static function ranges(): iterable
    {
        yield 'minutes of maths a day' => [
            InvalidChild::class,
            static fn (int|float $n): Child => new Child('c', 'C', null, minutesADay: (int) $n),
            [5, 60],
            [4, 61],
        ];
        yield 'the longest sitting' => [
            InvalidChild::class,
            static fn (int|float $n): Child => new Child('c', 'C', null, longestSitting: (int) $n),
            [3, 40],
            [2, 41],
        ];
        yield 'an amount of things' => [InvalidThing::class, static fn (int|float $n): Thing => new Thing('t', 't', 't', (int) $n), [0], [-1]];
        yield 'colours' => [InvalidThing::class, static fn (int|float $n): Thing => new Thing('t', 't', 't', 1, colours: (int) $n), [1], [0]];
        yield 'a mass' => [InvalidThing::class, static fn (int|float $n): Thing => new Thing('t', 't', 't', 1, mass: (float) $n), [0.1], [0.0, -1.0]];
        yield 'a deviation' => [
            InvalidThing::class,
            static fn (int|float $n): Thing => new Thing('t', 't', 't', 1, mass: 4.0, massDeviation: (float) $n),
            [0.0],
            [-0.1],
        ];
        yield 'a side' => [InvalidSize::class, static fn (int|float $n): Size => Size::of((float) $n, 20, 20), [0.1, 3000.0], [0.0, 3000.1]];
        yield 'minutes to lay out' => [InvalidActivity::class, static fn (int|float $n): Activity => self::activity(setUp: (int) $n), [0, 5], [-1, 6]];
        yield 'seconds for a question' => [
            InvalidActivity::class,
            static fn (int|float $n): Activity => self::activity(seconds: (int) $n),
            [15, 120],
            [14, 121],
        ];
        yield 'amounts' => [InvalidAmounts::class, static fn (int|float $n): Amounts => new Amounts(3, (int) $n), [0], [-1]];
        yield 'choices of a first look' => [InvalidEvidence::class, static fn (int|float $n): Answer => new Answer('s', Outcome::AtOnce, (int) $n), [2], [1]];
        yield 'counts of a ladder' => [InvalidEvidence::class, static fn (int|float $n): Ladder => new Ladder(null, 0, (int) $n), [0], [-1]];
        yield 'attempts of a window' => [
            InvalidEvidence::class,
            static fn (int|float $n): Window => new Window(
                array_map(static fn (): WindowPlace => WindowPlace::ofAttempt(Make::anAttempt('say-count@5', 0)), range(1, (int) $n)),
                12,
            ),
            [11],
            [12],
        ];
        yield 'attempts there ever were' => [
            InvalidEvidence::class,
            static fn (int|float $n): Window => new Window([], (int) $n),
            [0],
            [-1],
        ];
        yield 'days of a spread' => [InvalidEvidence::class, static fn (int|float $n): Spread => new Spread((int) $n), [0], [-1]];
        yield 'a part of a worth' => [InvalidWorth::class, static fn (int|float $n): Worth => new Worth((float) $n, 0, 0, 0, 1, 1), [0.0, 1.0], [-0.01, 1.01]];
        yield 'liking in a worth' => [
            InvalidWorth::class,
            static fn (int|float $n): Worth => new Worth(0, 0, 0, 0, 1, 1, (float) $n),
            [0.7, 1.3],
            [0.69, 1.31],
        ];
        yield 'the strength of a paint' => [InvalidDrawing::class, static fn (int|float $n): Paint => new Paint(strength: (float) $n), [0.0, 1.0], [-0.1, 1.1]];
        yield 'the width of a line' => [InvalidDrawing::class, static fn (int|float $n): Paint => new Paint(width: (float) $n), [0.0], [-0.1]];
        yield 'the scale of a path' => [
            InvalidDrawing::class,
            static fn (int|float $n): Path => new Path('M0 0', new Paint(), scale: (float) $n),
            [0.1],
            [0.0, -1.0],
        ];
        yield 'the width of a drawing' => [InvalidDrawing::class, static fn (int|float $n): Drawing => new Drawing((float) $n, 10.0, [], ''), [0.1], [0.0]];
        yield 'the end of a span' => [InvalidSpan::class, static fn (int|float $n): Span => new Span(540, (int) $n), [541, 1440], [540, 1441]];
        yield 'the size of a reach' => [SkillMapError::class, static fn (int|float $n): Reach => new Reach('x', (int) $n, 36, [], new Variant('x')), [1], [0]];
        yield 'the months of a reach' => [
            SkillMapError::class,
            static fn (int|float $n): Reach => new Reach('x', 5, (float) $n, [], new Variant('x')),
            [0.1],
            [0.0],
        ];
        yield 'courses of a sitting' => [
            InvalidSitting::class,
            static fn (int|float $n): Sitting => new Sitting(
                'c',
                array_map(static fn (int $i): Course => new Course('s'.$i, null, Help::Bare, Reason::Ready), range(1, (int) $n)),
                [],
            ),
            [1, 2],
            [3],
        ];
    }

    /**
     * @param class-string<\Throwable>   $error
     * @param \Closure(int|float): mixed $make
     * @param list<int|float>            $may
     * @param list<int|float>            $mayNot
     */
    #[DataProvider('ranges')]
    public function test_its_range_is_guarded(string $error, \Closure $make, array $may, array $mayNot): void
    {
        foreach ($may as $n) {
            self::assertIsObject($make($n));
        }
        foreach ($mayNot as $n) {
            try {
                $make($n);
                self::fail($n.' was taken');
            } catch (\InvalidArgumentException $caught) {
                self::assertInstanceOf($error, $caught);
                self::assertStringContainsString((string) $n, $caught->getMessage(), 'it says what was wrong');
            }
        }
    }

    public function test_two_courses_of_one_step_are_one_course(): void
    {
        $course = new Course('say-count@5', null, Help::Bare, Reason::Ready);
        $this->expectException(InvalidSitting::class);
        new Sitting('c', [$course, $course], []);
    }

    private static function activity(int $setUp = 1, int $seconds = 30): Activity
    {
        return new Activity('a', [], Part::With, false, [Place::Table], [], [], [], [], $setUp, $seconds, false, null, ['spoken' => Picture::cases()[0]]);
    }
}
