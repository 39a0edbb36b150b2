<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\App\Content\ActivityFile;
use Pindle\App\Content\ActivityWords;
use Pindle\App\Content\BrokenContent;
use Pindle\App\Content\ContentFiles;
use Pindle\App\Content\FirstLookFile;
use Pindle\App\Content\GlyphFile;
use Pindle\App\Content\InkFile;
use Pindle\App\Content\SchoolFile;
use Pindle\App\Content\SkillFile;
use Pindle\App\Content\ThingFile;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Advice\Cause;
use Pindle\Core\Advice\DecisionReason;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Child\AcrossTen;
use Pindle\Core\Child\Answering;
use Pindle\Core\Child\ComparingSign;
use Pindle\Core\Child\Setting;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\ClauseKind;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Make;
use Symfony\Component\Filesystem\Filesystem;

final class ContentTest extends TestCase
{
    public function test_every_activity_is_written_out_and_serves_steps_of_the_map(): void
    {
        $strands = [];
        foreach (Make::catalogue()->activities as $activity) {
            self::assertGreaterThanOrEqual(2, \count(self::words($activity->id)->show), $activity->id);
            $served = 0;
            foreach (Make::map()->steps as $step) {
                foreach ([null, ...$step->forms] as $form) {
                    if ($activity->shows($step, $form)) {
                        ++$served;
                        $strands[$step->skill->strand->value] = true;
                    }
                }
            }
            self::assertGreaterThan(0, $served, $activity->id.' serves nothing');
            foreach (array_keys($activity->serves) as $skill) {
                self::assertArrayHasKey($skill, Make::map()->skills, $activity->id);
            }
        }
        self::assertGreaterThanOrEqual(12, \count(Make::catalogue()->activities));
        self::assertGreaterThanOrEqual(8, \count($strands));
    }

    public function test_there_are_words_for_everything_the_engine_can_say(): void
    {
        foreach ([
            ['marks', Mark::cases()],
            ['outcomes', Outcome::cases()],
            ['methods', Method::cases()],
            ['slips', Slip::cases()],
            ['clauses', ClauseKind::cases()],
            ['clauses_wanted', ClauseKind::cases()],
            ['reason_wants', ClauseKind::cases()],
        ] as [$group, $cases]) {
            foreach ($cases as $case) {
                self::assertNotSame('', Make::files()->file('words/sentences')[$group][$case->value] ?? '');
            }
        }
        $words = Make::words();
        foreach (Make::catalogue()->activities as $activity) {
            $unsaid = $own = self::words($activity->id)->say;
            foreach (Make::map()->steps as $step) {
                $shown = array_filter([null, ...$step->forms], static fn (?Form $form): bool => $activity->shows($step, $form));
                foreach ([] === $shown ? [] : $activity->serves[$step->skill->id]->prompts($step) as $prompt) {
                    // A sentence that wants a value it is not given throws.
                    self::assertNotContains('', $words->asks(array_fill(0, 4, $prompt), $own, 'corks', new Settings(), null));
                    self::assertNotSame('', $words->answer($prompt, 'corks'));
                    self::assertNotSame(
                        '',
                        $words->ask(
                            $prompt,
                            $own,
                            'corks',
                            new Settings(comparingSign: ComparingSign::AnimalMouth, acrossTen: AcrossTen::ThroughFives),
                            Answering::Writing,
                        ),
                    );
                    unset($unsaid[$prompt->ask]);
                }
                self::assertNotSame('', $words->step($step));
            }
            self::assertSame([], $unsaid, $activity->id.' has words for questions it never asks');
        }
    }

    public function test_every_step_is_served_by_two_activities_but_for_the_furthest_ones(): void
    {
        $few = [];
        foreach (Make::wholeMap()->steps as $step) {
            $count = \count(array_filter(
                Make::catalogue()->activities,
                static fn (Activity $activity): bool => !$activity->checksOnly && [] !== array_filter(
                    [] === $step->forms ? [null] : $step->forms,
                    static fn (?Form $form): bool => $activity->shows($step, $form),
                ),
            ));
            // Spoken steps and reaches of 50 and up are stretches: one is enough there.
            if ($count < ([] === $step->forms || $step->size >= 50 ? 1 : 2)) {
                $few[$step->id] = $count;
            }
        }
        self::assertSame([], $few);
    }

