<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\App\Exchange\Check;
use Pindle\App\Exchange\Format;
use Pindle\App\Exchange\NotImportable;
use Pindle\App\Exchange\Schema;
use Pindle\App\Platform\Kernel;
use Pindle\App\Platform\PhotographFolder;
use Pindle\Bench\FiveYears;
use Pindle\Tests\Camera;
use Pindle\Tests\RandomHousehold;
use Psr\Container\ContainerInterface;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** A household taken away as one file, and brought in again: by the commands a parent has, between folders of their own. */
final class ExchangeTest extends TestCase
{
    private const NOBODY = '0195a000-0000-4000-8000-00000000aaaa';

    private static string $root;

    /** A file that was made of a random household, and its folder. */
    private static string $made;
    private static string $from;

    public static function setUpBeforeClass(): void
    {
        self::$root = sys_get_temp_dir().'/pindle-exchange-'.bin2hex(random_bytes(4));
        (new Filesystem())->mkdir(self::$root);
        self::$from = self::house('from', 11);
        self::$made = self::export(self::$from);
    }

    public static function tearDownAfterClass(): void
    {
        (new Filesystem())->remove(self::$root);
    }

    public function test_the_sample_household_goes_round_and_is_equal(): void
    {
        $from = self::house('demo');
        self::console($from, 'pindle:demo');
        $made = self::export($from);
        $to = self::house('demo-to');
        self::console($to, 'pindle:import', $made);

        self::assertSame(self::told($made), self::told(self::export($to)));
        // Marks and beliefs follow from it: made anew they are the same, bit for bit.
        self::assertSame(self::states($from), self::states($to));
        self::assertStringNotContainsString('not equal', self::console($to, 'pindle:record'));
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([1, 2, 3, 4] as $seed) {
            yield 'household '.$seed => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_any_household_goes_round_and_is_equal_and_comes_in_once(int $seed): void
    {
        $from = self::house('random-'.$seed, $seed);
        $made = self::export($from);
        $to = self::house('random-to-'.$seed);
        self::assertStringContainsString('is here', self::console($to, 'pindle:import', $made));

        self::assertSame(self::told($made), self::told(self::export($to)));
        self::assertSame(self::pictures($from), self::pictures($to));
        self::assertStringContainsString('nothing was changed', self::console($to, 'pindle:import', $made));
        self::assertSame(self::told($made), self::told(self::export($to)), 'a second time changes nothing');
    }

    public function test_what_is_here_already_is_joined_once_and_taken_back_wins(): void
    {
        $to = self::house('joined');
        self::console($to, 'pindle:import', self::$made);
        $database = new \PDO('sqlite:'.$to.'/pindle.sqlite');
        $one = static fn (string $sql): mixed => ($database->query($sql) ?: throw new \LogicException($sql))->fetchColumn();
        $child = $one('SELECT child_id FROM attempt LIMIT 1');
        // Missing here: three tries, the notes, a done activity of a day; kept here: one that was taken back, and one that was erased.
        $tries = (int) $one('SELECT COUNT(*) FROM attempt');
        $back = $one('SELECT id FROM attempt WHERE removed_at IS NULL ORDER BY id LIMIT 1');
        $photograph = $one('SELECT id FROM photograph ORDER BY id LIMIT 1');
        $database->exec("UPDATE attempt SET removed_at = 1 WHERE id = '$back'");
        $database->exec("DELETE FROM attempt WHERE id IN (SELECT id FROM attempt WHERE id <> '$back' ORDER BY id LIMIT 3)");
        $database->exec('DELETE FROM note');
        $done = $one("SELECT id FROM set_up WHERE state = 'done' LIMIT 1");
        $database->exec("UPDATE set_up SET state = 'planned' WHERE id = '$done'");
        $database->exec("DELETE FROM photograph WHERE id = '$photograph'");
        $database->exec("INSERT INTO erased VALUES ('$photograph')");
        $database->exec("UPDATE child SET name = 'Kept as it is here'");

        $said = self::console($to, 'pindle:import', self::$made);
        self::assertStringContainsString('Joined: 3 tries, 0 closing marks', $said);
        self::assertSame($tries, (int) $one('SELECT COUNT(*) FROM attempt'));
        self::assertSame(1, $one("SELECT removed_at FROM attempt WHERE id = '$back'"), 'taken back here stays taken back');
        self::assertSame('done', $one("SELECT state FROM set_up WHERE id = '$done'"));
        self::assertSame(0, $one("SELECT COUNT(*) FROM photograph WHERE id = '$photograph'"), 'what was erased does not come back');
        self::assertSame('Kept as it is here', $one("SELECT name FROM child WHERE id = '$child'"));
        self::assertGreaterThan(0, $one('SELECT COUNT(*) FROM note'));

        $database->exec('UPDATE attempt SET removed_at = NULL');
        self::console($to, 'pindle:import', self::$made);
        $from = new \PDO('sqlite:'.self::$from.'/pindle.sqlite');
        $removed = 'SELECT COUNT(*) FROM attempt WHERE removed_at IS NOT NULL';
        self::assertSame(($from->query($removed) ?: throw new \LogicException())->fetchColumn(), $one($removed), 'taken back there is taken back here');
        self::assertStringContainsString('nothing was changed', self::console($to, 'pindle:import', self::$made));
    }

    public function test_children_who_are_not_here_stay_away(): void
    {
        $to = self::house('others', 12);
        self::assertStringContainsString('None of the children', self::console($to, 'pindle:import', self::$made, true));

        $both = self::house('both');
        self::console($both, 'pindle:import', self::$made);
        $database = new \PDO('sqlite:'.$both.'/pindle.sqlite');
        $gone = ($database->query('SELECT child_id FROM attempt GROUP BY child_id ORDER BY COUNT(*) LIMIT 1') ?: throw new \LogicException())->fetchColumn();
        foreach (['child WHERE id', 'attempt WHERE child_id', 'closing WHERE child_id', 'note WHERE child_id', 'sitting WHERE child_id'] as $rows) {
            $database->exec("DELETE FROM $rows = '$gone'");
        }
        self::console($both, 'pindle:import', self::$made);
        self::assertSame(0, ($database->query("SELECT COUNT(*) FROM attempt WHERE child_id = '$gone'") ?: throw new \LogicException())->fetchColumn());
        self::assertSame(0, ($database->query("SELECT COUNT(*) FROM sitting WHERE child_id = '$gone'") ?: throw new \LogicException())->fetchColumn());
    }

    public function test_an_older_file_is_read(): void
    {
        $old = self::changed(static function (\ZipArchive $zip): void {
            $head = json_decode((string) $zip->getFromName(Format::HEAD), false, 64, \JSON_THROW_ON_ERROR);
            \assert($head instanceof \stdClass && \is_array($head->house) && $head->lines instanceof \stdClass);
            $head->format = 1;
            unset($head->letters, $head->pages, $head->erased, $head->lines->photographs, $head->house[0]->yearStarts);
            $zip->addFromString(Format::HEAD, json_encode($head, \JSON_THROW_ON_ERROR));
            for ($i = $zip->numFiles - 1; $i >= 0; --$i) {
                if (str_starts_with((string) $zip->getNameIndex($i), 'photographs')) {
                    $zip->deleteIndex($i);
                }
            }
        });
        $to = self::house('older');
        self::console($to, 'pindle:import', $old);
        $now = self::told(self::export($to));
        $then = self::told(self::$made);
        self::assertSame($then['attempts.jsonl'], $now['attempts.jsonl']);
        self::assertSame('09-01', json_decode($now[Format::HEAD], true)['house'][0]['yearStarts']);
    }

    /** @return iterable<string, array{string, \Closure(\ZipArchive): mixed}> what is said, and what is done to a good file */
    public static function damage(): iterable
    {
        $lines = static fn (string $name, callable $change): \Closure => static function (\ZipArchive $zip) use ($name, $change): void {
            $all = explode("\n", (string) $zip->getFromName($name));
            $all[1] = $change($all[1]);
            $zip->addFromString($name, implode("\n", $all));
        };
        $field = static fn (string $name, string $field, mixed $value): \Closure => $lines($name, static function (string $line) use ($field, $value): string {
            $row = json_decode($line, true, 64, \JSON_THROW_ON_ERROR);

            return json_encode([$field => $value] + $row, \JSON_THROW_ON_ERROR);
        });
        $head = static fn (callable $change): \Closure => static function (\ZipArchive $zip) use ($change): void {
            $head = json_decode((string) $zip->getFromName(Format::HEAD), false, 64, \JSON_THROW_ON_ERROR);
            $change($head);
            $zip->addFromString(Format::HEAD, json_encode($head, \JSON_THROW_ON_ERROR));
        };
        yield 'no JSON' => ['attempts.jsonl, line 2 is no JSON', $lines('attempts.jsonl', static fn (): string => 'date,child,outcome')];
        yield 'another encoding' => ['notes.jsonl, line 2 is not written in UTF-8', $lines('notes.jsonl', static fn (): string => "{\"note\": \"Zo\xEB\"}")];
        yield 'a list' => ['attempts.jsonl, line 2 is no object', $lines('attempts.jsonl', static fn (): string => '[1]')];
        yield 'an outcome that is none' => ['attempts.jsonl, line 2, outcome is none of what it may be', $field('attempts.jsonl', 'outcome', 'perfect')];
        yield 'a number as a text' => ['attempts.jsonl, line 2, at is of another kind than integer', $field('attempts.jsonl', 'at', '1')];
        yield 'an endless name' => ['attempts.jsonl, line 2, stepId is longer than 40 letters', $field('attempts.jsonl', 'stepId', str_repeat('x', 41))];
        yield 'a field that is not known' => ['attempts.jsonl, line 2 has stars, which Pindle does not know', $field('attempts.jsonl', 'stars', 5)];
        yield 'a field that is missing' => ['notes.jsonl, line 2 lacks outcome', $lines('notes.jsonl', static function (string $line): string {
            $row = json_decode($line, true, 64, \JSON_THROW_ON_ERROR);
            unset($row['outcome']);

            return json_encode($row, \JSON_THROW_ON_ERROR);
        })];
        yield 'a day that is none' => ['notes.jsonl, line 2 makes no sense', $field('notes.jsonl', 'day', '2026-02-30')];
        yield 'a day to come' => ['attempts.jsonl, line 2, day is a day that is still to come', $field('attempts.jsonl', 'day', '2026-03-05')];
        yield 'a day too far ahead' => ['days.jsonl, line 2, date is a day that is still to come', $field('days.jsonl', 'date', '2026-03-19')];
        yield 'a stranger' => ['attempts.jsonl, line 2, childId is none of the children', $field('attempts.jsonl', 'childId', self::NOBODY)];
        yield 'a sitting of nothing' => ['sittings.jsonl, line 2, setUpId is none of the set-ups', $field('sittings.jsonl', 'setUpId', self::NOBODY)];
        yield 'an id that is none' => ['attempts.jsonl, line 2, id is not as it should be', $field('attempts.jsonl', 'id', '../../lock')];
        yield 'an id of a sitting that is none' => ['sittings.jsonl, line 2, setUpId is not as it should be', $field('sittings.jsonl', 'setUpId', 'x')];
        yield 'a step that is not there' => ['attempts.jsonl, line 2, stepId is no step of the map', $field('attempts.jsonl', 'stepId', 'count-out@6')];
        yield 'a note on nothing' => ['notes.jsonl, line 2, stepId is no step of the map', $field('notes.jsonl', 'stepId', '')];
        yield 'a closing of nothing' => ['closings.jsonl, line 2, stepId is no step of the map', $field('closings.jsonl', 'stepId', 'x')];
        yield 'a set-up of no activity' => ['setUps.jsonl, line 2, activityId is no activity', $field('setUps.jsonl', 'activityId', 'no-such-game')];
        yield 'a try at no activity' => ['attempts.jsonl, line 2, activityId is no activity', $field('attempts.jsonl', 'activityId', 'own-../x')];
        yield 'a question that is text' => ['attempts.jsonl, line 2, question is no question', $field('attempts.jsonl', 'question', 'How many?')];
        yield 'a guess off beyond reason' => ['attempts.jsonl, line 2, error is a number that nothing here can be', $field('attempts.jsonl', 'error', 1e308)];
        yield 'a guess a little less off' => ['attempts.jsonl, line 2, error is a number', $field('attempts.jsonl', 'error', 1_000_001)];
        yield 'a guess off by less than nothing' => ['attempts.jsonl, line 2 makes no sense', $field('attempts.jsonl', 'error', -0.5)];
        yield 'a value beyond reason' => ['sittings.jsonl, line 2, value is a number that nothing here can be', $field('sittings.jsonl', 'value', -1e308)];
        $course = ['form' => null, 'help' => 'bare', 'reason' => 'ready', 'values' => new \stdClass(), 'brandNew' => false]
            + ['before' => 'not-met', 'after' => null, 'decision' => null, 'rests' => null];
        yield 'a course to nowhere' => ['sittings.jsonl, line 2, courses names a step that is not on the map', $field('sittings.jsonl', 'courses', [
            ['step' => 'nowhere@1'] + $course,
        ])];
        yield 'a sitting on no day' => ['sittings.jsonl, line 2 makes no sense', $field('sittings.jsonl', 'date', '2026-02-30')];
        yield 'a file twice in the zip' => ['notes.jsonl: it stands in it twice', static function (\ZipArchive $zip): void {
            // The zip library itself writes no name twice: two of equal length, and one is renamed in its bytes.
            $zip->addFromString('notez.jsonl', (string) $zip->getFromName('notes.jsonl'));
        }];
        yield 'cut short' => ['attempts.jsonl, line 2 is cut short', static fn (\ZipArchive $zip) => $zip->addFromString(
            'attempts.jsonl',
            implode("\n", \array_slice(explode("\n", (string) $zip->getFromName('attempts.jsonl')), 0, 2)),
        )];
        yield 'lines are missing' => ['attempts.jsonl: it has 1 lines', static fn (\ZipArchive $zip) => $zip->addFromString(
            'attempts.jsonl',
            explode("\n", (string) $zip->getFromName('attempts.jsonl'))[0]."\n",
        )];
        yield 'twice' => ['attempts.jsonl, line 2 is there twice', static function (\ZipArchive $zip): void {
            $all = explode("\n", (string) $zip->getFromName('attempts.jsonl'));
            $all[1] = $all[0];
            $zip->addFromString('attempts.jsonl', implode("\n", $all));
        }];
        yield 'a file is missing' => ['closings.jsonl: it is not there', static fn (\ZipArchive $zip) => $zip->deleteName('closings.jsonl')];
        yield 'a child who makes no sense' => ['household.json, children.0 makes no sense', $head(
            static fn (\stdClass $head) => $head->children[0]->born = '2020-02-30',
        )];
        yield 'a child with no name' => ['household.json, children.0 lacks name', $head(static function (\stdClass $head): void {
            unset($head->children[0]->name);
        })];
        yield 'a child twice' => ['household.json, children has something twice', $head(static fn (\stdClass $head) => $head->children[] = $head->children[0])];
        yield 'a newer Pindle' => ['made by a newer Pindle (its format is 99', $head(static fn (\stdClass $head) => $head->format = 99)];
        yield 'no version' => ['household.json, format is of another kind', $head(static fn (\stdClass $head) => $head->format = 'two')];
        yield 'another kind of file' => ['no household of Pindle', $head(static fn (\stdClass $head) => $head->what = 'A shopping list')];
        yield 'without a head' => ['no household of Pindle', static fn (\ZipArchive $zip) => $zip->deleteName(Format::HEAD)];
        yield 'a way out' => ['../lock.json: it does not belong', static fn (\ZipArchive $zip) => $zip->addFromString('../lock.json', '{}')];
        yield 'a way to the root' => ['/etc/passwd: it does not belong', static fn (\ZipArchive $zip) => $zip->addFromString('/etc/passwd', 'x')];
        yield 'a script' => ['photographs/x.php: it does not belong', static fn (\ZipArchive $zip) => $zip->addFromString('photographs/x.php', '<?php')];
        yield 'a bomb' => ['attempts.jsonl: it is larger than anything', static fn (\ZipArchive $zip) => $zip->addFromString(
            'attempts.jsonl',
            str_repeat(' ', 40_000_000),
        )];
        $picture = static fn (callable $make): \Closure => static function (\ZipArchive $zip) use ($make): void {
            for ($i = 0; $i < $zip->numFiles; ++$i) {
                if (str_starts_with((string) $zip->getNameIndex($i), Format::PHOTOGRAPHS)) {
                    $zip->addFromString((string) $zip->getNameIndex($i), $make((string) $zip->getFromIndex($i)));

                    return;
                }
            }
        };
        yield 'a photograph that is a script' => ['no photograph as Pindle keeps them', $picture(static fn (): string => '<?php system("ls");')];
        yield 'a photograph with a place in it' => ['no photograph as Pindle keeps them', $picture(static fn (): string => Camera::take())];
        yield 'a photograph with something behind it' => ['no photograph as Pindle keeps them', $picture(static fn (string $jpeg): string => $jpeg.'<?php')];
        yield 'a photograph that is missing' => ['it is not there', static function (\ZipArchive $zip): void {
            for ($i = 0; $i < $zip->numFiles; ++$i) {
                if (str_starts_with((string) $zip->getNameIndex($i), Format::PHOTOGRAPHS)) {
                    $zip->deleteIndex($i);
                }
            }
        }];
    }

    /** @param \Closure(\ZipArchive): mixed $spoil */
    #[DataProvider('damage')]
    public function test_a_damaged_file_is_refused_by_place_and_reason(string $said, \Closure $spoil): void
    {
        try {
            self::check()->file(self::changed($spoil), static fn () => null);
            self::fail('It was taken.');
        } catch (NotImportable $e) {
            self::assertStringContainsString($said, $e->getMessage());
            self::assertStringContainsString('Nothing was written.', $e->getMessage());
        }
    }

    public function test_where_a_file_is_refused_nothing_is_written(): void
    {
        $to = self::house('damaged');
        $before = hash_file('sha256', $to.'/pindle.sqlite');
        // The last of its lines: all that comes before it is fine.
        self::console($to, 'pindle:import', self::changed(static function (\ZipArchive $zip): void {
            $zip->addFromString('photographs.jsonl', (string) $zip->getFromName('photographs.jsonl').'{"id": 1}'."\n");
        }), true);

        self::assertSame($before, hash_file('sha256', $to.'/pindle.sqlite'));
        self::assertSame([], (new PhotographFolder($to))->all());
    }

    public function test_the_end_of_the_next_week_may_be_planned(): void
    {
        $to = self::house('ahead');
        self::console($to, 'pindle:import', self::changed(static function (\ZipArchive $zip): void {
            $all = explode("\n", (string) $zip->getFromName('days.jsonl'));
            $all[0] = json_encode(['date' => '2026-03-18'] + (array) json_decode($all[0], true, 64, \JSON_THROW_ON_ERROR), \JSON_THROW_ON_ERROR);
            $zip->addFromString('days.jsonl', implode("\n", $all));
        }));
        self::assertSame(1, ((new \PDO('sqlite:'.$to.'/pindle.sqlite'))->query("SELECT COUNT(*) FROM day WHERE date = '2026-03-18'")
            ?: throw new \LogicException())->fetchColumn());
    }

    public function test_what_is_no_zip_is_refused(): void
    {
        $to = self::house('damaged');
        foreach (['date;child;stars' => 'a spreadsheet', "PK\x03\x04" => 'half a zip'] as $bytes => $what) {
            file_put_contents(self::$root.'/none.zip', $bytes);
            self::assertStringContainsString('no household of Pindle', self::console($to, 'pindle:import', self::$root.'/none.zip', true), $what);
        }
    }

    public function test_a_picture_that_was_lost_does_not_keep_the_household_from_coming_in(): void
    {
        $from = self::house('lost', 13);
        [$lost] = (new PhotographFolder($from))->all();
        (new PhotographFolder($from))->remove($lost);
        $made = self::export($from);
        self::assertStringNotContainsString($lost, self::told($made)['photographs.jsonl']);
        self::assertStringContainsString('is here', self::console(self::house('lost-to'), 'pindle:import', $made));
    }

    /** A small one of what ./pindle bench journal measures: memory does not grow with the years, and it is said how far it is. */
    public function test_many_lines_go_out_and_in_a_few_at_a_time(): void
    {
        $from = self::house('years');
        self::assertGreaterThan(9000, (new FiveYears($from, '2026-03-04'))->write(160));
        $file = self::$root.'/years.zip';
        $out = self::console($from, 'pindle:export', $file, memory: '48M');
        self::assertGreaterThan(1, substr_count($out, 'attempts.jsonl'), $out);
        $in = self::console(self::house('years-to'), 'pindle:import', $file, memory: '64M');
        self::assertGreaterThan(3, substr_count($in, 'Looking through attempts.jsonl, line'));
    }

    public function test_the_published_schema_is_what_pindle_writes(): void
    {
        $now = (string) file_get_contents(\dirname(__DIR__, 2).'/'.Schema::FILE);
        self::console(self::house('schema'), 'pindle:schema');
        self::assertSame($now, file_get_contents(\dirname(__DIR__, 2).'/'.Schema::FILE), 'make it anew with pindle:schema, and raise Format::VERSION');
    }

    /** Looking a file through needs no house: one serves all. */
    private static function check(): Check
    {
        static $check = null;
        if (null === $check) {
            $kernel = new Kernel('test', false);
            $kernel->boot();
            $services = $kernel->getContainer()->get('test.service_container');
            \assert($services instanceof ContainerInterface);
            $check = $services->get(Check::class);
        }

        return $check instanceof Check ? $check : throw new \LogicException('no check');
    }

    /** An empty house, or one of made-up rows. */
    private static function house(string $name, ?int $seed = null): string
    {
        static $empty = null;
        if (null === $empty) {
            $empty = self::$root.'/empty';
            (new Filesystem())->mkdir($empty);
            self::console($empty, 'pindle:open');
            (new \PDO('sqlite:'.$empty.'/pindle.sqlite'))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
        }
        $house = self::$root.'/'.$name;
        (new Filesystem())->remove($house);
        (new Filesystem())->mirror($empty, $house);
        if (null !== $seed) {
            (new RandomHousehold($house, new Randomizer(new Xoshiro256StarStar($seed))))->write();
        }

        return $house;
    }

    private static function export(string $house): string
    {
        static $number = 0;
        $file = self::$root.'/made-'.++$number.'.zip';
        self::console($house, 'pindle:export', $file);

        return $file;
    }

    /** @param \Closure(\ZipArchive): mixed $change */
    private static function changed(\Closure $change): string
    {
        $file = self::$root.'/changed.zip';
        copy(self::$made, $file);
        $zip = new \ZipArchive();
        $zip->open($file);
        $change($zip);
        $zip->close();
        file_put_contents($file, str_replace('notez.jsonl', 'notes.jsonl', (string) file_get_contents($file)));

        return $file;
    }

    /** @return array<string, string> all that is in a file but the moment it was made */
    private static function told(string $file): array
    {
        $zip = new \ZipArchive();
        $zip->open($file);
        $told = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $told[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }
        $told[Format::HEAD] = preg_replace('/"made": "[^"]+"/', '"made": ""', $told[Format::HEAD], 1) ?? '';
        ksort($told);

        return $told;
    }

    /** @return array<string, string> hashes by name */
    private static function pictures(string $house): array
    {
        $folder = new PhotographFolder($house);
        $names = $folder->all();

        return array_combine($names, array_map(static fn (string $name): string => (string) hash_file('sha256', (string) $folder->find($name)), $names));
    }

    /** @return array<mixed> */
    private static function states(string $house): array
    {
        self::console($house, 'pindle:record');
        $rows = (new \PDO('sqlite:'.$house.'/pindle.sqlite'))->query('SELECT child_id, step_id, state FROM step_state ORDER BY 1, 2');

        return ($rows ?: throw new \LogicException('no states'))->fetchAll(\PDO::FETCH_ASSOC);
    }

    private static function console(string $data, string $command, ?string $argument = null, bool $fails = false, string $memory = '128M'): string
    {
        $process = new Process(
            ['php', '-d', 'memory_limit='.$memory, 'bin/console', $command, ...(null === $argument ? [] : [$argument])],
            \dirname(__DIR__, 2),
            ['APP_ENV' => 'test', 'PINDLE_DATA' => $data, 'DATABASE_URL' => 'sqlite:///'.$data.'/pindle.sqlite', 'PINDLE_TODAY' => '2026-03-04'],
        );
        $process->setTimeout(180)->run();
        self::assertSame($fails ? 1 : 0, $process->getExitCode(), $process->getOutput().$process->getErrorOutput());

        return (string) preg_replace('/\s+/', ' ', $process->getOutput());
    }
}
