<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;

/** The table and what taps at it do, on a phone and on two devices. */
final class TableTest extends BrowserTestCase
{
    public function test_taps_are_still_there_after_going_back_to_today_and_on(): void
    {
        $table = $this->atTheTable();
        $count = \count($table['turns']);
        $this->chrome->click('[data-outcome="at-once"]');
        $this->chrome->waitForText('1 of '.$count);
        $this->chrome->click('[data-outcome="worked-it-out"]');
        $this->chrome->waitForText('2 of '.$count);
        $this->chrome->click('[aria-label="Back to Today"]');
        $this->chrome->clickText('Go on', 'a');

        $this->chrome->waitForText($table['turns'][2]['ask']);
        $this->chrome->waitForText('2 of '.$count);
        self::assertSame('Undo: Worked it out', $this->chrome->driver->findElement(WebDriverBy::cssSelector('[data-undo]'))->getAttribute('aria-label'));
        $this->chrome->click('[data-outcome="at-once"]');
        $this->chrome->waitForText('3 of '.$count);
        self::assertStringNotContainsString('on another device', $this->chrome->text());
    }

    public function test_after_g_no_key_of_the_table_acts_and_an_idea_after_the_end_shows_what_follows(): void
    {
        $table = $this->atTheTable();
        foreach ([1, 2] as $time) {
            $this->chrome->click('[data-outcome="not-yet"]');
            $this->chrome->waitForText($time.' of '.\count($table['turns']));
        }
        $this->chrome->waitForText('We do that');
        $before = \count($this->table($table['id'])['turns']);
        foreach (['gf', 'ge', 'gs'] as $keys) {
            $this->chrome->driver->getKeyboard()->sendKeys($keys);
        }
        usleep(400_000);
        self::assertCount($before, $this->table($table['id'])['turns'], 'no idea was taken');
        $this->chrome->waitForText('2 of '.$before);

        // Another device finishes it; then the idea comes too late, and what follows is shown.
        $this->post('/table/'.$table['id'].'/finish', ['ending' => 'done']);
        $this->chrome->clickText('We do that');
        $this->chrome->waitForText('Back to Today');
        self::assertMatchesRegularExpression('/\b(Easier|Rest it)\b/', $this->chrome->text(), 'two not yet and nothing else');
    }

    public function test_quick_taps_on_more_add_up(): void
    {
        $this->server = new Server(self::TODAY, true);
        $amount = fn (): int => $this->api('/cupboard')['things'][0]['amount'];
        $before = $amount();
        $this->open('/cupboard');
        $this->chrome->waitForText('What have we got?');
        $more = $this->chrome->driver->wait(10)->until(WebDriverExpectedCondition::elementToBeClickable(WebDriverBy::cssSelector('[aria-label^="One more"]')));
        foreach ([1, 2, 3] as $time) {
            $more->click();
        }

        $this->chrome->driver->wait(5)->until(static fn (): bool => $before + 3 === $amount(), 'each counts');
        self::assertStringNotContainsString('changed on another device', $this->chrome->text());
    }
}
