<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Answering;
use Pindle\Core\Child\CoinSet;
use Pindle\Core\Child\InvalidCoins;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Seen;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Planning\Asking;
use Pindle\Core\Planning\Candidate;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Question\Comparison;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Kind\NameNumeral;
use Pindle\Core\Question\Lie;
use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\Sight\Groups;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Drawn;
use Pindle\Tests\Make;

/** What is asked at a step is what the step is about, and what is offered to notice is what can happen there. */
final class TeachingTest extends TestCase
{
    /** @param array{int, int} $others */
    #[TestWith([3, 1, 3, [2, 1]])]
    #[TestWith([6, 0, 10, [9, 7]])]
    #[TestWith([9, 0, 10, [6, 10]])]
    #[TestWith([14, 0, 20, [4, 15]])]
    #[TestWith([12, 0, 20, [20, 15]])]
    #[TestWith([14, 0, 100, [40, 4]])]
    #[TestWith([30, 0, 100, [13, 31]])]
    #[TestWith([47, 0, 100, [74, 48]])]
    #[TestWith([47, 0, 50, [48, 46]])]
    public function test_beside_a_numeral_to_find_lies_what_it_is_taken_for_inside_the_reach(int $n, int $least, int $largest, array $others): void
    {
        self::assertSame($others, (new NameNumeral('find-numeral', $n, $least, $largest))->others());
    }

    public function test_every_numeral_to_choose_from_is_inside_the_reach(): void
    {
        foreach (['name-numeral@3' => 1, 'name-numeral@5' => 0, 'name-numeral@10' => 0, 'name-numeral@20' => 0] as $id => $least) {
            $step = Make::map()->step($id);
            foreach (Kind::named('name-numeral')->prompts($step) as $prompt) {
                $cards = array_map(intval(...), Drawn::cards(Drawn::of(Picture::Cards, $prompt)));
                self::assertCount('find-numeral' === $prompt->ask ? 3 : 1, array_unique($cards));
                self::assertSame([], array_diff($cards, range($least, $step->size)), $id);
            }
        }
    }

    public function test_counting_and_telling_how_many_ask_different_things_and_nobody_counts_one(): void
    {
        $asks = static fn (string $kind, string $step): array => array_values(array_unique(array_map(
            static fn (Prompt $prompt): string => $prompt->ask,
            Kind::named($kind)->prompts(Make::map()->step($step)),
        )));
        self::assertSame(['count-them'], $asks('count-objects', 'touch-count@5'));
        self::assertSame(['how-many', 'how-many-under'], $asks('tell-how-many', 'how-many@5'));
        foreach (['count-objects' => 'touch-count@5', 'tell-how-many' => 'how-many@5', 'fill-frame' => 'see-at-once@5'] as $kind => $step) {
            $amounts = array_map(static fn (Prompt $prompt): int => $prompt->amounts()->n, Kind::named($kind)->prompts(Make::map()->step($step)));
            self::assertSame([2, 5], [min($amounts), max($amounts)], $kind);
        }
        self::assertSame(['do-moves', 'count-moves', 'count-silently'], $asks('count-moves', 'count-moves@5'));
    }

    public function test_a_muddle_is_harder_than_a_ring_and_a_ring_than_a_row_but_one_more_is_harder_than_either(): void
    {
        $load = static fn (int $n, Lie $lie): int => (new Kind\CountObjects($n, $lie))->load();

        self::assertLessThan($load(4, Lie::Ring), $load(4, Lie::Row));
        self::assertLessThan($load(4, Lie::Muddle), $load(4, Lie::Ring));
        self::assertLessThanOrEqual($load(5, Lie::Row), $load(4, Lie::Muddle));
    }

    public function test_each_ten_and_some_is_built_and_read_odd_and_even(): void
    {
        $asked = [];
        foreach (Kind::named('tens-ones')->prompts(Make::map()->step('tens-ones@50')) as $prompt) {
            $asked[$prompt->ask][] = $prompt->answer();
        }
        self::assertSame(['build-tens' => range(20, 50), 'read-tens' => range(20, 50)], $asked);
    }

