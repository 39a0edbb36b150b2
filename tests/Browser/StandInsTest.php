<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Every thing on the screen, driven once: by touch, and the first of them by keys. */
final class StandInsTest extends BrowserTestCase
{
    public function test_each_does_what_the_thing_does_and_nothing_is_recorded(): void
    {
        $this->server = new Server(self::TODAY, true);
        $this->chrome->size(390, 844, true, 2);
        $this->open('/stand-ins');
        $this->chrome->waitForText('Touch them to roll');
        $this->assertAccessible('Dice');
        $this->chrome->click('[data-roll]');
        $this->until('/^[1-6] and [1-6]$/');
        // By keys: the room's own do not act in it.
        $this->all('[data-roll]')[0]->sendKeys(WebDriverKeys::ENTER);
        $this->until('/^[1-6] and [1-6]$/');

        $this->chrome->clickText('Frame');
        $this->chrome->click('[aria-label="Place 1, empty"]');
        $this->chrome->click('[aria-label="Place 4, empty"]');
        $this->until('/^2 of 5 places filled$/');
        $this->assertAccessible('Frame');
        $this->chrome->click('[data-peek]');
        $this->until('/^Covered$/');
        $this->chrome->clickText('20');
        $this->until('/^0 of 20 places filled$/');

        $this->chrome->clickText('Line');
        $this->chrome->click('[data-hop]');
        $this->chrome->click('[data-hop]');
        $this->until('/^At 2, 2 hops from 0$/');
        $this->assertAccessible('Line');

        $this->chrome->clickText('Balance');
        $this->until('/^It hangs level\.$/');
        $this->chrome->click('[data-more="1"]');
        $this->until('/^The right side goes down\.$/');
        $this->chrome->click('[data-more="0"]');
        $this->until('/^It hangs level\.$/');
        $this->assertAccessible('Balance');

        $this->chrome->clickText('Spinner');
        $this->chrome->click('[data-spin]');
        $this->until('/^[1-5]: [a-z]+$/');

        $this->chrome->clickText('Covered cup');
        $this->until('/^The others are under the cup$/');
        $this->chrome->click('[data-cup]');
        $this->until('/^3 were under it$/');

        $this->chrome->clickText('Beads');
        $this->chrome->click('[data-bead="0 3"]');
        $this->until('/^3 on the first string, 0 on the second$/');
        $this->assertAccessible('Beads');

        $this->chrome->clickText('Two plates and a big one');
        $this->chrome->click('[data-on="0"]');
        $this->until('/^4 on the big plate, 1 and 0 on the small ones$/');

        $this->chrome->clickText('Turning sign');
        $this->chrome->click('[data-turn-sign]');
        $this->until('/^open to the left$/');

        $this->chrome->clickText('Staircase');
        $this->chrome->click('[data-stair="1"]');
        $this->chrome->click('[data-stair="2"]');
        $this->chrome->click('[data-stair="2"]');
        $this->until('/^1, 2, 0, 0, 0$/');

        $this->chrome->clickText('Countdown');
        $this->chrome->click('[data-goes]');
        $this->until('/^4 left$/');
        $this->assertAccessible('Countdown');
        self::assertSame([], array_filter(
            (array) $this->chrome->driver->executeScript('return performance.getEntriesByType("resource").map((e) => e.name)'),
            static fn (string $url): bool => str_contains($url, '/attempts'),
        ));
    }

    private function until(string $pattern): void
    {
        $this->chrome->driver->wait(5)->until(fn (): bool => 1 === preg_match(
            $pattern,
            (string) $this->chrome->driver->executeScript('return document.querySelector("[data-own-keys] [role=status]")?.textContent.trim() ?? ""'),
        ), $pattern);
    }
}
