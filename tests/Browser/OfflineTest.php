<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The table while the house does not answer, and a newer Pindle that comes in the middle of a sitting. */
final class OfflineTest extends BrowserTestCase
{
    public function test_the_house_is_gone_in_the_middle_pages_are_loaded_again_and_everything_arrives_once(): void
    {
        $this->server = new Server(self::TODAY, true);
        $this->chrome->size(390, 844, true, 2);
        $this->open('/');
        $this->chrome->waitForText('Wednesday 4 March');
        $other = array_column($this->api('/today')['setUps'], 'id');
        $setUps = array_values(array_filter(
            $this->api('/today')['setUps'],
            fn (array $one): bool => 1 === \count($one['sittings']) && [] === array_filter(array_column($this->table($one['id'])['turns'], 'isGuess')),
        ));
        $table = $this->table($setUps[0]['id']);
        $this->keptByTheWorker($setUps[0]['id']);
        // A page that was opened under the worker gets everything through it.
        $this->open('/table/'.$table['id']);
        $this->chrome->click('[data-to-questions]');
        $this->chrome->waitForText($table['turns'][0]['ask']);
        $this->chrome->click('[data-outcome="not-yet"]');
        $this->chrome->driver->wait(5)->until(fn (): bool => 1 === $this->done($table['id']));

        $this->server->kill();
        $this->chrome->click('[data-outcome="not-yet"]');
        $this->chrome->waitForText('1 kept here');
        // Advice does without the house, and so does the question that it asks.
        $this->chrome->clickText('We do that');
        $this->chrome->waitForText('2 kept here');
        $this->chrome->driver->navigate()->refresh();
        $this->chrome->waitForText('2 kept here');
        $this->chrome->click('[data-outcome="at-once"]');
        $this->chrome->waitForText('3 kept here');
        $this->chrome->click('[data-stage="tidy-up"]');
        $this->chrome->clickText('Finish');
        $this->chrome->waitForText('Kept; what follows comes when the house is reachable.');
        $this->chrome->clickText('Back to Today', 'a');
        $this->chrome->waitForText('Wednesday 4 March');
        // Another table of the day opens too, though it was never looked at.
        $this->open('/table/'.array_values(array_diff($other, [$table['id']]))[0]);
        $this->chrome->waitForText('How to show it');

        $this->server->start();
        $this->open('/table/'.$table['id']);
        $this->chrome->driver->wait(40)->until(fn (): bool => $this->table($table['id'])['isDone']);
        $this->chrome->waitForText('The evidence on the map');
        $after = $this->table($table['id']);
        self::assertSame(
            ['not-yet', 'not-yet', 'at-once'],
            array_column(array_column(array_filter($after['turns'], static fn (array $turn): bool => null !== $turn['done']), 'done'), 'outcome'),
        );
        self::assertStringNotContainsString('not written down', $this->chrome->text());
    }

    public function test_a_newer_pindle_never_takes_an_open_sitting(): void
    {
        $this->server = new Server(self::TODAY, true);
        $this->open('/');
        $this->chrome->waitForText('Wednesday 4 March');
        $setUp = $this->api('/today')['setUps'][0];
        $this->keptByTheWorker($setUp['id']);
        $this->open('/table/'.$setUp['id']);
        $this->chrome->click('[data-to-questions]');
        $this->chrome->driver->executeScript('window.stillTheSame = true;');

        $worker = \dirname(__DIR__, 2).'/public/build/sw.js';
        $before = (string) file_get_contents($worker);
        try {
            file_put_contents($worker, $before.'// newer');
            $this->chrome->driver->executeAsyncScript(
                'const done = arguments[0]; navigator.serviceWorker.getRegistration().then((r) => r.update()).then(() => setTimeout(done, 2500));',
            );
            self::assertTrue($this->chrome->driver->executeScript('return window.stillTheSame === true && !document.querySelector("[data-newer]")'));
            $this->chrome->click('[data-next]');
            $this->chrome->click('[aria-label="Back to Today"]');
            $this->chrome->waitForText('A newer Pindle is there.');
            self::assertTrue($this->chrome->driver->executeScript('return window.stillTheSame === true'), 'only when the parent says so');
            $this->chrome->click('[data-newer]');
            $this->chrome->driver->wait(10)->until(fn (): bool => true !== $this->chrome->driver->executeScript('return window.stillTheSame === true'));
            $this->chrome->waitForText('Wednesday 4 March');
        } finally {
            file_put_contents($worker, $before);
        }
    }

    /** Until the worker has the screens and this table. */
    private function keptByTheWorker(string $setUpId): void
    {
        $this->chrome->driver->wait(30)->until(fn (): bool => (bool) $this->chrome->driver->executeAsyncScript(
            'const done = arguments[1]; navigator.serviceWorker.getRegistration().then(async (r) => {'
            .' if (!r || !r.active) { return done(false); } const house = await caches.open("pindle-house");'
            .' if (!navigator.serviceWorker.controller) { location.reload(); return done(false); }'
            .' done(!!(await house.match("/api/table/" + arguments[0]))); });',
            [$setUpId],
        ), 'kept by the worker');
        self::assertNotSame([], $this->chrome->driver->findElements(WebDriverBy::cssSelector('h1')));
    }

    private function done(string $setUpId): int
    {
        return \count(array_filter(array_column($this->table($setUpId)['turns'], 'done')));
    }
}
