<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Calendar\DayRange;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\HandMark;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Journal\Fact;
use Pindle\Core\Journal\Facts;
use Pindle\Core\Journal\FactSquare;
use Pindle\Core\Journal\FactStanding;
use Pindle\Core\Journal\ForTheLetter;
use Pindle\Core\Journal\Guess;
use Pindle\Core\Journal\Guesses;
use Pindle\Core\Journal\InvalidYear;
use Pindle\Core\Journal\Log;
use Pindle\Core\Journal\Misled;
use Pindle\Core\Journal\Parts;
use Pindle\Core\Journal\Sat;
use Pindle\Core\Journal\ThenAndNow;
use Pindle\Core\Journal\Trend;
use Pindle\Core\Journal\Way;
use Pindle\Core\Journal\WaysOfWorking;
use Pindle\Core\Journal\YearStart;
use Pindle\Core\Skill\Step;
use Pindle\Core\Skill\Strand;
use Pindle\Tests\Make;

/** What is kept and shown to others: facts, guesses, ways, minutes, then and now. */
final class JournalTest extends TestCase
{
    public function test_every_question_that_puts_a_fact_has_its_answer(): void
    {
        $seen = [];
        foreach (Make::catalogue()->activities as $activity) {
            foreach ($activity->serves as $skillId => $kind) {
                foreach (array_filter(Make::map()->steps, static fn (Step $step): bool => $step->skill->id === $skillId && $kind->canAsk($step)) as $step) {
                    $prompts = $kind->prompts($step);
                    foreach ($prompts as $prompt) {
                        $fact = Fact::of($prompt->key());
                        if (null !== $fact && \in_array($prompt->ask, Fact::asks(), true)) {
                            self::assertSame($prompt->answer(), $fact->answer(), $prompt->key());
                            self::assertContains($prompt->key(), $fact->questions());
                            $seen[$prompt->ask] = true;
                        }
                    }
                }
            }
        }
        self::assertEqualsCanonicalizing(Fact::asks(), array_keys($seen), 'each of the names is one that is asked');
    }

    /** @return iterable<string, array{string, string|null}> */
    public static function keys(): iterable
    {
        yield 'a sum' => ['join:6,2', 'sum:6,2'];
        yield 'a double' => ['double:4', 'sum:4,4'];
        yield 'a difference' => ['take:9,2', 'difference:9,2'];
        yield 'all of it goes' => ['take:9,9', 'difference:9,9'];
        yield 'the largest' => ['bridge-ten:10,10', 'sum:10,10'];
        yield 'a part beyond ten' => ['hop-on:11,2', null];
        yield 'a whole beyond twenty' => ['take:21,2', null];
        yield 'the largest difference' => ['take:20,10', 'difference:20,10'];
        yield 'more goes than ten' => ['take:20,11', null];
        yield 'nothing and nothing' => ['add-zero:0,0', null];
        yield 'another question' => ['count-them:6,2', null];
        yield 'no numbers' => ['join:six', null];
        yield 'one number too many' => ['join:1,2,3', null];
        yield 'a first look' => ['first-look', null];
    }

    #[DataProvider('keys')]
    public function test_a_question_puts_one_fact_or_none(string $question, ?string $fact): void
    {
        self::assertSame($fact, Fact::of($question)?->key());
    }

