<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Pindle\App\Content\GlyphFile;
use Pindle\App\Content\InkFile;
use Pindle\App\Platform\Face;
use Pindle\App\Platform\Pdf;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Thing\Size;
use Pindle\Core\Thing\Thing;
use Pindle\Tests\Raster;
use Symfony\Component\Process\Process;

/** Sheets as they leave the printer: rastered at ten dots a millimetre and measured. */
final class MakeTest extends ApiTestCase
{
    /** A sheet is true to so many millimetres. */
    private const TRUE = 0.2;

    public function test_the_list_says_which_activities_want_a_sheet_and_how_it_can_be_drawn(): void
    {
        $this->plannedHouse();
        $make = $this->ask('GET', '/make');
        $sheets = array_column($make['sheets'], null, 'kind');

        self::assertCount(\count(SheetKind::cases()), $sheets);
        self::assertContains('Fetch me', $sheets['numeral-cards']['activities']);
        self::assertContains('The guess jar', $sheets['guess-table']['activities'], 'named by the activity, not by a prop');
        self::assertSame([true, false], [$sheets['frame']['isSized'], $sheets['numeral-cards']['isSized']]);
        self::assertSame(['usual', 'plain', 'blanks'], array_column($sheets['line']['variants'], 'variant'));
        self::assertSame(['how frames are filled'], $sheets['frame']['shows']);
        foreach ($sheets as $sheet) {
            self::assertNotSame([], $sheet['activities'], $sheet['name'].' is wanted by no activity');
        }
        self::assertNotSame([], $make['things']);
        self::assertSame(['today', 'tomorrow', 'week'], array_column($make['wanted'], 'until'));
    }

    /** What a set-up wants is drawn for it without a question asked, kept with its place, and asked for no more. */
    public function test_what_is_wanted_is_drawn_for_it_made_and_asked_for_no_more(): void
    {
        [$setUp, $want] = $this->wanting();
        $sheet = $this->ask('GET', '/make/'.$want['kind'].'?setUpId='.$setUp['id'].'&propId='.$want['propId']);
        self::assertSame($want['reach'], $sheet['reach']);
        $names = static fn (array $day): array => array_column($day['make'], 'state', 'propId');
        self::assertNull($names($this->ask('GET', '/today'))[$want['propId']]);

        $kept = $this->ask('POST', '/make/kept', [
            'state' => 'half-made', 'keptAt' => ' blue tin ', 'pagesDone' => 1, 'as' => ['setUpId' => $setUp['id'], 'propId' => $want['propId']],
        ], 201);
        self::assertSame([$want['kind'], 'blue tin', 'half-made', 1], [$kept['kind'], $kept['keptAt'], $kept['state'], $kept['pagesDone']]);
        $today = array_column($this->ask('GET', '/today')['make'], null, 'propId')[$want['propId']];
        self::assertSame(['half-made', 'blue tin', 1], [$today['state'], $today['keptAt'], $today['pagesDone']]);
        self::assertContains($want['propId'], $this->wantedToday(), 'half made is still wanted');

        $this->ask('PUT', '/make/kept/'.$kept['id'], ['state' => 'made', 'keptAt' => 'blue tin', 'version' => $kept['version']]);
        self::assertNotContains($want['propId'], $this->wantedToday());
        self::assertSame('made', $names($this->ask('GET', '/today'))[$want['propId']]);
        $gather = array_column($this->ask('GET', '/table/'.$setUp['id'])['gather'], 'keptAt', 'words');
        self::assertSame('blue tin', $gather[$want['name']], 'the table says where it is');

        $this->refuse(409, 'version', 'PUT', '/make/kept/'.$kept['id'], ['state' => 'worn-out', 'version' => $kept['version']]);
        $now = $this->ask('GET', '/make')['kept'][0];
        $this->ask('PUT', '/make/kept/'.$kept['id'], ['state' => 'worn-out', 'version' => $now['version']]);
        self::assertContains($want['propId'], $this->wantedToday());
        $this->ask('DELETE', '/make/kept/'.$kept['id'], null, 204);
        self::assertSame([], $this->ask('GET', '/make')['kept']);
        $this->refuse(404, 'id', 'DELETE', '/make/kept/'.$kept['id']);
    }

