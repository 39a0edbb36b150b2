<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Pindle\Tests\Raster;

/** Ten minutes on an evening: a week with days off and a child away, into the calendar, onto paper; and then Thursday does not happen. */
final class WeekTest extends BrowserTestCase
{
    public function test_a_week_with_days_off_and_a_child_away_is_looked_ahead_at_filed_and_printed_and_thursday_missed(): void
    {
        $this->server = new Server(self::TODAY, true);
        $this->chrome->size(1280, 800);
        $this->open('/');
        $this->chrome->waitForText('Wednesday');
        $this->press('g', 'w');
        $this->chrome->waitForText('This week');
        $this->waitForOutlook();
        self::assertNotSame([], $this->all('[data-day="2026-03-06"] em, [data-day="2026-03-06"] .italic'), 'Friday is likely, not planned');

        // Saturday and Sunday are off.
        $this->press('h');
        $this->days('2026-03-07', '2026-03-06');
        $this->chrome->waitForText('before it begins');
        $this->days('2026-03-07', '2026-03-08');
        $this->chrome->waitForText('7 Mar to 8 Mar');
        self::assertStringContainsString('Days off', $this->row('2026-03-07'));

        // Lark is away on Friday.
        $lark = $this->api('/children')['present'][2];
        $this->press('y');
        $this->chrome->driver->executeScript(
            'const who = document.querySelector("#away-who"); who.value = arguments[0]; who.dispatchEvent(new Event("change"))',
            [$lark['id']],
        );
        $this->days('2026-03-06', '2026-03-06');
        $this->chrome->waitForText($lark['name'].' away');
        self::assertStringContainsString('Away', $this->row('2026-03-06'));

        // Thursday off, by a slip, and back.
        $this->chrome->click('[data-use="2026-03-05"]');
        $this->chrome->click('[data-off]');
        $this->chrome->driver->wait(8)->until(fn (): bool => str_contains($this->row('2026-03-05'), 'Off'));
        $this->press('u');
        $this->chrome->driver->wait(8)->until(fn (): bool => str_contains($this->row('2026-03-05'), '9:00'), 'It is taken back.');

        $this->waitForOutlook();
        $this->assertAccessible('Week');
        $this->chrome->click('[data-plan="2026-03-05"]');
        $this->chrome->driver->wait(8)->until(fn (): bool => str_contains($this->row('2026-03-05'), 'planned in full'), 'Thursday is planned.');

        // Into the calendar, and onto paper.
        $this->chrome->driver->executeScript('document.querySelector("[aria-label=\'To take along\'] details").open = true');
        $this->chrome->click('[data-calendar]');
        $this->chrome->driver->wait(8)->until(fn (): bool => [] !== $this->all('[data-calendar-file]'), 'The file is there.');
        self::assertStringStartsWith('blob:', (string) $this->all('[data-calendar-file]')[0]->getAttribute('href'));
        $file = $this->calendar();
        self::assertStringStartsWith('BEGIN:VCALENDAR', $file);
        self::assertStringContainsString('DTSTART;TZID=Europe/London:20260306T090000', $file);
        self::assertStringNotContainsString('20260307T', $file);
        $page = (string) $this->all('[data-week-paper]')[0]->getAttribute('href');
        self::assertSame(1, Raster::pages((string) file_get_contents($this->server->url.substr($page, (int) strpos($page, '/api/')))));

        // Thursday goes by.
        $this->server->on('2026-03-06');
        $this->chrome->size(390, 844, true, 2);
        $this->open('/week');
        $this->chrome->waitForText('This week');
        $this->waitForOutlook();
        self::assertSame([], $this->all('[data-day="2026-03-05"]'), 'what is over folds away');
        $this->chrome->click('[data-show-over]');
        self::assertStringContainsString('This day did not happen, and nothing is owed. What matters comes again', $this->row('2026-03-05'));
        $this->assertAccessible('Week on a phone');
        $beyond = 'return document.documentElement.scrollWidth - window.innerWidth';
        self::assertSame(0, (int) $this->chrome->driver->executeScript($beyond), 'nothing scrolls sideways');
    }

    /** What the page was given, asked for once more: a page may not read what lies ready to be saved. */
    private function calendar(): string
    {
        return (string) $this->chrome->driver->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/week/calendar", {method: "POST", headers: {"Content-Type": "application/json"}, body: "{}"})'
            .'.then((answer) => answer.text()).then(done)',
        );
    }

    private function waitForOutlook(): void
    {
        $this->chrome->driver->wait(15)->until(fn (): bool => [] !== $this->all('[data-have]') && [] === $this->all('[data-looking]'), 'The outlook.');
    }

    private function row(string $date): string
    {
        return $this->all('[data-day="'.$date.'"]')[0]->getText();
    }

    private function days(string $from, string $to): void
    {
        $this->chrome->driver->wait(8)->until(fn (): bool => [] !== $this->all('#days-to'), 'The dialog is open.');
        foreach (['days-from' => $from, 'days-to' => $to] as $id => $day) {
            $this->chrome->driver->executeScript(
                'const field = document.getElementById(arguments[0]); field.value = arguments[1]; field.dispatchEvent(new Event("input"))',
                [$id, $day],
            );
        }
        $this->chrome->click('[data-keep-days]');
    }

    private function press(string ...$keys): void
    {
        foreach ($keys as $key) {
            $this->chrome->driver->wait(8)->until(fn (): bool => [] === $this->all('[role="dialog"]'), 'No dialog is open.');
            $this->chrome->driver->getKeyboard()->sendKeys($key);
        }
    }
}