    public function test_a_fact_is_sure_when_it_was_known_the_last_two_times(): void
    {
        $try = static fn (Outcome $outcome, Help $help = Help::Bare, ?Method $method = null) => Make::anAttempt(
            'add-quick@10',
            1,
            $outcome,
            help: $help,
            method: $method,
        );
        [$once, $worked] = [$try(Outcome::AtOnce), $try(Outcome::WorkedItOut)];

        self::assertSame(FactStanding::NotMet, FactStanding::of([]));
        self::assertSame(FactStanding::Slow, FactStanding::of([$once]), 'once may be luck');
        self::assertSame(FactStanding::Sure, FactStanding::of([$worked, $once, $once]));
        self::assertSame(FactStanding::Slow, FactStanding::of([$once, $once, $worked]), 'the last one counts');
        self::assertSame(FactStanding::Slow, FactStanding::of([$worked, $once]));
        self::assertSame(FactStanding::Seen, FactStanding::of([$once, $once, $try(Outcome::WithHelp)]));
        self::assertSame(FactStanding::Seen, FactStanding::of([$once, $try(Outcome::AtOnce, Help::PartDone)]), 'with a part of it done');
        self::assertSame(FactStanding::Slow, FactStanding::of([$once, $try(Outcome::AtOnce, method: Method::CountedAll)]), 'quickly counted is not known');
        self::assertSame(FactStanding::Slow, FactStanding::of([$once, $try(Outcome::AtOnce, method: Method::Fingers)]));
        self::assertSame(FactStanding::Slow, FactStanding::of([$try(Outcome::AtOnce, Help::Shown), $once]), 'once of the two was with help');
    }

    public function test_the_squares_hold_what_they_say(): void
    {
        $last = static fn (FactSquare $square): array => array_map(static fn (Fact $fact): string => $fact->key(), \array_slice($square->facts(), -1));

        self::assertCount(65, FactSquare::SumsToTen->facts());
        self::assertCount(120, FactSquare::SumsToTwenty->facts());
        self::assertCount(175, FactSquare::Differences->facts());
        self::assertSame(['sum:10,0'], $last(FactSquare::SumsToTen));
        self::assertSame(['sum:10,10'], $last(FactSquare::SumsToTwenty));
        self::assertSame(['difference:20,10'], $last(FactSquare::Differences));
        self::assertNull(FactSquare::SumsToTen->fact(5, 6));
        self::assertSame(['3 + 4', '9 − 2'], [Fact::sum(3, 4)?->written(), Fact::difference(9, 2)?->written()]);
        self::assertSame(
            ['sure' => 0, 'slow' => 0, 'seen' => 0, 'not-met' => 65],
            Facts::of([Make::anAttempt('count@10', 1)])->count(FactSquare::SumsToTen->facts()),
        );
    }

    /** @param list<array{int, int}> $pairs guess and count */
    private static function guesses(array $pairs): Guesses
    {
        return new Guesses(array_map(static fn (array $pair, int $i): Guess => new Guess(Make::day($i), $pair[0], $pair[1]), $pairs, array_keys($pairs)));
    }

    public function test_guesses_close_in_when_the_later_half_is_a_fifth_nearer(): void
    {
        self::assertNull((new Guesses([]))->off());
        self::assertSame(Trend::TooFew, self::guesses([[15, 10], [15, 10], [15, 10], [10, 10], [10, 10]])->trend());
        self::assertSame(Trend::Closing, self::guesses([[15, 10], [15, 10], [5, 10], [14, 10], [14, 10], [6, 10]])->trend(), '0.4 is 0.8 of 0.5');
        self::assertSame(Trend::Steady, self::guesses([[150, 100], [150, 100], [150, 100], [141, 100], [141, 100], [141, 100]])->trend());
        self::assertSame(Trend::Opening, self::guesses([[14, 10], [14, 10], [14, 10], [15, 10], [15, 10], [15, 10]])->trend());
        self::assertSame(Trend::Steady, self::guesses(array_fill(0, 8, [10, 10]))->trend(), 'always right');
        self::assertSame(0.45, self::guesses([[15, 10], [14, 10]])->off(), 'between the two in the middle');
    }

    public function test_big_things_mislead_one_way_and_small_ones_the_other(): void
    {
        $pot = static fn (int $guess, bool $others, ?float $side): Guess => new Guess(Make::day(0), $guess, 100, $others, $side);
        $usual = [$pot(100, false, 20.0), $pot(110, false, 20.0)];

        self::assertSame(Misled::FewBig, (new Guesses([...$usual, $pot(130, true, 60.0)]))->misled(), '0.30 beside 0.05');
        self::assertSame(Misled::Nothing, (new Guesses([...$usual, $pot(129, true, 60.0)]))->misled());
        self::assertSame(Misled::ManySmall, (new Guesses([...$usual, $pot(80, true, 5.0)]))->misled());
        self::assertSame(Misled::Nothing, (new Guesses([...$usual, $pot(81, true, 5.0)]))->misled());
        self::assertSame(Misled::Nothing, (new Guesses([...$usual, $pot(30, true, 60.0)]))->misled(), 'big ones guessed too few are another matter');
        self::assertSame(Misled::Nothing, (new Guesses([...$usual, $pot(300, true, null)]))->misled(), 'nobody measured them');
    }