    public function test_counting_back_goes_all_the_way_and_piles_of_twenty_are_twos(): void
    {
        foreach (['count-back@5', 'count-back@20'] as $step) {
            $prompts = Kind::named('say-back')->prompts(Make::map()->step($step));
            foreach ($prompts as $prompt) {
                self::assertSame(0, $prompt->answer());
            }
            self::assertSame(Make::map()->step($step)->size, max(array_map(static fn (Prompt $prompt): int => $prompt->load(), $prompts)));
        }
        foreach (['equal-piles@20' => [2], 'equal-piles@50' => [5, 10]] as $step => $each) {
            foreach (Kind::named('equal-piles')->prompts(Make::map()->step($step)) as $prompt) {
                self::assertContains($prompt->numbers()['each'] ?? null, $each, $step);
            }
        }
    }

    public function test_pots_to_guess_at_are_clearly_different_and_one_misleads(): void
    {
        foreach (['guess-count@10' => [3, 4, 6, 8, 10], 'guess-count@20' => [5, 8, 12, 16, 20], 'guess-count@50' => [13, 20, 30, 40, 50]] as $step => $fills) {
            $prompts = Kind::named('guess-count')->prompts(Make::map()->step($step));
            $of = static fn (string $ask): array => array_values(array_map(
                static fn (Prompt $prompt): mixed => $prompt->answer(),
                array_filter($prompts, static fn (Prompt $prompt): bool => $prompt->ask === $ask),
            ));
            self::assertSame([$fills, [$fills[2]]], [$of('guess-count'), $of('guess-others')], $step);
        }
    }

    /** @param array<int, int> $atHand */
    #[TestWith(['1, 2, 5', [1 => 10, 2 => 10, 5 => 10], '1, 2, 5'])]
    #[TestWith([' 25 x 4 ,1×100, 5', [1 => 100, 5 => 10, 25 => 4], '1 x 100, 5, 25 x 4'])]
    #[TestWith(['100', [100 => 10], '100'])]
    public function test_a_house_has_its_own_coins(string $typed, array $atHand, string $kept): void
    {
        $coins = CoinSet::parse($typed);

        self::assertSame([$atHand, $kept], [$coins->atHand, $coins->toString()]);
    }

    #[TestWith([''])]
    #[TestWith(['0'])]
    #[TestWith(['101'])]
    #[TestWith(['2 x 0'])]
    #[TestWith(['2 x 101'])]
    #[TestWith(['2, 2'])]
    #[TestWith(['two'])]
    #[TestWith(['1,2,3,4,5,6,7,8,9,10,11,12,13'])]
    public function test_what_is_no_set_of_coins_is_refused(string $typed): void
    {
        $this->expectException(InvalidCoins::class);

        CoinSet::parse($typed);
    }

    public function test_only_what_the_coins_at_hand_can_do_is_asked(): void
    {
        $coins = CoinSet::parse('1 x 3, 5 x 2, 25');
        $fits = static fn (string $ask): array => array_values(array_filter(
            range(1, 20),
            static fn (int $n): bool => (new Kind\MakeAmount($ask, $n))->fits($coins),
        ));

        self::assertSame([1, 5], $fits('name-coin'));
        self::assertSame([1, 2, 3, 5, 10], $fits('make-one-kind'));
        self::assertSame([1, 2, 3, 5, 6, 7, 8, 10, 11, 12, 13], $fits('make-amount'));
        $drawing = Drawn::of(Picture::Coins, new Kind\MakeAmount('make-amount', 8), settings: new Settings(coins: $coins));
        self::assertSame('811155', Drawn::written($drawing), 'the price, then what is in the purse');
        self::assertSame('5', Drawn::written(Drawn::of(Picture::Coins, new Kind\MakeAmount('name-coin', 5), settings: new Settings(coins: $coins))));
    }

