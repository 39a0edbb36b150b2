<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\App\Platform\Content\BrokenContent;
use Pindle\App\Platform\Content\ContentFiles;
use Pindle\App\Platform\Content\Library;
use Pindle\App\Platform\Words;
use Pindle\Core\Activity\Family;
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
use Pindle\Core\Question\Facts;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Make;
use Symfony\Component\Filesystem\Filesystem;

final class ContentTest extends TestCase
{
    public function test_every_family_is_written_out_and_serves_steps_of_the_map(): void
    {
        $library = Make::library();
        $strands = [];
        foreach ($library->catalogue()->families as $family) {
            self::assertGreaterThanOrEqual(2, \count($library->familyWords($family->id)->show), $family->id);
            $served = 0;
            foreach ($library->map()->steps as $step) {
                foreach ([null, ...$step->forms] as $form) {
                    if ($family->shows($step, $form)) {
                        ++$served;
                        $strands[$step->skill->strand->value] = true;
                    }
                }
            }
            self::assertGreaterThan(0, $served, $family->id.' serves nothing');
            foreach (array_keys($family->serves) as $skill) {
                self::assertArrayHasKey($skill, $library->map()->skills, $family->id);
            }
        }
        self::assertGreaterThanOrEqual(12, \count($library->catalogue()->families));
        self::assertGreaterThanOrEqual(8, \count($strands));
    }

    public function test_there_are_words_for_everything_the_engine_can_say(): void
    {
        $library = Make::library();
        foreach ([['marks', Mark::cases()], ['outcomes', Outcome::cases()], ['methods', Method::cases()], ['slips', Slip::cases()], ['clauses', ClauseKind::cases()], ['clauses_wanted', ClauseKind::cases()], ['reason_wants', ClauseKind::cases()]] as [$group, $cases]) {
            foreach ($cases as $case) {
                self::assertNotSame('', $library->sentence($group, $case->value));
            }
        }
        $words = new Words($library);
        foreach ($library->catalogue()->families as $family) {
            $unsaid = $library->familyWords($family->id)->say;
            foreach ($library->map()->steps as $step) {
                foreach (isset($family->serves[$step->skill->id]) ? Facts::of($family->serves[$step->skill->id], $step) : [] as $fact) {
                    // A sentence that wants a value it is not given throws.
                    self::assertNotSame('', $words->ask($fact, $family->id, 'corks', new Settings(), null).$words->answer($fact, 'corks'));
                    self::assertNotSame('', $words->ask($fact, $family->id, 'corks', new Settings(comparingSign: ComparingSign::AnimalMouth, acrossTen: AcrossTen::ThroughFives), Answering::Writing));
                    unset($unsaid[$fact->ask->value]);
                }
                self::assertNotSame('', $words->step($step));
            }
            self::assertSame([], $unsaid, $family->id.' has words for questions it never asks');
        }
    }

    public function test_every_step_is_served_by_two_families_but_for_the_furthest_ones(): void
    {
        $library = Make::library();
        $few = [];
        foreach ($library->wholeMap()->steps as $step) {
            $count = \count(array_filter($library->catalogue()->families, static fn (Family $family): bool => !$family->checksOnly && [] !== array_filter([] === $step->forms ? [null] : $step->forms, static fn (?Form $form): bool => $family->shows($step, $form))));
            // Spoken steps and reaches of 50 and up are stretches: one is enough there.
            if ($count < ([] === $step->forms || $step->size() >= 50 ? 1 : 2)) {
                $few[$step->id] = $count;
            }
        }
        self::assertSame([], $few);
    }

    public function test_the_table_of_the_catalogue_is_true(): void
    {
        require_once \dirname(__DIR__, 2).'/tools/catalogue.php';

        self::assertSame(catalogue(Make::library()), file_get_contents(\dirname(__DIR__, 2).'/docs/catalogue.md'), 'run php tools/catalogue.php');
    }

    public function test_no_lay_out_wears_out(): void
    {
        foreach (Make::library()->catalogue()->families as $family) {
            self::assertLessThanOrEqual(5, $family->setUp, $family->id);
        }
    }

    public function test_the_list_of_ordinary_things_is_long_enough_and_its_drawings_are_there(): void
    {
        $drawn = (string) file_get_contents(\dirname(__DIR__, 2).'/web/scene/glyphs.ts');
        $things = Make::library()->shippedThings();

        self::assertGreaterThanOrEqual(120, \count($things));
        foreach ($things as $thing) {
            self::assertMatchesRegularExpression('/^    '.$thing->glyph.': \{/m', $drawn, $thing->id);
            self::assertNotContains('refused', Make::library()->traitsByName($thing->name), $thing->id);
        }
    }

    public function test_every_step_has_a_tiny_task_and_every_tick_is_on_the_map(): void
    {
        $library = Make::library();
        foreach ($library->wholeMap()->steps as $step) {
            self::assertNotSame('', Words::fill($library->firstLookAsk($step->skill->id, $step->reach), ['n' => $step->size(), 'things' => 'corks']), $step->id);
        }
        foreach ($library->firstLookTicks() as $tick) {
            self::assertTrue($library->wholeMap()->has($tick), $tick);
        }
    }

    public function test_every_question_on_which_parents_differ_has_both_views_and_every_slip_its_remedy(): void
    {
        foreach (Setting::cases() as $setting) {
            $words = Make::library()->settingWords($setting);
            self::assertNotSame('', $words->views);
            self::assertSame($setting->answers(), array_keys($words->answers));
        }
        foreach (Slip::cases() as $slip) {
            self::assertNotSame('', Make::library()->sentence('remedies', $slip->value));
        }
        foreach ([['reasons', Reason::cases()], ['decisions', DecisionReason::cases()], ['clauses', ClauseKind::cases()], ['clauses_wanted', ClauseKind::cases()], ['causes', Cause::cases()]] as [$group, $cases]) {
            foreach ($cases as $case) {
                self::assertNotSame('', Make::library()->sentence($group, $case->value), $group);
            }
        }
        foreach (array_diff(array_column(Idea::cases(), 'value'), ['remedy']) as $idea) {
            self::assertNotSame('', Make::library()->sentence('ideas', $idea));
        }
    }

    public function test_every_caution_has_a_reason_and_a_source(): void
    {
        foreach (Make::library()->cautions()->rules as $rule) {
            $words = Make::library()->cautionWords($rule->id);
            self::assertNotSame('', $words->why.$words->source);
        }
    }

    public function test_a_sentence_chooses_by_one_and_many(): void
    {
        self::assertSame('1 day, 2 tries', Words::fill('{d} {d?day:days}, {t} {t?try:tries}', ['d' => 1, 't' => 2]));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function breakages(): iterable
    {
        yield 'a formula' => ['count: n}', 'count: n +}', 'count'];
        yield 'a part' => ['part: with', 'part: sometimes', 'part'];
        yield 'a missing text' => ['  predict: "Will it be a few or many?"', '', 'predict'];
        yield 'a place' => ['places: [table, floor]', 'places: [ceiling]', 'places'];
        yield 'a prop' => ['props: [tray]', 'props: [anvil]', 'props'];
        yield 'YAML itself' => ['serves: {', 'serves: {{', 'line'];
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
            $library = new Library(new ContentFiles($folder, $folder.'/cache'));
            $library->catalogue();
            $library->familyWords('pick-up-count');
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