    public function test_the_usual_way_is_the_one_of_most_taps(): void
    {
        $on = Make::day(0);
        $ways = WaysOfWorking::of([
            [$on->plusDays(7), Method::CountedOn], [$on->plusDays(9), Method::CountedOn], [$on->plusDays(8), Method::KnownFact],
            [$on->plusDays(13), Method::KnownFact], [$on->plusDays(13), Method::SawIt], [$on, Method::CountedAll],
            [$on, Method::Fingers], [$on, Method::DrewIt],
        ]);

        self::assertSame(['2026-03-02', '2026-03-09'], array_keys($ways->weeks));
        self::assertSame(['counted-all' => 3], $ways->weeks['2026-03-02']);
        self::assertNull($ways->usual($on, $on->plusDays(6)), 'three are too few');
        self::assertSame(Way::KnewIt, $ways->usual($on->plusDays(7), $on->plusDays(13)), 'of two the one further along');
        self::assertSame(Way::CountedAll, $ways->usual($on, $on->plusDays(13)));
        self::assertSame(
            [Way::CountedAll, Way::CountedOn, Way::CountedAll, Way::ThroughTen, Way::ThroughTen, Way::CountedAll, Way::KnewIt, null],
            array_map(Way::of(...), [
                Method::CountedAll, Method::CountedOn, Method::Fingers, Method::ThroughTen, Method::ThroughFives, Method::DrewIt, Method::KnownFact,
                Method::SawIt,
            ]),
        );
    }

    public function test_ways_then_and_now_are_those_of_two_halves_by_whole_weeks(): void
    {
        // Five weeks from a Monday on: the middle is the Wednesday of the third, which belongs to the first half.
        $ways = static fn (int $then, int $now): ?array => WaysOfWorking::of([
            ...array_fill(0, 4, [Make::day($then), Method::CountedAll]),
            ...array_fill(0, 4, [Make::day($now), Method::CountedOn]),
        ])->thenAndNow(Make::day(0), Make::day(34));

        self::assertSame([Way::CountedAll, Way::CountedOn], $ways(0, 34));
        self::assertSame([Way::CountedAll, Way::CountedOn], $ways(20, 21), 'the third week ends the first half, the fourth begins the second');
        self::assertNull($ways(0, 20), 'nothing in the second half');
        self::assertNull($ways(21, 34), 'nothing in the first');
        self::assertNull(WaysOfWorking::of([])->thenAndNow(Make::day(0), Make::day(0)));
    }

    public function test_a_year_begins_where_the_house_says(): void
    {
        $year = static fn (YearStart $start, string $day): string => $start->yearOf(LocalDate::parse($day))->from->toString()
            .' '.$start->yearOf(LocalDate::parse($day))->to->toString();

        self::assertSame('2025-09-01 2026-08-31', $year(new YearStart(), '2026-03-04'));
        self::assertSame('2026-09-01 2027-08-31', $year(new YearStart(), '2026-09-01'));
        self::assertSame('2025-09-01 2026-08-31', $year(new YearStart(), '2026-08-31'));
        self::assertSame('2028-02-28 2029-02-27', $year(new YearStart(2, 28), '2028-02-29'));
        foreach ([[0, 1], [13, 1], [2, 0], [2, 29]] as [$month, $day]) {
            try {
                new YearStart($month, $day);
                self::fail("$month-$day");
            } catch (InvalidYear $e) {
                self::assertStringContainsString((string) $day, $e->getMessage());
            }
        }
    }

