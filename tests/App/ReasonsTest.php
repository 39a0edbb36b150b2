<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\TestCase;
use Pindle\App\Content\InkFile;
use Pindle\App\Views\Pictures;
use Pindle\App\Views\Reasons;
use Pindle\App\Views\Views;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\DecisionReason;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\LastTime;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Kind\Join;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Make;

final class ReasonsTest extends TestCase
{
    public function test_it_names_what_was_seen_what_is_other_today_and_what_to_look_for(): void
    {
        $seen = new LastTime(Make::day(1), 4, 5, Method::CountedAll);

        self::assertSame(
            '4 of 5 alone on Tuesday, counting all. Today with jar lids; look whether Wren counts on or back from a number.',
            self::said(new Course('put-together@5', Form::Things, Help::Bare, Reason::KeepGoing, ['attempts' => 5], last: $seen)),
        );
        self::assertSame(
            'Not alone yet earlier today. Today with jar lids, the first one shown. Nearly: 6 of the 7 it takes are there.',
            self::said(new Course(
                'put-together@5',
                null,
                Help::Shown,
                Reason::AlmostThere,
                ['unaided' => 6, 'wanted' => 7],
                last: new LastTime(Make::day(4), 0, 3),
            )),
        );
    }

    public function test_a_day_has_its_name_for_a_week_and_then_its_date(): void
    {
        $on = static fn (int $day): string => self::said(new Course(
            'put-together@5',
            null,
            Help::Bare,
            Reason::Due,
            ['days' => 3],
            last: new LastTime(Make::day($day), 1, 1),
        ));
        self::assertStringStartsWith('1 of 1 alone on Saturday. ', $on(-2), 'six days before');
        self::assertStringStartsWith('1 of 1 alone on 27 Feb. ', $on(-3), 'seven days before');
        self::assertStringEndsWith('A quick look keeps it.', $on(-3));
    }

    public function test_a_closing_mark_speaks_for_a_sitting_that_nobody_tapped(): void
    {
        $said = static fn (int $alone): string => self::said(new Course(
            'put-together@5',
            null,
            Help::Bare,
            Reason::CheckDue,
            ['days' => 3],
            last: new LastTime(Make::day(1), $alone, 0),
        ));
        self::assertSame('Alone on Tuesday, by your closing mark. Today with jar lids. It went alone on 3 days; three questions settle it.', $said(1));
        self::assertStringStartsWith('With your help on Tuesday, by your closing mark.', $said(0));
    }

    public function test_what_is_new_says_what_it_builds_on_or_that_nothing_was_seen(): void
    {
        self::assertSame(
            'Never tried. “Tell how many, to 5” is there, so it can begin.',
            self::said(new Course('put-together@5', null, Help::Shown, Reason::Builds, ['on' => 'how-many@5'])),
        );
        self::assertStringStartsWith('Still finding out', self::said(new Course('put-together@5', null, Help::Shown, Reason::FindingOut)));
    }

    public function test_a_step_that_does_not_move_says_what_comes_instead_and_what_to_look_for(): void
    {
        $look = 'Look whether Wren tells how many after counting, without counting again (to 5).';
        self::assertSame(
            '“Put together, to 5” does not move; this may be what it stands on. '.$look,
            self::said(new Course('how-many@5', null, Help::Bare, Reason::Doubted, ['stuck' => 'put-together@5'])),
        );
        $decided = static fn (array $values): string => self::reasons()->ofDecision(DecisionReason::NotMoving, $values, 'Wren');
        self::assertSame(
            'Met in four sittings of a week, and no further. It rests 7 days. Meanwhile comes what it stands on: “Tell how many, to 5”. '.$look,
            $decided(['unaided' => 1, 'attempts' => 4, 'days' => 7, 'ground' => 'how-many@5']),
        );
        self::assertStringEndsWith('Then it comes back another way, where the house has one.', $decided(['unaided' => 1, 'attempts' => 4, 'days' => 7]));
        $often = self::reasons()->ofDecision(DecisionReason::MetOften, ['unaided' => 1, 'attempts' => 4, 'days' => 7], 'Wren');
        self::assertStringStartsWith('Met in five sittings of a month, and not there yet. It rests 7 days', $often);
    }

    public function test_what_earlier_releases_kept_can_still_be_said(): void
    {
        self::assertSame('Nothing was marked, so nothing changes.', self::reasons()->ofDecision(
            DecisionReason::NothingTried,
            ['unaided' => 0, 'attempts' => 0],
            'Wren',
        ));
        self::assertStringContainsString('can begin', self::said(new Course('put-together@5', null, Help::Shown, Reason::Ready, ['needs' => 2])));
    }

    private static function said(Course $course): string
    {
        $question = new Question($course->stepId, new Join('join', 2, 3), Level::At, 'q');
        $sitting = new Sitting('wren', [$course], [$question]);
        $lids = Make::things()->things()['jar-lids'];
        $setUp = new SetUp(
            'key',
            Make::catalogue()->activity('pass-it-on'),
            Place::Table,
            Part::With,
            new Span(540, 550),
            [$sitting],
            [new Laid('things', $lids, 6)],
        );

        return self::reasons()->ofCourse($course, $setUp, $sitting, 'Wren', Make::day(4));
    }

    private static function reasons(): Reasons
    {
        $pictures = new Pictures(Make::glyphs()->hand(), Make::words(), Make::map(), new InkFile(Make::files()));

        return new Reasons(Make::words(), Make::map(), Make::skills(), new Views(Make::words(), Make::map(), $pictures));
    }
}