    public function test_the_table_of_the_catalogue_is_true(): void
    {
        require_once \dirname(__DIR__, 2).'/tools/catalogue.php';

        self::assertSame(catalogue(), file_get_contents(\dirname(__DIR__, 2).'/docs/catalogue.md'), 'run php tools/catalogue.php');
    }

    public function test_no_lay_out_wears_out(): void
    {
        foreach (Make::catalogue()->activities as $activity) {
            self::assertLessThanOrEqual(5, $activity->setUp, $activity->id);
        }
    }

    public function test_the_list_of_ordinary_things_is_long_enough_and_its_drawings_are_there(): void
    {
        $things = Make::things()->things();
        $hand = Make::glyphs()->hand();

        self::assertGreaterThanOrEqual(120, \count($things));
        foreach ($things as $thing) {
            self::assertSame($thing->glyph, $hand->glyph($thing->glyph)->id);
            self::assertNull(Make::cautions()->refusal($thing), $thing->id);
            self::assertNotSame([], [...$thing->can, ...$thing->traits, $thing->shape->value], $thing->id);
        }
    }

    public function test_every_step_has_a_tiny_task_and_every_tick_is_on_the_map(): void
    {
        $file = new FirstLookFile(Make::files());
        foreach ($file->short() as $stepId) {
            self::assertTrue(Make::wholeMap()->has($stepId), $stepId);
        }
        foreach ($file->ticks() as $tick) {
            self::assertTrue(Make::wholeMap()->has($tick), $tick);
        }
    }

    public function test_every_question_on_which_parents_differ_has_both_views_and_every_slip_its_remedy(): void
    {
        foreach (Setting::cases() as $setting) {
            $words = (new SchoolFile(Make::files()))->words($setting);
            self::assertNotSame('', $words->views);
            self::assertSame($setting->answers(), array_keys($words->answers));
        }
        foreach (Slip::cases() as $slip) {
            self::assertNotSame('', Make::words()->say('remedies', $slip));
        }
        foreach ([
            ['reasons', Reason::cases()],
            ['decisions', DecisionReason::cases()],
            ['clauses', ClauseKind::cases()],
            ['clauses_wanted', ClauseKind::cases()],
            ['causes', Cause::cases()],
        ] as [$group, $cases]) {
            foreach ($cases as $case) {
                self::assertNotSame('', Make::files()->file('words/sentences')[$group][$case->value] ?? '', $group);
            }
        }
        foreach (array_diff(array_column(Idea::cases(), 'value'), ['remedy']) as $idea) {
            self::assertNotSame('', Make::files()->file('words/sentences')['ideas'][$idea] ?? '');
        }
    }

    public function test_every_caution_has_a_reason_and_a_source(): void
    {
        foreach (Make::cautions()->rules as $rule) {
            $words = Make::cautionFile()->words($rule->id);
            self::assertNotSame('', $words->why.$words->source);
        }
    }

    public function test_a_sentence_chooses_by_one_and_many(): void
    {
        $message = '{d, plural, one {# day} other {# days}}, {t, plural, =0 {no try} one {# try} other {# tries}}';

        self::assertSame(
            ['1 day, 2 tries', '3 days, 1 try', '0 days, no try'],
            array_map(static fn (array $of): string => Make::words()->fill($message, ['d' => $of[0], 't' => $of[1]]), [[1, 2], [3, 1], [0, 0]]),
        );
    }

    public function test_a_sentence_that_is_not_there_or_is_not_given_its_values_is_an_error(): void
    {
        foreach ([
            static fn (): string => Make::words()->say('decisions', 'by-magic'),
            static fn (): string => Make::words()->say('decisions', 'had-enough'),
            static fn (): string => Make::words()->say('decisions', 'had-enough', ['days' => 'two']),
        ] as $say) {
            try {
                self::fail($say());
            } catch (BrokenContent|\LogicException $e) {
                self::assertMatchesRegularExpression('/by-magic|days/', $e->getMessage());
            }
        }
    }

