<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Advice\AtAGlance;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Seen;
use Pindle\Core\Skill\Strand;
use Pindle\Tests\Make;

final class AtAGlanceTest extends TestCase
{
    public function test_a_strand_says_what_is_there_what_is_on_what_comes_and_what_to_look_at(): void
    {
        $on = static fn (string $step, int $day, int $count, string $activity): array => array_map(
            static fn (int $minute): Attempt => Make::anAttempt($step, $day, activity: $activity, minute: $minute),
            range(1, $count),
        );
        $canDo = [...$on('say-count@10', 0, 4, 'fetch-me'), ...$on('say-count@10', 1, 4, 'pass-it-on')];
        $glance = self::glance([...$canDo, ...$on('count-from@5', 2, 1, 'a'), ...$on('count-back@5', 3, 1, 'a')], 4);

        self::assertSame('say-count@10', $glance->can?->id);
        self::assertSame('count-back@5', $glance->now?->id, 'the harder one');
        self::assertNotContains($glance->next?->id, [null, 'say-count@3', 'say-count@5', 'count-from@5', 'count-back@5'], 'neither taken as known nor begun');
        self::assertSame([], $glance->look);
        self::assertSame(['say-count@10'], array_map(static fn ($step): string => $step->id, self::glance($canDo, 20)->look));
    }

    public function test_a_child_is_on_the_hardest_step_met_in_three_weeks_and_else_on_the_one_met_last(): void
    {
        $now = static fn (int $hard, int $easy): ?string => self::glance(
            [Make::anAttempt('count-back@5', $hard), Make::anAttempt('touch-count@3', $easy)],
            30,
        )->now?->id;

        self::assertSame('count-back@5', $now(9, 28), 'an easy one in between is not what the child is on');
        self::assertSame('touch-count@3', $now(8, 28), 'it was 22 days ago');
        self::assertSame('touch-count@3', $now(2, 5), 'of two long ago');
        self::assertSame('count-back@5', $now(5, 2));
    }

    public function test_little_was_seen_of_a_strand_with_under_four_tries_and_closing_marks(): void
    {
        $three = [Make::anAttempt('say-count@3', 0), Make::anAttempt('say-count@3', 0, minute: 1), Make::closing('say-count@3', 1)];

        self::assertTrue(self::glance($three, 2)->thin);
        self::assertFalse(self::glance([...$three, Make::closing('say-count@5', 1)], 2)->thin);
        self::assertNull(self::glance([], 0)->can);
    }

    /** @param list<Seen> $evidence */
    private static function glance(array $evidence, int $day): AtAGlance
    {
        $record = Make::record($evidence);

        return AtAGlance::of(Strand::Counting, $record, Ranking::of($record, Make::day($day), 6), Make::day($day));
    }
}
