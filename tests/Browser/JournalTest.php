<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Pindle\App\Exchange\Format;
use Pindle\Tests\Camera;
use Pindle\Tests\Raster;
use Symfony\Component\Process\Process;

/** A record to keep, to show, to take away and to bring back. */
final class JournalTest extends BrowserTestCase
{
    private string $file = '';

    protected function tearDown(): void
    {
        if (is_file($this->file)) {
            unlink($this->file);
        }
        parent::tearDown();
    }

    public function test_a_photograph_goes_from_the_table_into_the_portfolio_and_the_letter(): void
    {
        $table = $this->atTheTable();
        $child = $table['seats'][0];
        $this->post('/table/'.$table['id'].'/finish', ['ending' => 'done']);
        $this->open('/table/'.$table['id']);
        $this->chrome->waitForText('A photograph for the Journal');
        $this->take('[data-take-photograph]', Camera::take(2400, 1200));
        $this->chrome->waitForText('Kept in the Journal.');
        $this->assertAccessible('what follows, with a photograph');

        // Made smaller on the telephone already, and nothing of the camera came along.
        $day = $this->api('/journal')['days'][0];
        [$kept] = $day['photographs'];
        self::assertSame([1600, 800], [$kept['width'], $kept['height']]);
        self::assertSame([$child['childId']], $kept['childIds']);
        self::assertStringNotContainsString('Barge Optics', (string) file_get_contents($this->server->url.$kept['src']));

        // In the evening: named, and looked at.
        $this->chrome->size(1280, 800);
        $this->open('/');
        $this->chrome->waitForText('Wednesday');
        $this->chrome->driver->getKeyboard()->sendKeys('gj');
        $this->chrome->waitForText('What happened');
        $this->chrome->driver->wait(8)->until(fn (): bool => [] !== $this->all('[data-photograph="'.$kept['id'].'"]'), 'It is on its day.');
        $this->assertAccessible('the days');
        $this->chrome->click('[data-photograph="'.$kept['id'].'"]');
        $this->chrome->type('#photograph-words', 'Ten corks in a frame');
        $this->assertAccessible('a photograph');
        $this->chrome->click('[data-keep-words]');
        $this->chrome->waitForText('Ten corks in a frame');
        $this->chrome->type('[data-find-days]', 'in a frame');
        $this->chrome->driver->wait(8)->until(fn (): bool => 1 === \count($this->all('[data-day]')), 'One day has these words.');

        // Into the portfolio: in, out, and in again.
        $this->chrome->click('[data-page="portfolio"]');
        $this->chrome->waitForText('photographs in it.');
        $before = $this->photographs();
        $this->chrome->click('[data-choose-photograph="'.$kept['id'].'"]');
        $this->chrome->driver->wait(8)->until(fn (): bool => $this->photographs() === $before - 1, 'One fewer is in it.');
        $this->chrome->click('[data-choose-photograph="'.$kept['id'].'"]');
        $this->chrome->driver->wait(8)->until(fn (): bool => $this->photographs() === $before, 'It is in again.');
        $this->chrome->click('[data-write-page]');
        $this->chrome->type('[data-page-title]', 'Our winter on the water');
        $this->chrome->type('[data-page-text]', 'It rained a lot.');
        $this->chrome->click('[data-keep-page]');
        $this->chrome->waitForText('Our winter on the water');
        $this->assertAccessible('the portfolio');
        self::assertGreaterThan(2, Raster::pages($this->file('[data-portfolio-pdf="1"]')));
        self::assertStringContainsString('Our winter on the water', $this->page($this->file('[data-portfolio-zip]')));

        // Into the letter, in words of one's own, printed.
        $this->chrome->click('[data-page="letter"]');
        $this->chrome->click('[data-who="'.$child['childName'].'"]');
        $this->chrome->waitForText($child['childName'].', February 2026');
        $this->chrome->clickText('February 2026');
        $this->chrome->clickText('March 2026', 'span');
        $this->chrome->driver->wait(8)->until(fn (): bool => [] !== $this->all('[data-letter-photograph="'.$kept['id'].'"]'), 'It can be chosen.');
        $this->chrome->driver->executeScript('document.querySelector(\'[data-letter-photograph="'.$kept['id'].'"]\').click()');
        $this->chrome->type('[data-letter]', 'Dear Gran, look at the corks.');
        $this->chrome->click('[data-keep-letter]');
        $this->chrome->waitForText('Kept as you wrote it.');
        $this->assertAccessible('the letter');
        $letter = (string) file_get_contents($this->server->url.'/api/journal/children/'.$child['childId'].'/letter.pdf?month=2026-03');
        self::assertSame(1, Raster::pages($letter));
        self::assertStringContainsString('/Subtype /Image', $letter);
    }