    private static function words(string $activityId): ActivityWords
    {
        return Make::activityFile()->words($activityId, Make::activityFile()->shipped()[$activityId]);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function breakages(): iterable
    {
        yield 'a formula' => ['count: "n"', 'count: "n +"', 'count'];
        yield 'a part' => ['part: with', 'part: sometimes', 'part'];
        yield 'a missing text' => ['  predict: "Will it be a few or many?"', '', 'predict'];
        yield 'a place' => ['places: [table, floor]', 'places: [ceiling]', 'places'];
        yield 'a prop' => ['props: [tray]', 'props: [anvil]', 'props'];
        yield 'a kind of question' => ['how-many: tell-how-many', 'how-many: guess-the-colour', 'serves'];
        yield 'a picture' => ['things: scatter', 'things: hologram', 'scenes'];
        yield 'a field nobody reads' => ['part: with', 'part: with\ncolour: red', 'colour'];
        yield 'YAML itself' => ['serves: {', 'serves: {{', 'line'];
    }

    public function test_every_shipped_activity_would_be_taken_from_a_parent(): void
    {
        $file = Make::activityFile();
        foreach ($file->shipped() as $id => $data) {
            $file->check($file->read($id, $data), $data);
        }
        self::assertGreaterThan(100, \count($file->shipped()));
    }

    public function test_a_reach_that_does_not_say_what_a_kind_of_question_must_know_is_named_with_file_and_line(): void
    {
        $folder = sys_get_temp_dir().'/pindle-content-'.bin2hex(random_bytes(4));
        $files = new Filesystem();
        $files->mirror(\dirname(__DIR__, 2).'/content', $folder);
        $skills = (string) file_get_contents($folder.'/skills.yaml');
        file_put_contents(
            $folder.'/skills.yaml',
            str_replace(
                '      fives: {name: fives,',
                "      threes: {name: threes, needs: [say-count@30], size: 30, months: 84}\n      fives: {name: fives,",
                $skills,
            ),
        );
        try {
            $read = new ContentFiles($folder, $folder.'/cache');
            $activities = new ActivityFile($read, new ThingFile($read, new GlyphFile($read, new InkFile($read))), new SkillFile($read));
            $data = $activities->shipped()['seven-jumps'];
            $this->expectException(BrokenContent::class);
            $this->expectExceptionMessageMatches('#activities/seven-jumps.yaml line 2.*count-in@threes.*"by".*skills.yaml#');
            $activities->check($activities->read('seven-jumps', $data), $data);
        } finally {
            $files->remove($folder);
        }
    }

    #[DataProvider('breakages')]
    public function test_a_broken_file_is_named_with_the_field(string $good, string $bad, string $place): void
    {
        $folder = sys_get_temp_dir().'/pindle-content-'.bin2hex(random_bytes(4));
        $files = new Filesystem();
        $files->mirror(\dirname(__DIR__, 2).'/content', $folder);
        $file = $folder.'/activities/pick-up-count.yaml';
        $text = (string) file_get_contents($file);
        self::assertStringContainsString($good, $text);
        file_put_contents($file, str_replace($good, $bad, $text));
        try {
            $read = new ContentFiles($folder, $folder.'/cache');
            $activities = new ActivityFile($read, new ThingFile($read, new GlyphFile($read, new InkFile($read))), new SkillFile($read));
            $data = $activities->shipped()['pick-up-count'];
            $activities->check($activities->read('pick-up-count', $data), $data);
            self::fail('It was taken.');
        } catch (BrokenContent $e) {
            self::assertStringContainsString('activities/pick-up-count.yaml', $e->getMessage());
            self::assertStringContainsString($place, $e->getMessage());
            if ('line' === $place) {
                return;
            }
            // What is left out has the line of what it is left out of.
            $at = substr($text, 0, (int) strpos($text, '' === $bad ? 'words:' : $good));
            self::assertStringContainsString('line '.(substr_count($at, "\n") + 1), $e->getMessage());
        } finally {
            $files->remove($folder);
        }
    }
}