    /** A house that begins is asked to make nothing on the day itself; for tomorrow it may be, and is told today. */
    public function test_what_is_to_be_made_is_said_the_evening_before_and_never_first_on_the_day(): void
    {
        foreach (['2019-06-01', '2021-09-01', '2023-08-01'] as $i => $born) {
            $this->addChild('Child '.$i, $born);
        }
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids', 'teaspoons', 'buttons', 'cups', 'socks']]);
        self::assertSame([], $this->ask('POST', '/today/plan', [])['make']);
        self::assertNotSame([], $this->ask('GET', '/today')['setUps']);
        $tomorrow = $this->ask('POST', '/today/plan?day=2026-03-05', [])['make'];
        self::assertNotSame([], $tomorrow);
        $told = $this->ask('GET', '/today/tomorrow')['make'];
        self::assertSame(array_column($tomorrow, 'propId'), array_column($told, 'propId'));
        $this->ask('POST', '/make/kept', ['state' => 'made', 'as' => ['setUpId' => $told[0]['setUpId'], 'propId' => $told[0]['propId']]], 201);
        self::assertNotContains($told[0]['propId'], array_column($this->ask('GET', '/today/tomorrow')['make'], 'propId'));
    }

    public function test_one_that_is_alike_is_kept_once(): void
    {
        $caps = $this->thing([25, 25, 4]);
        $keep = fn (int $reach, string $at): array => $this->ask('POST', '/make/kept', [
            'state' => 'made', 'kind' => 'frame', 'keptAt' => $at, 'as' => ['reach' => $reach, 'thingId' => $caps],
        ], 201);
        $first = $keep(10, 'blue tin');
        self::assertSame('Frame for things, up to 10, for caps 25 25 4', $first['name']);
        self::assertSame([$first['id'], 'shelf'], [$keep(10, 'shelf')['id'], $this->ask('GET', '/make')['kept'][0]['keptAt']]);
        self::assertNotSame($first['id'], $keep(5, 'shelf')['id']);
        $bad = static fn (string $at): array => ['state' => 'made', 'kind' => 'frame', 'keptAt' => $at, 'as' => ['thingId' => $caps]];
        $this->refuse(422, 'keptAt', 'POST', '/make/kept', $bad(str_repeat('a', 61)));
        $this->refuse(422, 'keptAt', 'POST', '/make/kept', $bad("\u{202E}tin"));
        $this->refuse(422, 'kind', 'POST', '/make/kept', ['state' => 'made']);
        self::assertCount(2, $this->ask('GET', '/make')['kept'], 'nothing of that was kept');
        self::assertSame(['10', $caps], [$first['as']['reach'], $first['as']['thingId']], 'so that it can be printed again');
    }

    public function test_a_set_is_what_is_lacking_on_as_few_sheets_as_do_in_one_pdf_of_one_paper(): void
    {
        [, $want] = $this->wanting();
        $set = $this->ask('GET', '/make/set?until=today');
        self::assertContains($want['propId'], array_column($set['sheets'], 'propId'));
        self::assertSame(array_sum(array_column($set['sheets'], 'pages')), $set['pages']);
        self::assertSame($set['pages'], $this->pages('/make/set.pdf?until=today'));
        self::assertSame(0, $this->ask('GET', '/make/set?until=tomorrow')['pages'], 'tomorrow is not planned');
        $this->refuse(409, 'until', 'GET', '/make/set.pdf?until=tomorrow');
        $this->refuse(422, 'bar', 'GET', '/make/set.pdf?until=today&bar=150');
    }

