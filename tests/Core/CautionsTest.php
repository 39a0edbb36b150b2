<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Caution\Reach;
use Pindle\Core\Caution\Rule;
use Pindle\Core\Child\Child;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Size;
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

    /** @return iterable<string, array{string, list<string>}> what a parent calls a thing => ids of the rules that know it for a two-year-old */
    public static function names(): iterable
    {
        yield 'marbles' => ['marbles', ['mouth-nose-ear']];
        yield 'in capitals' => ['MARBLES', ['mouth-nose-ear']];
        yield 'with an accent' => ['Márble', ['mouth-nose-ear']];
        yield 'a mark of its own' => ["Ma\u{0301}rbles", ['mouth-nose-ear']];
        yield 'battery' => ['AA battery', ['refused']];
        yield 'batteries' => ['button batteries', ['refused', 'mouth-nose-ear']];
        yield 'needle' => ['needle', ['refused']];
        yield 'not a needle' => ['pine needles', []];
        yield 'knives' => ['small knives', ['sharp']];
        yield 'not a pin' => ['Rolling pins', []];
        yield 'skewers' => ['skewers', ['sharp']];
        yield 'honey cake' => ['honey cake', ['food']];
        yield 'almonds' => ['almonds', ['choking-food']];
        yield 'acorns' => ['acorns', ['choking-food', 'found-outside']];
        yield 'cherries' => ['cherries', ['cut-food']];
        yield 'play dough' => ['play dough', ['raw-flour']];
        yield 'water beads' => ['water beads', ['refused', 'mouth-nose-ear']];
        yield 'jelly beads' => ['jelly beads', ['refused', 'mouth-nose-ear']];
        yield 'small bags' => ['sandwich bags', ['refused']];
        yield 'matches' => ['matches', ['refused']];
        yield 'medicine' => ['medicine', ['refused']];
        yield 'a washing capsule' => ['washing capsules', ['refused']];
        yield 'balloons' => ['balloons', ['balloons']];
        yield 'string' => ['string', ['cord']];
        yield 'rubber bands' => ['rubber bands', ['bands']];
        yield 'magnets' => ['magnets', ['refused']];
        yield 'in wide letters' => ['ＭＡＧＮＥＴＳ', ['refused']];
        yield 'a mark that stands by itself' => ["magne\u{301}ts", ['refused']];
        yield 'beside bytes that are no letters' => ["fishing \xE9 magnets", ['refused']];
        yield 'nuts that are none' => ['nuts and bolts', []];
        yield 'blocks' => ['blocks', []];
    }

    /** @param list<string> $rules */
    #[DataProvider('names')]
    public function test_a_thing_is_known_by_what_it_is_called(string $name, array $rules): void
    {
        $thing = new Thing('t', $name, $name, 10, Make::thing('x', 1, [80, 80, 300])->size, Shape::Block);
        $found = array_unique(array_map(
            static fn (Caution $caution): string => $caution->rule,
            Make::cautions()->about($thing, [Make::child('Two', 24)], Make::day(0)),
        ));

        self::assertEqualsCanonicalizing($rules, $found);
        self::assertSame(\in_array('refused', $rules, true), null !== Make::cautions()->refusal($thing));
        self::assertSame(!\in_array('refused', $rules, true), Make::cautions()->allow($thing, [], Make::day(0)), 'also while nobody is near');
    }

    /** @return iterable<string, array{string, string, string|null}> the parent's word, the name of a thing, what is blocked; "?" where it is asked about */
    public static function allergies(): iterable
    {
        yield 'dairy is milk' => ['dairy', 'Cheese squares', 'dairy'];
        yield 'lactose is milk' => ['LACTOSE', 'yoghurt drops', 'LACTOSE'];
        yield 'nuts are all nuts' => ['Nuts', 'hazelnuts', 'Nuts'];
        yield 'peanuts too' => ['tree nuts', 'peanuts', 'tree nuts'];
        yield 'acorns count' => ['nuts', 'acorns', 'nuts'];
        yield 'gluten is wheat' => ['gluten', 'dough balls', 'gluten'];
        yield 'egg boxes' => ['egg', 'egg box', 'egg'];
        yield 'egg cups hold no egg' => ['egg', 'egg cups', null];
        yield 'rubber is latex' => ['rubber', 'loom bands', 'rubber'];
        yield 'shellfish' => ['shellfish', 'prawn crackers', 'shellfish'];
        yield 'their own word' => ['kiwi', 'dried kiwis', 'kiwi'];
        yield 'their own word is asked about at food' => ['kiwi', 'fruit bread', '?'];
        yield 'and at what is not food it is not' => ['kiwi', 'corks', null];
        yield 'milk is not in wheat' => ['milk', 'macaroni', null];
    }

    #[DataProvider('allergies')]
    public function test_an_allergy_is_known_by_every_word_there_is_for_it_at_any_age(string $word, string $name, ?string $what): void
    {
        $thing = new Thing('t', $name, $name, 10, Make::thing('x', 1, [80, 80, 300])->size, Shape::Block, can: 'corks' === $name ? [] : [Ability::Edible]);
        $child = new Child('c', 'C', Make::day(0)->plusDays(-5000), [$word]);
        $found = [];
        foreach (Make::cautions()->about($thing, [$child], Make::day(0)) as $caution) {
            if ('food' !== $caution->rule && null !== $caution->what) {
                $found[] = 'ask-allergy' === $caution->rule ? '?' : $caution->what;
            }
        }

        self::assertSame(null === $what ? [] : [$what], $found);
        self::assertSame('?' === $what || null === $what, Make::cautions()->allow($thing, [$child], Make::day(0)));
    }

    public function test_what_asks_for_the_parent_does_so_while_anyone_it_is_meant_for_is_in_reach(): void
    {
        $beans = new Thing('b', 'dried beans', 'dried bean', 30, Make::thing('x', 1, [7, 9, 16])->size, Shape::Block);
        self::assertTrue(Make::cautions()->wantParent($beans, [Make::child('Six', 72), Make::child('Three', 47)], Make::day(0)));
        self::assertFalse(Make::cautions()->wantParent($beans, [Make::child('Six', 72), Make::child('Four', 48)], Make::day(0)));
        self::assertFalse(Make::cautions()->wantParent($beans, [], Make::day(0)));
        self::assertFalse(Make::cautions()->wantParent(Make::thing('blocks', 9, [40, 40, 40]), [Make::child('Two', 24)], Make::day(0)));
    }

    public function test_a_cord_is_one_from_twenty_two_centimetres_on_or_unmeasured(): void
    {
        $size = static fn (float $long): ?Size => Make::thing('x', 1, [50, 60, $long])->size;
        $cord = static fn (?float $long): Thing => new Thing('c', 'cord', 'cord', 3, null === $long ? null : $size($long), Shape::Soft);
        $two = [Make::child('Two', 24)];
        $isCord = static fn (?float $long): bool => [] !== array_filter(
            Make::cautions()->about($cord($long), $two, Make::day(0)),
            static fn (Caution $caution): bool => 'cord' === $caution->rule,
        );

        self::assertFalse($isCord(220.0));
        self::assertTrue($isCord(220.5));
        self::assertTrue($isCord(null));
    }

    public function test_an_activity_in_own_words_is_known_by_what_it_does(): void
    {
        $rules = static fn (string $text): array => array_map(static fn (Rule $rule): string => $rule->id, Make::cautions()->saidIn($text)[0]);

        self::assertEqualsCanonicalizing(['refused', 'choking-food', 'food'], $rules('Eats popcorn beside a Candle.'));
        self::assertSame(['moving'], $rules('Jump to the number.'));
        self::assertSame([], $rules('Which side is lighter? Match the cards to the heaps.'));
        self::assertSame(['wheat'], Make::cautions()->saidIn('Press the dough.')[1]);
    }

    public function test_what_is_asked_once_says_the_same_as_the_cautions_themselves(): void
    {
        $cautions = Make::cautions();
        $reach = new Reach($cautions, Make::day(0));
        $baby = new Child('b', 'B', Make::day(0)->plusDays(-300), ['nuts', 'wheat']);
        $six = Make::child('Six', 72);
        $blocked = $watched = 0;
        foreach (Make::things()->things() as $thing) {
            foreach ([[], [$six], [$baby], [$six, $baby], [$six]] as $nearby) {
                $allowed = $cautions->allow($thing, $nearby, Make::day(0));
                $wants = $cautions->wantParent($thing, $nearby, Make::day(0));
                self::assertSame($allowed, $reach->allows($thing, $nearby, true), $thing->id);
                self::assertSame($allowed && !$wants, $reach->allows($thing, $nearby, false), $thing->id);
                $blocked += $allowed ? 0 : 1;
                $watched += $allowed && $wants ? 1 : 0;
            }
        }
        self::assertGreaterThan(0, $blocked);
        self::assertGreaterThan(0, $watched);
        self::assertFalse($reach->allows(Make::thing('candle', 1, [20, 20, 90]), [], true), 'refused for everyone');
    }

    public function test_every_rule_can_be_set_off_by_something(): void
    {
        $cautions = Make::cautions();
        $all = [
            ...array_values(Make::things()->things()),
            ...array_map(static fn (Prop $prop): Thing => $prop->thing, array_values(Make::activityFile()->props())),
            ...array_map(static fn (Activity $activity): Thing => $activity->asThing(Place::Floor), array_values(Make::catalogue()->activities)),
        ];
        $baby = new Child('b', 'B', Make::day(0)->plusDays(-300), ['nuts', 'xyz']);
        $set = [];
        foreach ($all as $thing) {
            foreach ($cautions->about($thing, [$baby], Make::day(0)) as $caution) {
                $set[$caution->rule] = true;
            }
        }
        foreach ($cautions->rules as $rule) {
            $named = new Thing('n', $rule->names[0] ?? '', 'n', 1, null, Shape::Block);
            $byName = [] !== array_filter($cautions->about($named, [$baby], Make::day(0)), static fn (Caution $caution): bool => $caution->rule === $rule->id);
            self::assertTrue(isset($set[$rule->id]) || $byName, $rule->id.' speaks about nothing there is');
        }
    }
}