    public function test_minutes_are_told_by_child_by_strand_and_by_month(): void
    {
        $log = Log::of(
            [
                new Sat(Make::day(0), 'bo', 11, [Strand::Adding, Strand::Seeing]),
                new Sat(Make::day(0), 'bo', 6, [Strand::Adding]),
                new Sat(Make::day(30), 'bo', 5, [Strand::Tens]),
                new Sat(Make::day(1), 'mi', 7, [Strand::Adding]),
            ],
            [[Make::day(2), 'mi'], [Make::day(0), 'bo'], [Make::day(40), 'ed']],
        );

        self::assertSame(['bo' => 2, 'mi' => 2, 'ed' => 1], $log->days);
        self::assertSame(['bo' => 22, 'mi' => 7, 'ed' => 0], $log->minutes);
        self::assertSame(['adding' => 12, 'seeing' => 5, 'tens' => 5], $log->strands['bo'], 'the odd minute goes to the first course');
        self::assertSame(['2026-03' => [1, 17], '2026-04' => [1, 5]], $log->months['bo']);
        self::assertSame(['2026-04' => [1, 0]], $log->months['ed']);
        self::assertSame(5, $log->daysOfAll);
        self::assertSame(0, Log::of([])->daysOfAll);
    }

    public function test_then_and_now_stand_side_by_side(): void
    {
        $set = static fn (string $step, Mark $mark, int $day): HandMark => new HandMark(
            $step.$day,
            $step,
            $mark,
            '',
            Make::day($day)->toDateTime(),
            Make::day($day),
            'device',
        );
        $then = ChildRecord::replay(Make::map(), [$set('touch-count@5', Mark::Begun, 0), $set('add-quick@10', Mark::CanDo, 0)]);
        $marks = array_map(static fn (string $step): Mark => $then->mark($step), ['touch-count@5' => 'touch-count@5', 'add-quick@10' => 'add-quick@10']);
        $now = $then->extended([$set('touch-count@3', Mark::CanDo, 20), $set('touch-count@5', Mark::CanDo, 20), $set('put-together@5', Mark::Begun, 21)]);
        $told = ThenAndNow::of($marks, $now);

        self::assertSame([Strand::Counting, Strand::Adding], array_map(static fn (ThenAndNow $one): Strand => $one->strand, $told));
        self::assertSame(['touch-count@5'], array_map(static fn (Step $step): string => $step->id, $told[0]->since));
        self::assertSame([], $told[1]->since, 'it was Can do then already');
        $own = array_combine(array_map(static fn (array $one): string => $one['step']->id, $told[1]->steps), $told[1]->steps);
        self::assertSame([Mark::NotMet, Mark::Begun], [$own['put-together@5']['then'], $own['put-together@5']['now']]);
    }

    public function test_a_part_of_a_portfolio_has_sixty_photographs_at_most(): void
    {
        self::assertSame([[]], Parts::of([]));
        self::assertSame([['a' => [0, 60]]], Parts::of(['a' => 60]));
        self::assertSame([['a' => [0, 60]], ['a' => [60, 61]]], Parts::of(['a' => 61]));
        self::assertSame(
            [['a' => [0, 0], 'b' => [0, 30], 'c' => [0, 30], 'd' => [0, 0]], ['e' => [0, 1]]],
            Parts::of(['a' => 0, 'b' => 30, 'c' => 30, 'd' => 0, 'e' => 1]),
        );
        self::assertSame([['a' => [0, 40]], ['b' => [0, 21]]], Parts::of(['a' => 40, 'b' => 21]), 'a day stays together where it can');
        self::assertSame([['a' => [0, 2]], ['b' => [0, 3]], ['b' => [3, 5], 'c' => [0, 1]]], Parts::of(['a' => 2, 'b' => 5, 'c' => 1], 3));
    }

