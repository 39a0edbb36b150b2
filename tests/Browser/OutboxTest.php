<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

/** What is tapped is written down, whatever happens to the server, the page or the other tab; what is refused stays in sight. */
final class OutboxTest extends BrowserTestCase
{
    public function test_taps_in_two_tabs_outlive_a_server_that_is_gone_and_pages_that_are_loaded_again(): void
    {
        $table = $this->atTheTable();
        $count = \count($table['turns']);
        $this->chrome->click('[data-outcome="at-once"]');
        $this->chrome->waitForText('1 of '.$count);
        $driver = $this->chrome->driver;
        $first = $driver->getWindowHandle();
        $driver->switchTo()->newWindow('tab');
        $this->chrome->size(390, 844, true, 2);
        $this->open('/table/'.$table['id']);
        $this->chrome->waitForText($table['turns'][1]['ask']);
        $second = $driver->getWindowHandle();

        $this->server->kill();
        $this->chrome->click('[data-outcome="worked-it-out"]');
        $this->chrome->waitForText('1 kept here');
        $driver->switchTo()->window($first);
        $this->chrome->waitForText('1 kept here');
        $this->chrome->click('[data-outcome="with-help"]');
        $this->chrome->click('[data-outcome="not-yet"]');
        $this->chrome->waitForText('3 kept here');
        $driver->switchTo()->window($second);
        $this->chrome->waitForText('3 kept here');

        // One tab is closed, the other loaded again once the server is back: a new page sends what waits.
        $driver->close();
        $driver->switchTo()->window($first);
        $this->server->start();
        $driver->navigate()->refresh();
        $this->chrome->waitForText('4 of '.$count);
        $driver->wait(30)->until(fn (): bool => 4 === $this->done($table['id']));

        $outcomes = array_map(static fn (array $turn): ?string => $turn['done']['outcome'] ?? null, $this->table($table['id'])['turns']);
        self::assertSame(['at-once', 'worked-it-out', 'with-help', 'not-yet'], \array_slice($outcomes, 0, 4), 'in the order they were tapped');
        self::assertStringNotContainsString('not written down', $this->chrome->text());
    }

    public function test_what_the_house_refuses_is_kept_with_the_reason_until_the_parent_lets_it_go(): void
    {
        $table = $this->atTheTable();
        $this->answerElsewhere($table, 0);
        $this->chrome->click('[data-outcome="at-once"]');
        $this->chrome->waitForText('One thing was not written down.');
        // The table is asked for anew; until it is there the next tap would be for the same question.
        $this->chrome->waitForText('1 of '.\count($table['turns']));
        $this->chrome->click('[data-outcome="at-once"]');
        $this->chrome->waitForText('2 of '.\count($table['turns']));

        $this->chrome->driver->navigate()->refresh();
        $this->chrome->waitForText('One thing was not written down.');
        $this->chrome->clickText('See what and why');
        $this->chrome->waitForText('This question was answered on another device.');
        $this->chrome->waitForText($table['seats'][0]['childName'].': At once, '.$table['name']);
        $this->assertAccessible('the refused list');
        $this->chrome->clickText('Send again');
        $this->chrome->waitForText('This question was answered on another device.');
        $this->chrome->clickText('Let it go');
        $this->chrome->driver->wait(5)->until(fn (): bool => !str_contains($this->chrome->text(), 'written down'));
    }

    public function test_where_the_browser_keeps_nothing_taps_go_on_and_it_says_so(): void
    {
        $table = $this->atTheTable();
        $this->chrome->driver->executeScript(
            'for (const name of ["add", "put"]) { IDBObjectStore.prototype[name] = () => { throw new DOMException("full", "QuotaExceededError"); }; }',
        );
        $this->chrome->click('[data-outcome="at-once"]');
        $this->chrome->waitForText('This browser cannot keep what you tap');
        $this->chrome->click('[data-outcome="not-yet"]');
        $this->chrome->driver->wait(10)->until(fn (): bool => 2 === $this->done($table['id']));
        self::assertStringContainsString('do not close this page', $this->chrome->text());
    }

    /** @param array<mixed> $table */
    private function answerElsewhere(array $table, int $turn): void
    {
        $this->post('/table/'.$table['id'].'/attempts', [
            'id' => '0195a000-0000-4000-8000-00000000eeee',
            'sittingId' => $table['turns'][$turn]['sittingId'],
            'questionId' => $table['turns'][$turn]['questionId'],
            'outcome' => 'with-help',
            'help' => 'bare',
            'deviceId' => '0195a000-0000-4000-8000-00000000dddd',
            'at' => 1000 * time(),
        ]);
    }

    private function done(string $setUpId): int
    {
        return \count(array_filter(array_column($this->table($setUpId)['turns'], 'done')));
    }
}
