<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Thing;
use Pindle\Tests\Make;

final class CautionsTest extends TestCase
{
    /** @return iterable<string, array{Thing, bool, bool}> thing, small part, small ball */
    public static function things(): iterable
    {
        yield 'cork' => [Make::thing('corks', 1, [25, 25, 40], Shape::Tube), true, false];
        yield 'clothes peg' => [Make::thing('pegs', 1, [10, 15, 75], Shape::Long), false, false];
        yield 'bouncy ball' => [Make::thing('balls', 1, [43, 43, 43], Shape::Ball), false, true];
        yield 'not measured, may be round' => [Make::thing('things', 1, null, Shape::Unknown), true, true];
        yield 'not measured, a block' => [Make::thing('things', 1, null, Shape::Block), true, false];
        yield 'at the limits of both' => [Make::thing('eggs', 1, [35, 35, 60], Shape::Egg), true, true];
        yield 'just over the ball limit' => [Make::thing('balls', 1, [44.5, 44.5, 44.5], Shape::Ball), false, false];
    }

    #[DataProvider('things')]
    public function test_small_parts_and_small_balls(Thing $thing, bool $part, bool $ball): void
    {
        self::assertSame($part, Cautions::isSmallPart($thing));
        self::assertSame($ball, Cautions::isSmallBall($thing));
    }

    public function test_small_parts_are_blocked_until_the_third_birthday_and_for_a_child_without_a_birth_date(): void
    {
        $cautions = Make::cautions();
        $cork = Make::thing('corks', 10, [25, 25, 40], Shape::Tube);

        self::assertFalse($cautions->allow($cork, [Make::child('Young', 35)], Make::day(0)));
        self::assertTrue($cautions->allow($cork, [Make::child('Older', 36)], Make::day(0)));
        self::assertFalse($cautions->allow($cork, [new Child('x', 'Unknown', null)], Make::day(0)));
        self::assertFalse($cautions->allow($cork, [Make::child('Older', 80), Make::child('Young', 20)], Make::day(0)));
    }

    public function test_an_allergen_is_blocked_at_any_age(): void
    {
        $pasta = new Thing('pasta', 'pasta tubes', 'pasta tube', 50, Make::thing('x', 1, [10, 10, 45])->size, Shape::Tube, [], ['wheat']);
        $allergic = new Child('a', 'Allergic', Make::day(0)->plusDays(-3000), ['wheat']);

        self::assertSame(
            ['allergy'],
            array_map(static fn (Caution $caution): string => $caution->rule, Make::cautions()->about($pasta, [$allergic], Make::day(0))),
        );
    }

    public function test_a_warning_does_not_block(): void
    {
        $beans = new Thing('beans', 'beans', 'bean', 50, Make::thing('x', 1, [7, 9, 16])->size, Shape::Block, ['mouth-sized']);
        $cautions = Make::cautions()->about($beans, [Make::child('Three', 40)], Make::day(0));

        self::assertCount(1, $cautions);
        self::assertFalse($cautions[0]->blocks());
    }
}