    /** A lying page among upright ones is turned, and still true. */
    public function test_a_turned_page_is_as_true_as_an_upright_one(): void
    {
        $pdf = new Pdf(self::service(InkFile::class)->colours(), self::service(Face::class), sys_get_temp_dir());
        $hand = self::service(GlyphFile::class)->hand();
        $thing = new Thing('lids', 'lids', 'lid', 24, Size::of(40, 40, 4), glyph: 'lid');
        $pages = array_map(
            static fn (SheetKind $kind): Drawing => Sheet::of(new Order($kind, $hand, 10, $thing))->pages[0]->drawing,
            [SheetKind::GuessTable, SheetKind::Frame],
        );
        self::assertSame([false, true], array_map(static fn (Drawing $page): bool => $page->width > $page->height, $pages));
        $written = $pdf->write($pages, static fn (string $message): string => $message);
        // Cells of 46 mm: what lay across now goes up, so lines across the page are those between columns.
        $picture = Raster::of($written, 2);
        self::assertEqualsWithDelta(2100, $picture->wide, 1);
        $lines = $picture->lines(100.0);
        self::assertEqualsWithDelta(46.0, $lines[1] - $lines[0], self::TRUE);
        self::assertEqualsWithDelta(92.0, $lines[2] - $lines[0], self::TRUE, 'two rows side by side');
    }

    public function test_a_frame_measures_what_the_thing_and_small_fingers_want(): void
    {
        $caps = $this->thing([25, 25, 4]);
        $picture = $this->page('/make/frame.pdf?reach=10&thingId='.$caps);

        // Down the middle of the second column, in the first row above the mark where filling begins: the lines of the cells.
        $across = $picture->lines(10 + 8);
        self::assertCount(6, $across);
        foreach (range(1, 5) as $i) {
            self::assertEqualsWithDelta(31.0, $across[$i] - $across[$i - 1], self::TRUE);
        }
        self::assertEqualsWithDelta(155.0, $across[5] - $across[0], self::TRUE);
    }

    /** Two pieces below one another: the last tick of the one is the first of the other. */
    public function test_the_steps_of_a_line_are_equal_on_both_sides_of_a_joint(): void
    {
        $picture = $this->page('/make/line.pdf?reach=20&unit=25');
        $steps = 0;
        foreach ([10 + 0.45 * 46 + 3, 10 + 1.45 * 46 + 3] as $row) {
            $ticks = $picture->lines($row);
            self::assertEqualsWithDelta(10.0 + 7.5, $ticks[0], self::TRUE, 'room to glue before the first');
            foreach (\array_slice($ticks, 1) as $i => $tick) {
                self::assertEqualsWithDelta(25.0, $tick - $ticks[$i], self::TRUE);
                ++$steps;
            }
        }
        self::assertSame(20, $steps);
    }

    public function test_the_bar_is_fifty_millimetres_and_a_printer_that_shrinks_is_answered(): void
    {
        // The foot of the page: ticks every ten millimetres.
        $ticks = $this->page('/make/guess-table.pdf')->lines(297 - 10 - 3.2 - 1.0);
        self::assertEqualsWithDelta(50.0, $ticks[5] - $ticks[0], self::TRUE);
        $larger = $this->page('/make/guess-table.pdf?bar=48')->lines((297 - 10 - 3.2 - 1.0) * 50 / 48);
        self::assertEqualsWithDelta(50.0 * 50 / 48, $larger[5] - $larger[0], self::TRUE);
    }

    public function test_the_face_of_a_die_and_a_circle_for_ten_caps(): void
    {
        $face = $this->page('/make/dice-nets.pdf?reach=6')->lines(10 + 8 + 62);
        // The outermost lines are those of the two faces at the sides.
        self::assertEqualsWithDelta(120.0, $face[\count($face) - 1] - $face[0], self::TRUE, 'three faces of 40 mm');
        $caps = $this->thing([25, 25, 4]);
        $circle = $this->page('/make/bond-mat.pdf?reach=10&thingId='.$caps)->lines(10 + 53.4);
        self::assertEqualsWithDelta(106.8, $circle[1] - $circle[0], self::TRUE);
    }