    public function test_the_years_log_begins_where_the_house_says_and_goes_onto_paper(): void
    {
        $this->server = new Server(self::TODAY, true);
        $this->open('/journal/year');
        $this->chrome->waitForText('1 September 2025 to 31 August 2026');
        $this->chrome->waitForText('ask yours');
        $this->assertAccessible('the year');
        $minutes = $this->api('/journal/year')['children'][0]['minutes'];
        self::assertStringContainsString($minutes.' min', $this->chrome->text());
        self::assertSame(1, Raster::pages($this->file('[data-year-pdf]')));
        self::assertStringContainsString('minutes (min)', $this->file('[data-year-csv]'));

        $this->chrome->click('[data-begin]');
        $this->chrome->type('#year-day', '31');
        $this->chrome->driver->executeScript('document.querySelector("#year-day").closest("form").noValidate = true');
        $this->chrome->clickText('Keep');
        $this->chrome->waitForText('a day that every month has');
        $this->chrome->type('#year-day', '5');
        $this->chrome->clickText('Keep');
        $this->chrome->waitForText('5 September 2025 to 4 September 2026');

        // How they come along, from the same room: a fact opens its tries.
        $this->chrome->click('[data-page="along"]');
        $this->chrome->waitForText('Then and now');
        $this->assertAccessible('how they come along');
        $this->chrome->click('[data-fact]:not([disabled])');
        $this->chrome->driver->wait(8)->until(fn (): bool => [] !== $this->all('[data-tries] li'), 'Its tries are there.');
        $this->assertAccessible('a fact');
    }

    public function test_a_household_is_taken_away_a_child_erased_and_the_file_does_not_bring_them_back(): void
    {
        $this->server = new Server(self::TODAY, true);
        $work = new Process(['php', 'bin/console', 'pindle:work'], \dirname(__DIR__, 2), [
            'APP_ENV' => 'prod', 'PINDLE_DATA' => $this->server->data, 'PINDLE_TODAY' => self::TODAY,
            'DATABASE_URL' => 'sqlite:///'.$this->server->data.'/pindle.sqlite',
        ]);
        $work->setTimeout(null)->start();
        try {
            $this->open('/journal/in-and-out');
            $this->chrome->waitForText('The whole household');
            $this->assertAccessible('in and out');
            $this->chrome->click('[data-export]');
            $this->chrome->driver->wait(30)->until(fn (): bool => [] !== $this->all('[data-fetch-export]'), 'It is ready.');
            $file = $this->server->data.'/away.zip';
            file_put_contents($file, $this->file('[data-fetch-export]'));
            $zip = new \ZipArchive();
            self::assertTrue($zip->open($file, \ZipArchive::RDONLY));
            self::assertStringContainsString('Lark', (string) $zip->getFromName(Format::HEAD));
            $zip->close();

            $this->chrome->click('[data-erase="Lark"]');
            $this->chrome->waitForText('This goes, and does not come back:');
            $this->chrome->waitForText('out of Pindle\'s reach');
            $this->assertAccessible('before a child is erased');
            self::assertNotNull($this->all('[data-erase-now]')[0]->getAttribute('disabled'), 'not before the name is typed');
            $this->chrome->type('[data-erase-name]', 'Lark');
            $this->chrome->click('[data-erase-now]');
            $this->chrome->waitForText('Lark is erased for good.');
            $this->chrome->driver->wait(8)->until(fn (): bool => [] === $this->all('[data-erase="Lark"]'), 'Lark is not asked for any more.');

            // The file that was taken away joins the others, and leaves Lark out.
            $this->chrome->driver->executeScript('document.querySelector("[data-import]").classList.remove("sr-only")');
            $this->all('[data-import]')[0]->setFileDetector(new LocalFileDetector())->sendKeys($file);
            $this->chrome->driver->wait(60)->until(
                fn (): bool => [] !== $this->all('[data-job="in"]') && str_contains($this->all('[data-job="in"]')[0]->getText(), 'nothing was changed'),
                'It says that everything was here.',
            );
            self::assertSame(['Maren', 'Tobin'], array_column($this->api('/children')['present'], 'name'));
        } finally {
            $work->stop();
        }
    }

