<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\DecisionReason;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Child\AcrossTen;
use Pindle\Core\Child\Answering;
use Pindle\Core\Child\CanDoRule;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\ComparingSign;
use Pindle\Core\Child\Difference;
use Pindle\Core\Child\Fingers;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\NamingNumerals;
use Pindle\Core\Child\Setting;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\SignsArrive;
use Pindle\Core\Child\TakingBegins;
use Pindle\Core\Child\ThingsStay;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Child\WholeInBond;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Planning\Candidate;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Question\Kind\BridgeBack;
use Pindle\Core\Question\Kind\BridgeTen;
use Pindle\Core\Question\Kind\CompareSigns;
use Pindle\Core\Question\Kind\FillFrame;
use Pindle\Core\Question\Kind\Split;
use Pindle\Core\Question\Picture;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Drawn;
use Pindle\Tests\Make;

/** Each setting changes what the engine does: one test a setting. */
final class SettingsTest extends TestCase
{
    private const SUM = 'add-sentence@5';

    public function test_own_goes_before_house_and_house_before_the_default(): void
    {
        $settings = Settings::chosen(['fingers' => 'fine-help'], ['fingers' => 'bring-things', 'things-stay' => 'long', 'difference' => 'by magic'], 80);

        self::assertSame([Fingers::FineHelp, ThingsStay::Long, Difference::TakeAwayFirst], [$settings->fingers, $settings->thingsStay, $settings->difference]);
        foreach (Setting::cases() as $setting) {
            self::assertSame($setting->answers()[0], (new Settings())->answers()[$setting->value], 'the first answer is the default');
        }
    }

    public function test_a_house_that_writes_does_not_expect_it_before_five(): void
    {
        $writes = static fn (int $months, array $own): bool => Answering::Writing === Settings::chosen($own, ['answering' => 'writing'], $months)->answering;

        self::assertTrue($writes(60, []));
        self::assertFalse($writes(59, []));
        self::assertTrue($writes(59, ['answering' => 'writing']), 'unless it was chosen for this very child');
    }

    public function test_way_in_leads_the_activities_and_chooses_the_picture(): void
    {
        self::assertNotSame(
            self::activities('count-out@5', new Settings(WayIn::TouchAndCount)),
            self::activities('count-out@5', new Settings(WayIn::MoveAndTell)),
        );
        self::assertCount(7, Drawn::boxes(self::frame(new Settings(WayIn::Bars)), 'unit'));
        self::assertCount(0, Drawn::boxes(self::frame(new Settings(WayIn::TouchAndCount)), 'paper'));
        self::assertCount(10, Drawn::boxes(self::frame(new Settings(WayIn::SeeIt)), 'paper'));
    }

    public function test_fingers_are_a_sign_or_a_help(): void
    {
        $attempts = array_map(
            static fn (int $i): Attempt => Make::anAttempt(self::SUM, 0, Outcome::WorkedItOut, form: Form::Things, minute: $i, method: Method::Fingers),
            range(1, 5),
        );
        [$sign, $help] = [
            Make::record($attempts, new Settings(fingers: Fingers::BringThings)),
            Make::record($attempts, new Settings(fingers: Fingers::FineHelp)),
        ];

        self::assertSame([Form::Things, Form::Pictures], [$sign->state(self::SUM)->ladder->form, $help->state(self::SUM)->ladder->form]);
        self::assertSame(DecisionReason::OnFingers, Decision::after(self::SUM, $attempts, Mark::Nearly, $sign, Ending::Done, Make::day(0))->reason);
        self::assertSame(DecisionReason::LastFiveUnaided, Decision::after(self::SUM, $attempts, Mark::Nearly, $help, Ending::Done, Make::day(0))->reason);
    }

    public function test_frames_are_filled_the_chosen_way_and_varied_once_it_is_sure(): void
    {
        $xs = static fn (Drawing $drawing): array => array_map(static fn (Path $thing): float => $thing->x, Drawn::things($drawing));
        self::assertNotSame($xs(self::frame(new Settings())), $xs(self::frame(new Settings(frameFilling: FrameFilling::Pairs))));

        $varied = array_unique(array_map(static fn (int $seed): string => implode(',', $xs(self::frame(new Settings(), $seed, true))), range(1, 12)));
        self::assertCount(3, $varied);
        self::assertCount(1, array_unique(array_map(static fn (int $seed): string => implode(',', $xs(self::frame(new Settings(), $seed))), range(1, 12))));
    }