    #[TestWith(['/make/frame?reach=10', 'thingId'])]
    #[TestWith(['/make/line?reach=1000', 'reach'])]
    #[TestWith(['/make/numeral-cards?copies=21', 'copies'])]
    #[TestWith(['/make/trail?bar=150', 'bar'])]
    public function test_what_cannot_be_printed_is_said_with_the_field(string $path, string $field): void
    {
        $this->refuse(422, $field, 'GET', $path);
    }

    public function test_a_thing_that_nobody_measured_or_that_is_too_long_is_said_by_name(): void
    {
        $stones = (string) $this->ask('POST', '/cupboard', ['name' => 'mooring stones', 'amount' => 20], 201)['id'];
        $said = $this->ask('GET', '/make/frame?thingId='.$stones, null, 422);
        self::assertStringContainsString('mooring stones', $said['errors'][0]['message']);
        self::assertStringContainsString('usual', $said['errors'][0]['message']);
        // The size can be said at once, without leaving the sheet.
        self::assertCount(1, $this->ask('GET', '/make/frame?unit=30&thingId='.$stones)['pages']);
        $lids = array_column($this->ask('GET', '/make')['things'], null, 'name');
        self::assertNull($lids['mooring stones']['millimetres']);
        $poles = (string) $this->ask('POST', '/cupboard', ['name' => 'poles', 'amount' => 20, 'size' => [900, 30, 30]], 201)['id'];
        self::assertStringContainsString('too long', $this->ask('GET', '/make/line?thingId='.$poles, null, 422)['errors'][0]['message']);
        $this->refuse(404, 'thingId', 'GET', '/make/frame?thingId=gone');
    }

    public function test_letters_that_the_face_lacks_are_named_and_the_page_is_still_right(): void
    {
        $words = rawurlencode("Blue tin\n\u{202E}שלום 🚀 Łódź\u{200F}");
        $sheet = $this->ask('GET', '/make/labels?variant=words&words='.$words);
        self::assertContains('🚀 (rocket)', $sheet['lacking']);
        self::assertContains('ש (hebrew letter shin)', $sheet['lacking']);
        self::assertSame([], array_filter($sheet['lacking'], static fn (string $one): bool => str_contains($one, 'Ł')));
        $said = $this->said('/make/labels.pdf?variant=words&words='.$words);
        self::assertStringContainsString('Łódź', $said);
        self::assertStringNotContainsString('?', $said);
        self::assertStringContainsString('Blue tin', $said);
        $this->refuse(422, 'words', 'GET', '/make/labels?variant=words&words='.str_repeat('a', 200));
        $this->refuse(422, 'words', 'GET', '/make/labels?variant=words');
        $this->refuse(422, 'words', 'GET', '/make/labels?variant=words&words='.rawurlencode(implode("\n", range(1, 25))));
    }

