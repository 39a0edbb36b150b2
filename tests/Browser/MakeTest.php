<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;
use Pindle\Tests\Raster;

/** What is made is picked, seen, printed and kept, on the phone. */
final class MakeTest extends BrowserTestCase
{
    private const SHEET = '[aria-label="The sheet"]';

    /** Those with fields of their own, and the last: the others differ by what is drawn, which is looked at without a browser. */
    private const KINDS = ['numeral-cards', 'frame', 'dice-nets', 'labels', 'sum-page', 'guess-table'];

    public function test_sheets_are_picked_seen_and_printed(): void
    {
        $this->server = new Server(self::TODAY, true);
        $this->chrome->size(390, 844, true, 2);
        $this->open('/make');
        $this->chrome->waitForText('What do we make?');
        $sheets = array_filter($this->api('/make')['sheets'], static fn (array $one): bool => \in_array($one['kind'], self::KINDS, true));
        self::assertCount(\count(self::KINDS), $sheets);
        foreach ($sheets as $sheet) {
            // The list folds away once something is chosen.
            if ([] === $this->all('[data-any-sheet][open]')) {
                $this->chrome->click('[data-any-sheet] summary');
            }
            $this->center('[data-sheet="'.$sheet['kind'].'"]');
            $this->chrome->click('[data-sheet="'.$sheet['kind'].'"]');
            $this->chrome->driver->wait(8)->until(
                fn (): bool => str_contains($this->chrome->driver->getCurrentURL(), 'sheet='.$sheet['kind'])
                    && [] !== $this->all(self::SHEET.' [data-page] svg')
                    && [] !== $this->all(self::SHEET.' a[href^="/api/make/'.$sheet['kind'].'.pdf?"]'),
                $sheet['name'],
            );
        }
        $this->assertAccessible('Make');
        self::assertSame(1, Raster::pages($this->file('[data-print]')), 'the table of guesses');
        self::assertStringStartsWith('<svg', $this->file('[data-svg="1"]'));
    }

    /** Pick jar lids, the frame scales, print it, say where it lies: Today asks for it no longer. */
    public function test_a_frame_for_jar_lids_is_printed_kept_in_the_blue_tin_and_asked_for_no_more(): void
    {
        $this->server = new Server(self::TODAY, true);
        // Two that want a frame or cards, and one that wants something else.
        foreach (['dot-to-numeral', 'ten-tray', 'pattern-cards'] as $game) {
            $this->post('/activities/'.$game.'/use', []);
        }
        $this->open('/');
        $this->chrome->driver->wait(8)->until(fn (): bool => [] !== $this->all('[data-to-make="frame-card"]'), 'Today asks for a frame.');

        $this->chrome->size(390, 844, true, 2);
        $this->open('/make');
        $this->chrome->waitForText('a frame of ten');
        $this->center('[data-sheet="frame"]');
        $this->chrome->click('[data-sheet="frame"]');
        $widths = fn (): array => array_map(
            static fn ($cell): string => (string) $cell->getAttribute('width'),
            $this->all(self::SHEET.' [data-page] svg rect'),
        );
        $things = array_column($this->api('/make')['things'], null, 'name');
        foreach (['jar lids' => '76', 'corks' => (string) ($things['corks']['millimetres'] + 6), 'jar lids ' => '76'] as $name => $cell) {
            $this->center('#sheet-thing');
            $select = new WebDriverSelect($this->chrome->driver->findElement(WebDriverBy::id('sheet-thing')));
            $select->selectByValue($things[trim($name)]['id']);
            $this->chrome->driver->wait(8)->until(static fn (): bool => $cell === ($widths()[0] ?? ''), $name.' want cells of '.$cell);
        }
        self::assertSame(2, Raster::pages($this->file('[data-print]')), 'lids of 70 mm want two pages');

        // At its true size on a screen that was measured with a bank card.
        $this->center('[data-true-size]');
        $this->chrome->click('[data-true-size]');
        $this->chrome->click('[data-measure]');
        $wide = fn (string $css): float => (float) $this->chrome->driver->executeScript(
            'return document.querySelector(arguments[0]).getBoundingClientRect().width',
            [$css],
        );
        self::assertEqualsWithDelta(85.6 * 96 / 25.4, $wide('[data-card]'), 1.0);
        $this->chrome->driver->executeScript(
            'const one = document.querySelector("[data-measuring] input"); one.value = 5; one.dispatchEvent(new Event("input", {bubbles: true}))',
        );
        $this->chrome->driver->wait(8)->until(static fn (): bool => abs(85.6 * 5 - $wide('[data-card]')) < 1.0, 'The card grows with the slider.');
        self::assertEqualsWithDelta(297.0 * 5, $wide('[data-page]'), 1.0, 'and so does the page, which lies');

        $this->center('#made-place');
        $this->chrome->driver->findElement(WebDriverBy::id('made-place'))->sendKeys('blue tin');
        $this->chrome->click('[data-made]');
        $this->chrome->waitForText('Frame for things, up to 10, for jar lids: made, blue tin.');
        $this->chrome->driver->wait(8)->until(fn (): bool => [] === $this->all('[data-want="frame-card"]'), 'It is wanted no more.');

        $this->chrome->size(1280, 800);
        $this->open('/');
        $this->chrome->driver->wait(8)->until(fn (): bool => [] !== $this->all('[data-there="frame-card"]'), 'Today says where it lies.');
        self::assertStringContainsString('blue tin', $this->all('[data-there="frame-card"]')[0]->getText());
        self::assertSame([], $this->all('[data-to-make="frame-card"]'));

        // What lies in a drawer already is ticked off on the spot.
        self::assertNotSame([], $this->all('[data-have]'), 'something else is wanted');
        $other = (string) $this->all('[data-have]')[0]->getAttribute('data-have');
        $this->center('[data-have="'.$other.'"]');
        $this->chrome->click('[data-have="'.$other.'"]');
        $this->chrome->driver->wait(8)->until(fn (): bool => [] !== $this->all('[data-there="'.$other.'"]'), 'It is there.');
        $this->assertAccessible('Today');

        // What is worn out is wanted again, and comes as one set.
        $this->open('/make');
        $kept = array_column($this->api('/make')['kept'], 'id', 'name')['Frame for things, up to 10, for jar lids'];
        $this->chrome->click('[data-kept="'.$kept.'"] button');
        (new WebDriverSelect($this->chrome->driver->findElement(WebDriverBy::cssSelector('[data-kept] select'))))->selectByValue('worn-out');
        $this->chrome->clickText('Keep it so');
        $this->chrome->driver->wait(8)->until(fn (): bool => [] !== $this->all('[data-want="frame-card"]'), 'It is wanted again.');
        $this->chrome->click('[data-set]');
        $this->chrome->click('[data-draw-set]');
        $this->chrome->driver->wait(8)->until(fn (): bool => [] !== $this->all('[data-set-file]'), 'The set lies ready.');
        $this->assertAccessible('Make at 1280');
    }

    private function center(string $css): void
    {
        $this->chrome->driver->executeScript('document.querySelector(arguments[0]).scrollIntoView({block: "center"})', [$css]);
    }

    /** What a link of the sheet leads to. */
    private function file(string $css): string
    {
        // The browser says where it leads in full.
        $href = (string) $this->all($css)[0]->getAttribute('href');

        return (string) file_get_contents($this->server->url.substr($href, (int) strpos($href, '/api/')));
    }
}