    public function test_the_comparing_sign_is_drawn_its_way_or_left_out(): void
    {
        $signs = static fn (ComparingSign $way, string $ink): int => \count(array_filter(
            Drawn::of(Picture::Sign, new CompareSigns('put-sign', 3, 9), Form::Symbols, new Settings(comparingSign: $way))->marks,
            static fn (object $mark): bool => $mark instanceof Path && $ink === ($mark->paint->fill ?? $mark->paint->line),
        ));

        self::assertSame([4, 0], [$signs(ComparingSign::AnimalMouth, 'deep'), $signs(ComparingSign::AnimalMouth, 'wood')], 'two mouths with teeth');
        self::assertSame([3, 3], [$signs(ComparingSign::Balance, 'deep'), $signs(ComparingSign::Balance, 'wood')], 'three beams');
        self::assertSame([0, 0], [$signs(ComparingSign::WordsOnly, 'deep'), $signs(ComparingSign::WordsOnly, 'wood')]);
        self::assertSame([Form::Things], Make::record([], new Settings(comparingSign: ComparingSign::WordsOnly))->map->step('compare-signs@10')->forms);
    }

    public function test_answers_are_laid_written_said_or_ringed(): void
    {
        $catalogue = Make::catalogue();
        $props = static fn (Answering ...$ways): array => array_map(
            static fn (Prop $prop): string => $prop->id,
            $catalogue->props(
                $catalogue->activity('over-the-ten'),
                array_map(static fn (Answering $way): Settings => new Settings(answering: $way), array_values($ways)),
                [Form::Symbols],
            ),
        );

        self::assertSame(['two-frames', 'sign-tiles'], $props(Answering::Tiles));
        self::assertSame(['two-frames', 'paper-pencils'], $props(Answering::Writing));
        self::assertSame(['two-frames'], $props(Answering::Saying));
        self::assertSame(['two-frames', 'ring-strip', 'sign-tiles'], $props(Answering::RingIt, Answering::Tiles));
        self::assertSame(Answering::Tiles, Settings::chosen([], ['answering' => 'writing'], 59)->answering, 'not expected of a child under five');
        self::assertSame(Answering::Writing, Settings::chosen(['answering' => 'writing'], [], 59)->answering, 'but it can be chosen for one');
    }

    public function test_signs_arrive_after_drawings_straight_away_or_not_yet(): void
    {
        $forms = static fn (SignsArrive $when): array => Make::record([], new Settings(signsArrive: $when))->map->step(self::SUM)->forms;

        self::assertSame([Form::Things, Form::Pictures, Form::Symbols], $forms(SignsArrive::AfterHandling));
        self::assertSame([Form::Things, Form::Symbols], $forms(SignsArrive::AfterActing));
        self::assertSame([Form::Things, Form::Pictures], $forms(SignsArrive::SpokenOnly));
        $spoken = Make::record([], new Settings(signsArrive: SignsArrive::SpokenOnly))->map;
        self::assertFalse($spoken->step('read-signs@join')->offered);
        self::assertNotContains('read-signs@take', $spoken->step('take-sentence@5')->needs, 'what is not offered is not waited for');
    }

    public function test_things_stay_two_four_or_eight_successes(): void
    {
        $form = static fn (ThingsStay $stay, int $attempts): ?Form => Make::record(
            array_map(static fn (int $i): Attempt => Make::anAttempt(self::SUM, 0, form: Form::Things, minute: $i), range(1, $attempts)),
            new Settings(thingsStay: $stay),
        )->state(self::SUM)->ladder->form;

        foreach ([[ThingsStay::Early, 2], [ThingsStay::Usual, 4], [ThingsStay::Long, 8]] as [$stay, $enough]) {
            self::assertSame([Form::Things, Form::Pictures], [$form($stay, $enough - 1), $form($stay, $enough)], $stay->value);
        }
    }

    public function test_taking_away_waits_for_putting_together_or_begins_at_the_start(): void
    {
        $offered = static fn (TakingBegins $when): bool => \in_array(
            'take-away@3',
            array_map(
                static fn ($ranked): string => $ranked->step->id,
                Ranking::of(Make::record([Make::handMark('how-many@3', 0, Mark::Nearly)], new Settings(takingBegins: $when)), Make::day(0), 6),
            ),
            true,
        );

        self::assertFalse($offered(TakingBegins::AfterJoining));
        self::assertTrue($offered(TakingBegins::FromTheStart));
    }

    public function test_over_the_ten_fills_the_ten_or_goes_through_fives(): void
    {
        $drawing = static fn (AcrossTen $way, int $b = 6, Help $help = Help::Shown): Drawing => Drawn::of(
            Picture::Bridge,
            new BridgeTen(8, $b),
            settings: new Settings(acrossTen: $way),
            help: $help,
        );

        self::assertCount(2, Drawn::things($drawing(AcrossTen::FillTen), null, true), 'two of the six fill the first frame');
        self::assertSame(
            [0, 2],
            [\count(Drawn::things($drawing(AcrossTen::ThroughFives), null, true)), \count(Drawn::boxes($drawing(AcrossTen::ThroughFives), null))],
            'a five of each is ringed',
        );
        self::assertCount(2, Drawn::things($drawing(AcrossTen::ThroughFives, 4), null, true), 'no five in four: the ten is filled');
        self::assertCount(2, Drawn::boxes($drawing(AcrossTen::ThroughFives, 6, Help::Bare), null), 'the way is seen without help too');
    }