    /** @return iterable<string, array{SheetKind}> */
    public static function kinds(): iterable
    {
        foreach (SheetKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    /** As printed, with the width of every line: nothing outside the margins, as many pages as are said, the words in the face and only what is used of it. */
    #[DataProvider('kinds')]
    public function test_nothing_is_printed_outside_the_margins(SheetKind $kind): void
    {
        $caps = $this->thing([25, 25, 4]);
        $query = '?thingId='.$caps.'&paper='.(0 === array_search($kind, SheetKind::cases(), true) % 2 ? 'a4' : 'letter');
        $said = $this->ask('GET', '/make/'.$kind->value.$query);
        $pdf = $this->text('/make/'.$kind->value.'.pdf'.$query);
        self::assertLessThan(500_000, \strlen($pdf));
        for ($page = 1; $page <= \count($said['pages']); ++$page) {
            $picture = Raster::of($pdf, $page, 72);
            // A line reaches half its width beyond its place; three dots of the finest raster are a millimetre.
            $margin = (int) floor((10.0 - 0.6) * 72 / 25.4);
            $rows = $picture->rows();
            foreach ($rows as $y => $row) {
                $isInside = $y >= $margin && $y < \count($rows) - $margin;
                $edges = $isInside ? substr($row, 0, $margin).substr($row, -$margin) : $row;
                self::assertSame(0, preg_match('/[\x00-\xc8]/', $edges), $kind->value.' '.$page.' at '.$y);
            }
        }
        self::assertSame(\count($said['pages']), Raster::pages($pdf));
        self::assertStringContainsString('Andika', $pdf);
        self::assertNotSame('', $this->text('/make/'.$kind->value.'.svg'.$query));
    }

    public function test_a_picture_to_take_away_opens_at_its_true_size(): void
    {
        $svg = $this->text('/make/frame.svg?unit=25&reach=10&bar=48');
        self::assertStringContainsString('width="'.round(210 * 50 / 48, 2).'mm"', $svg);
        self::assertStringStartsWith('attachment', (string) $this->browser->getResponse()->headers->get('Content-Disposition'));
        $this->refuse(422, 'from', 'GET', '/make/frame.svg?unit=25&from=2');
        $this->refuse(422, 'from', 'GET', '/make/frame.pdf?unit=25&from=2');
    }

    public function test_a_half_made_set_goes_on_from_its_page(): void
    {
        self::assertSame([2, 1], [$this->pages('/make/numeral-cards.pdf?reach=10'), $this->pages('/make/numeral-cards.pdf?reach=10&from=2')]);
    }

    /** For a child it asks what the child is on, what is least sure first: nothing beyond the reach. */
    public function test_a_page_of_sums_is_the_childs_own(): void
    {
        $child = $this->addChild('Maren', '2019-06-01');
        $own = $this->ask('GET', '/make/sum-page?reach=10&childId='.$child);
        $house = $this->ask('GET', '/make/sum-page?reach=10');
        self::assertNotSame($own['pages'][0], $house['pages'][0]);
        self::assertNotSame($own['pages'][0], $this->ask('GET', '/make/sum-page?reach=10&seed=2&childId='.$child)['pages'][0]);
        self::assertSame(10, $own['reach']);
    }

    /** @return array{array<mixed>, array<mixed>} a set-up of today and what it wants that can be printed */
    private function wanting(): array
    {
        $this->plannedHouse();
        foreach (['fetch-me', 'lids-on-numbers', 'frame-set'] as $wanted) {
            $this->browser->request(
                'POST',
                '/api/activities/'.$wanted.'/use',
                server: ['CONTENT_TYPE' => 'application/json', 'HTTP_SEC_FETCH_SITE' => 'same-origin'],
            );
        }
        $today = $this->ask('GET', '/today');
        foreach ($today['setUps'] as $setUp) {
            foreach ($today['make'] as $want) {
                if ($want['setUpId'] === $setUp['id'] && null !== $want['kind']) {
                    return [$setUp, $want];
                }
            }
        }
        self::fail('Nothing of today wants anything printed.');
    }

    /** @return list<string> prop ids */
    private function wantedToday(): array
    {
        return array_column(array_column($this->ask('GET', '/make')['wanted'], 'wants', 'until')['today'], 'propId');
    }

    private function pages(string $path): int
    {
        return Raster::pages($this->text($path));
    }

    /** What can be read of a PDF. */
    private function said(string $path): string
    {
        $process = new Process(['pdftotext', '-layout', '-', '-']);
        $process->setInput($this->text($path))->mustRun();

        return $process->getOutput();
    }

    /** @param list<int> $size */
    private function thing(array $size): string
    {
        return (string) $this->ask('POST', '/cupboard', ['name' => 'caps '.implode(' ', $size), 'amount' => 40, 'size' => $size], 201)['id'];
    }

    private function page(string $path): Raster
    {
        return Raster::of($this->text($path));
    }
}