    public function test_of_three_groups_just_one_goes_with_the_one_that_is_named(): void
    {
        foreach (range(3, 10) as $whole) {
            foreach (range(1, $whole - 1) as $named) {
                [$one, $two, $three] = (new Groups($whole, $named))->groups;
                $pairs = array_filter([$one + $two, $one + $three, $two + $three], static fn (int $sum): bool => $sum === $whole);
                self::assertSame([0 => $whole], $pairs);
            }
        }
        self::assertSame(['7'], Drawn::cards(Drawn::of(Picture::Groups, new Kind\PartnerTo(7, 3), Form::Pictures)));
    }

    public function test_what_comes_next_in_a_pattern_is_named(): void
    {
        $prompt = new Kind\CarryOn('carry-on', 'aab', 4);

        self::assertSame([0, 0, 1, 0], $prompt->goesOn());
        self::assertSame('peg, peg, cork, peg', Make::words()->answer($prompt, 'pegs', ['peg', 'cork']));
        self::assertSame('one of the first kind, one of the first kind, one of the second, one of the first kind', Make::words()->answer($prompt, 'pegs'));
    }

    /** Tiles lie there for a number; a story is said, a sign is acted, a row is made. */
    public function test_an_answer_is_laid_where_it_is_a_number_to_find(): void
    {
        $says = static fn (Prompt $prompt): bool => str_contains(Make::words()->ask($prompt, [], 'pegs', new Settings(), Answering::Tiles), 'tiles');

        self::assertTrue($says(new Kind\Join('join', 3, 4)));
        self::assertTrue($says(new Kind\PartnerTo(10, 4)));
        self::assertFalse($says(new Kind\ActStory('story-join', 3, 4)));
        self::assertFalse($says(new Kind\Balance(3, 4)));
        self::assertFalse($says(new Kind\CompareSigns('make-true', 3, 0)));
    }

    public function test_order_is_asked_downwards_and_by_a_run_of_gaps(): void
    {
        $down = new Kind\OrderNumerals('order-down', 3, 2);
        self::assertSame(9, $down->values()['from']);
        $run = new Kind\OrderNumerals('missing-run', 4);
        self::assertSame([3, 7, 4, 5, 6], array_map(static fn (string $name): mixed => $run->values()[$name], ['a', 'b', 'first', 'middle', 'last']));
        self::assertSame(['3', '', '', '', '7'], Drawn::cards(Drawn::of(Picture::Cards, $run)));
        $most = static fn (string $ask): int => max(array_map(
            static fn (Prompt $prompt): int => $prompt->ask === $ask ? $prompt->amounts()->n : 0,
            Kind::named('order-numerals')->prompts(Make::map()->step('order-numerals@10')),
        ));
        self::assertSame([10, 10], [$most('order-down'), $most('missing-run')]);
    }

    public function test_a_sign_is_read_from_the_right_and_room_is_left_for_a_number(): void
    {
        $read = new Kind\CompareSigns('read-from-right', 3, 9);
        self::assertSame(Comparison::More, $read->answer());
        self::assertSame(['3', '<', '9'], Drawn::cards(Drawn::of(Picture::Sign, $read)));
        self::assertSame(['4', '<', ''], Drawn::cards(Drawn::of(Picture::Sign, new Kind\CompareSigns('make-true', 4, 0))));
    }

    public function test_patterns_are_copied_and_made_and_a_whole_is_halved(): void
    {
        $lies = static fn (string $ask): int => \count(Drawn::things(Drawn::of(Picture::Pattern, new Kind\CarryOn($ask, 'aab', 0))));
        self::assertSame([6, 3], [$lies('copy-pattern'), $lies('make-pattern')], 'two bits to copy, one to make it of');
        self::assertSame([12, 8, 4, 0], array_values(get_object_vars((new Kind\CarryOn('copy-pattern', 'aab', 0))->amounts())));
        self::assertContains('half-thing', array_map(
            static fn (Prompt $prompt): string => $prompt->ask,
            Make::catalogue()->activity('half-the-apple')->serves['half-of']->prompts(Make::map()->step('half-of@10')),
        ));
    }