    /** @param array{int, int} $goes how many go from the ten, and of what is over it */
    #[TestWith([AcrossTen::FillTen, 14, 6, [2, 4], 0])]
    #[TestWith([AcrossTen::ThroughFives, 14, 6, [5, 1], 1])]
    #[TestWith([AcrossTen::ThroughFives, 14, 9, [5, 4], 1])]
    #[TestWith([AcrossTen::ThroughFives, 13, 9, [6, 3], 0])]
    #[TestWith([AcrossTen::ThroughFives, 13, 4, [1, 3], 0])]
    public function test_back_over_the_ten_goes_to_the_ten_or_takes_a_five_first(AcrossTen $way, int $n, int $gone, array $goes, int $ringed): void
    {
        $drawing = Drawn::of(Picture::Bridge, new BridgeBack($n, $gone), settings: new Settings(acrossTen: $way), help: Help::Shown);
        $faint = Drawn::things($drawing, null, true);
        $middle = $drawing->width / 2;

        self::assertSame($goes, [
            \count(array_filter($faint, static fn ($thing): bool => $thing->x < $middle)),
            \count(array_filter($faint, static fn ($thing): bool => $thing->x > $middle)),
        ]);
        self::assertCount($n, Drawn::things($drawing));
        self::assertCount($ringed, Drawn::boxes($drawing, null));
    }

    public function test_naming_numerals_decides_which_activity_leads(): void
    {
        $leads = static fn (NamingNumerals $way): ?NamingNumerals => Make::catalogue()->activity(self::activities(
            'name-numeral@5',
            new Settings(namingNumerals: $way),
        )[0])->naming;

        self::assertSame([NamingNumerals::ThreeParts, NamingNumerals::LittleAndOften], array_map($leads, NamingNumerals::cases()));
    }

    public function test_the_whole_of_a_bond_stands_at_the_top_or_at_the_left(): void
    {
        $plates = static fn (WholeInBond $where): array => array_values(array_filter(
            Drawn::of(Picture::Bond, new Split(7, 4), settings: new Settings(wholeInBond: $where))->marks,
            static fn (object $mark): bool => $mark instanceof Oval,
        ));
        [$top, $left] = [$plates(WholeInBond::AtTop), $plates(WholeInBond::AtLeft)];

        self::assertTrue($top[0]->y < $top[1]->y && $top[1]->y === $top[2]->y);
        self::assertTrue($left[0]->x < $left[1]->x && $left[1]->x === $left[2]->x);
    }

    public function test_counting_up_waits_for_taking_away_or_goes_first(): void
    {
        self::assertContains('take-away@10', Make::record([], new Settings(difference: Difference::TakeAwayFirst))->map->step('count-up@10')->needs);
        self::assertNotContains('take-away@10', Make::record([], new Settings(difference: Difference::CountUpFirst))->map->step('count-up@10')->needs);
    }

    public function test_the_secure_rule_asks_for_less_or_more(): void
    {
        $mark = static fn (CanDoRule $rule): Mark => Make::record(
            array_map(
                static fn (int $i): Attempt => Make::anAttempt('say-count@5', intdiv($i, 3), Outcome::AtOnce, activity: 'activity-'.intdiv($i, 3), minute: $i),
                range(0, 5),
            ),
            new Settings(canDoRule: $rule),
        )->mark('say-count@5');

        self::assertSame([Mark::CanDo, Mark::Nearly, Mark::Nearly], array_map($mark, [CanDoRule::Gentle, CanDoRule::Usual, CanDoRule::Thorough]));
    }

    /** @return list<string> activities for a step, best first */
    private static function activities(string $stepId, Settings $settings): array
    {
        $needs = array_map(static fn (string $need): object => Make::handMark($need, -1, Mark::CanDo), Make::wholeMap()->step($stepId)->needs);
        $learner = new Learner(new Child('c', 'C', Make::day(0)->plusDays(-1800), settings: $settings, pins: [$stepId]), Make::record($needs, $settings), 20);
        $found = array_filter(
            Make::candidates($learner, Make::day(0), Place::cases(), false),
            static fn (Candidate $candidate): bool => $candidate->ranked->step->id === $stepId,
        );

        return array_values(array_map(static fn (Candidate $candidate): string => $candidate->activity->id, $found));
    }

    private static function frame(Settings $settings, int $seed = 1, bool $varied = false): Drawing
    {
        return Drawn::of(Picture::Frame, new FillFrame('read-frame', 7), Form::Pictures, $settings, $seed, $varied);
    }
}