    public function test_a_list_of_things_is_looked_at_before_it_is_in_the_cupboard(): void
    {
        $this->server = new Server(self::TODAY, true);
        $this->open('/cupboard');
        $this->chrome->waitForText('What have we got?');
        $this->take('[data-take-list]', "name,amount\nOak galls,many\nFir cones,9\n", 'csv');
        $this->chrome->waitForText('One line cannot be read');
        $this->chrome->waitForText('"many" is no number');
        $this->assertAccessible('a list with a line that cannot be read');
        self::assertSame([], $this->all('[data-write-list]'), 'it cannot be written as it is');
        $this->chrome->clickText('Leave it');

        $this->take('[data-take-list]', "name,amount\nOak galls,14\nFir cones,9\n", 'csv');
        $this->chrome->waitForText('2 new, 0 changed. Nothing is written yet.');
        self::assertNotContains('Fir cones', array_column($this->api('/cupboard')['things'], 'name'));
        $this->chrome->click('[data-write-list]');
        $this->chrome->waitForText('It is in the cupboard.');
        $this->chrome->clickText('Done');
        $this->chrome->waitForText('Oak galls');
        self::assertContains('Fir cones', array_column($this->api('/cupboard')['things'], 'name'));
    }

    private function take(string $css, string $content, string $kind = 'jpg'): void
    {
        if (is_file($this->file)) {
            unlink($this->file);
        }
        $this->file = sys_get_temp_dir().'/pindle-file-'.bin2hex(random_bytes(4)).'.'.$kind;
        file_put_contents($this->file, $content);
        // A file is chosen by its name: the field must be in sight for that.
        $this->chrome->driver->executeScript('document.querySelector(arguments[0]).classList.remove("sr-only")', [$css]);
        $this->all($css)[0]->setFileDetector(new LocalFileDetector())->sendKeys($this->file);
    }

    private function photographs(): int
    {
        $said = (string) $this->chrome->driver->executeScript('return document.querySelector("[aria-label=\'Take it away\']").textContent');

        return 1 === preg_match('/(\d+) photographs in it/', $said, $found) ? (int) $found[1] : 1;
    }

    /** What lies behind a link of the page. */
    private function file(string $css): string
    {
        $link = (string) $this->all($css)[0]->getAttribute('href');

        return (string) file_get_contents($this->server->url.substr($link, (int) strpos($link, '/api/')));
    }

    private function page(string $zip): string
    {
        $file = $this->server->data.'/portfolio.zip';
        file_put_contents($file, $zip);
        $opened = new \ZipArchive();
        self::assertTrue($opened->open($file, \ZipArchive::RDONLY));

        return (string) $opened->getFromName('index.html');
    }
}