    /** With no exchange until the ten can be crossed, both ways. */
    #[TestWith(['add-two-figure@100', 'bridge-ten@20'])]
    #[TestWith(['take-two-figure@100', 'bridge-back@20'])]
    public function test_an_exchange_waits_for_the_ten_to_be_crossed(string $stepId, string $needed): void
    {
        self::assertSame([], array_filter(self::needs($stepId, [])));
        self::assertContains($needed, self::needs($stepId, [Make::handMark($needed, 0, Mark::CanDo)]));
    }

    #[TestWith(['join', 'put-together@10', Slip::CountsAllAgain, false])]
    #[TestWith(['join', 'add-sentence@10', Slip::CountsAllAgain, true])]
    #[TestWith(['fill-frame', 'ten-frame@10', Slip::CountsAllAgain, false])]
    #[TestWith(['fill-frame', 'five-and-some@10', Slip::CountsAllAgain, true])]
    #[TestWith(['say-on', 'say-count@10', Slip::TeenOrTy, false])]
    #[TestWith(['say-on', 'say-count@20', Slip::TeenOrTy, true])]
    #[TestWith(['count-objects', 'touch-count@20', Slip::TeenOrTy, true])]
    #[TestWith(['take', 'take-away@10', Slip::SwapsWholeAndPart, false])]
    #[TestWith(['take', 'take-sentence@10', Slip::SwapsWholeAndPart, true])]
    #[TestWith(['sum-at-once', 'add-quick@10', Method::ThroughTen, false])]
    #[TestWith(['sum-at-once', 'add-quick@20', Method::ThroughTen, true])]
    #[TestWith(['difference-at-once', 'take-quick@20', Method::ThroughFives, true])]
    #[TestWith(['bridge-ten', 'bridge-ten@20', Method::ThroughFives, true])]
    public function test_only_what_can_happen_at_a_step_is_offered_to_notice(string $kind, string $step, Slip|Method $what, bool $can): void
    {
        $at = Make::map()->step($step);
        $offered = $what instanceof Slip ? Kind::named($kind)->slips($at) : Kind::named($kind)->methods($at);

        self::assertSame($can, \in_array($what, $offered, true));
    }

    /**
     * @param list<Seen> $evidence
     *
     * @return list<string|null> what the questions of some sittings need
     */
    private static function needs(string $stepId, array $evidence): array
    {
        $map = Make::wholeMap();
        $record = ChildRecord::replay($map, [Make::handMark('tens-ones@100', 0, Mark::CanDo), ...$evidence], new Settings());
        $learner = new Learner(Make::child('Maren', 90), $record, 30);
        $request = new DayRequest(Make::day(1), 1, [$learner], [new Span(540, 600)], [], Place::cases(), wanted: ['two-figure-piles']);
        $candidates = Make::candidates($learner, Make::day(1), Place::cases(), false);
        $sample = $candidates[0];
        $needs = [];
        foreach (Make::catalogue()->activities as $activity) {
            if (!isset($activity->serves[$map->step($stepId)->skill->id])) {
                continue;
            }
            $ranked = new RankedStep($map->step($stepId), $sample->ranked->worth, false, $sample->ranked->reason, []);
            $candidate = new Candidate($learner, $ranked, $map->step($stepId)->firstForm(), $activity, $sample->worth);
            $sitting = (new Asking($request))->sitting($candidate, 8);
            array_push($needs, ...array_map(static fn (Question $question): ?string => $question->prompt->needs(), $sitting->questions));
        }
        self::assertNotSame([], $needs);

        return $needs;
    }
}