    public function test_a_letter_tells_what_is_new_and_what_is_under_way(): void
    {
        $month = new DayRange(Make::day(0), Make::day(27));
        $mark = static fn (string $step, Mark $mark, int $day): HandMark => new HandMark(
            $step.$day,
            $step,
            $mark,
            '',
            Make::day($day)->toDateTime(),
            Make::day($day),
            'device',
        );
        $record = ChildRecord::replay(Make::map(), [
            $mark('touch-count@5', Mark::CanDo, -1),
            $mark('touch-count@10', Mark::CanDo, 0),
            $mark('say-count@10', Mark::CanDo, 27),
            $mark('say-count@20', Mark::CanDo, 28),
            $mark('put-together@5', Mark::Begun, 3),
            $mark('take-away@5', Mark::Nearly, -1),
            $mark('see-at-once@3', Mark::Begun, 4),
            $mark('one-more-less@10', Mark::CanDo, -3),
            $mark('one-more-less@5', Mark::CanDo, 5),
            $mark('see-at-once@5', Mark::CanDo, -30),
        ]);
        $ways = WaysOfWorking::of([
            ...array_fill(0, 4, [Make::day(-8), Method::CountedAll]),
            ...array_fill(0, 4, [Make::day(9), Method::CountedOn]),
        ]);
        $letter = ForTheLetter::of($record, $ways, $month);

        self::assertSame(['say-count@10', 'touch-count@10'], self::ids($letter->can, true), 'first and last day are in it');
        self::assertSame(['put-together@5'], self::ids($letter->on));
        self::assertSame([Way::CountedAll, Way::CountedOn], [$letter->wayThen, $letter->wayNow]);
        self::assertFalse($letter->isEmpty());
        $back = ForTheLetter::of($record, WaysOfWorking::of([
            ...array_fill(0, 4, [Make::day(-8), Method::CountedOn]),
            ...array_fill(0, 4, [Make::day(9), Method::CountedAll]),
        ]), $month);
        self::assertNull($back->wayNow, 'a step back is nothing for a letter');
        self::assertTrue(ForTheLetter::of(ChildRecord::blank(Make::map()), $ways, $month)->isEmpty());

        // Twelve weeks back, and not a week more.
        $since = static fn (int $weeks): ?Way => ForTheLetter::of($record, WaysOfWorking::of([
            ...array_fill(0, 4, [Make::day(-7 * $weeks), Method::CountedAll]),
            ...array_fill(0, 4, [Make::day(9), Method::CountedOn]),
        ]), $month)->wayNow;
        self::assertSame([Way::CountedOn, null], [$since(12), $since(13)]);
    }

    public function test_the_first_ten_days_of_a_month_the_letter_is_about_the_one_before(): void
    {
        self::assertTrue(ForTheLetter::isAboutLastMonth(LocalDate::parse('2026-03-10')));
        self::assertFalse(ForTheLetter::isAboutLastMonth(LocalDate::parse('2026-03-11')));
    }

    public function test_a_letter_is_no_list(): void
    {
        $firsts = [];
        foreach (Make::map()->steps as $step) {
            $firsts[$step->skill->id] ??= $step;
        }
        $mark = static fn (Step $step, Mark $mark): HandMark => new HandMark($step->id, $step->id, $mark, '', Make::day(3)->toDateTime(), Make::day(3), 'd');
        $month = new DayRange(Make::day(0), Make::day(27));
        $all = array_map(static fn (Step $step): HandMark => $mark($step, Mark::CanDo), array_values($firsts));
        self::assertCount(5, ForTheLetter::of(ChildRecord::replay(Make::map(), $all), WaysOfWorking::of([]), $month)->can);
        $begun = array_map(static fn (Step $step): HandMark => $mark($step, Mark::Begun), array_values($firsts));
        $on = ForTheLetter::of(ChildRecord::replay(Make::map(), $begun), WaysOfWorking::of([]), $month)->on;
        self::assertCount(3, $on);
        self::assertCount(3, array_unique(array_map(static fn (Step $step): string => $step->skill->strand->value, $on)), 'one a strand');
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<string>
     */
    private static function ids(array $steps, bool $sorted = false): array
    {
        $ids = array_map(static fn (Step $step): string => $step->id, $steps);
        if ($sorted) {
            sort($ids);
        }

        return $ids;
    }
}
