<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\TestWith;

/** A day and every way it turns: as its parent lives it, on the laptop and on the phone. */
final class DayTest extends BrowserTestCase
{
    #[TestWith([1280, 800])]
    #[TestWith([390, 844])]
    public function test_a_day_turns_many_times_and_each_turn_can_be_taken_back(int $width, int $height): void
    {
        $this->server = new Server(self::TODAY, true);
        $this->chrome->size($width, $height, $width < 500);
        $this->open('/');
        $this->chrome->waitForText('Wednesday 4 March');
        $this->assertNothingScrollsSideways();
        $this->assertAccessible('Today');
        $before = $this->api('/today');
        $swappable = array_filter(
            $before['setUps'],
            fn (array $one): bool => [] !== $this->api('/today/set-ups/'.$one['id'].'/swaps')['swaps'],
        );
        self::assertNotSame([], $swappable);
        $first = array_values($swappable)[0];

        // Another activity, one of the three next best, with what it costs.
        $this->menu($first['id'], 'Another activity…');
        $this->chrome->waitForText('Instead of '.$first['name']);
        $this->chrome->waitForText('they learn');
        $this->assertAccessible('Another activity');
        $this->chrome->clickText('Take this');
        $this->chrome->waitForText('is not in the plan any more');
        self::assertNotContains($first['id'], array_column($this->api('/today')['setUps'], 'id'));
        $this->undo();
        self::assertContains($first['id'], array_column($this->api('/today')['setUps'], 'id'));

        // One is kept, whatever comes.
        $this->menu($first['id'], 'Keep it, whatever changes');
        $this->chrome->waitForText('kept');

        // Somebody is ill.
        $ill = $first['sittings'][0]['childName'] === $before['children'][0]['name'] ? $before['children'][1] : $before['children'][0];
        $this->change('The children');
        $this->assertAccessible('The children of the day');
        $this->chrome->click('[data-ill="'.$ill['id'].'"]');
        $this->chrome->waitForText('Ill today: nothing is planned, and nothing is missed.');
        $day = $this->api('/today');
        self::assertSame('ill', array_column($day['children'], 'absent', 'id')[$ill['id']]);
        self::assertContains($first['id'], array_column($day['setUps'], 'id'));
        $this->undo();

        // It is wet.
        $this->change('What the day allows');
        $this->chrome->clickText('Wet outside: stay in', 'label');
        $this->chrome->clickText('Change it, keep the rest');
        $this->until(fn (): bool => $this->api('/today')['wet']);
        $this->gone('Change the day', '[role="dialog"]');

        // Twenty minutes are all there is; then everyone at one pile.
        $this->change('Right now');
        $this->assertAccessible('Change the day');
        $this->chrome->click('[data-change="twenty"]');
        $this->gone('Change the day', '[role="dialog"]');
        $twenty = $this->api('/today');
        // By the clock on the wall it may be nap time.
        $awake = array_filter($twenty['children'], static fn (array $child): bool => !\in_array('asleep', array_column($child['stretches'], 'state'), true));
        self::assertCount(\count($awake), self::sitters($twenty), 'a turn for everyone who is awake');
        $this->undo();
        $this->change('Right now');
        $this->chrome->click('[data-change="pile"]');
        $this->gone('Change the day', '[role="dialog"]');
        self::assertNotSame([], array_filter($this->api('/today')['setUps'], static fn (array $one): bool => \count($one['sittings']) > 1));
        $this->undo();

        // A thing is brought: the tick is in the house, not in this screen.
        $bring = $this->api('/today')['bring'][0] ?? null;
        if (null !== $bring) {
            $this->center('[data-bring="'.$bring['window'].' '.$bring['thingId'].'"]');
            $this->chrome->click('[data-bring="'.$bring['window'].' '.$bring['thingId'].'"]');
            $this->until(fn (): bool => $this->api('/today')['bring'][0]['there']);
        }
        // The day on one page, and a card for whoever steps in.
        foreach (['[data-day-paper]', '[data-card]'] as $link) {
            $href = (string) $this->all($link)[0]->getAttribute('href');
            self::assertStringStartsWith('%PDF-', (string) file_get_contents($this->server->url.substr($href, (int) strpos($href, '/api/'))));
        }

        // Five minutes now: two taps, and it is on the table.
        $this->chrome->click($width < 500 ? '[data-five-now]' : '[data-five-minutes]');
        $this->chrome->click('[data-five="'.$before['children'][1]['id'].'"]');
        $this->until(fn (): bool => str_contains($this->chrome->driver->getCurrentURL(), '/table/'));

        // In the evening the day is closed for all on one screen.
        $this->open('/');
        $this->chrome->clickText('Close the day');
        $this->chrome->waitForText('How did today go?');
        $this->assertNothingScrollsSideways();
        $this->chrome->clickText('All alone');
        $this->chrome->clickText('Done for today');
        $this->until(fn (): bool => \in_array('done', array_column($this->api('/today')['setUps'], 'state'), true));
    }

    public function test_someone_wakes_in_the_middle_of_a_sitting(): void
    {
        $this->server = new Server(self::TODAY, true);
        $day = $this->api('/today');
        $lark = $day['children'][2]['id'];
        $now = (int) date('G') * 60 + (int) date('i');
        $from = max(0, $now - 30);
        $to = min(1440, $now + 60);
        // Now is a time at the table, and the little one sleeps.
        $this->post('/today/children/'.$lark.'/asleep', ['version' => $day['version'], 'from' => $from, 'to' => $to]);
        $version = $this->api('/today')['version'];
        $this->post('/today/plan', ['windows' => [[max(0, $now - 2), min(1440, $now + 58)]], 'version' => $version, 'keep' => false]);
        $this->open('/');
        $this->chrome->click('[data-woke="'.$lark.'"]');
        $this->chrome->waitForText('Someone woke');
        $this->chrome->waitForText('Nothing is lost');
        $this->assertAccessible('Someone woke');
        $this->chrome->clickText('All right');
        self::assertNotContains('asleep', array_column(array_filter(
            $this->api('/today')['children'][2]['stretches'],
            static fn (array $stretch): bool => $stretch['start'] > $now + 1,
        ), 'state'));
    }

    public function test_one_is_moved_by_the_arrow_keys_and_a_change_on_another_device_is_shown_first(): void
    {
        $this->server = new Server(self::TODAY, true);
        $this->open('/');
        $this->chrome->waitForText('Wednesday 4 March');
        $day = $this->api('/today');
        $first = $day['setUps'][0];
        $link = $this->chrome->driver->findElement(WebDriverBy::cssSelector('svg a[aria-label^="1:"]'));
        $this->chrome->driver->executeScript('arguments[0].focus()', [$link]);
        $this->chrome->driver->getKeyboard()->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->until(fn (): bool => $first['start'] + 5 === (array_column($this->api('/today')['setUps'], 'start', 'id')[$first['id']] ?? null));

        // Another device holds it; this one still shows the day as it was.
        $now = $this->api('/today');
        $this->chrome->waitForText('Take it back');
        $this->post('/today/set-ups/'.$now['setUps'][\count($now['setUps']) - 1]['id'].'/hold', ['version' => $now['version']]);
        $this->menu($first['id'], 'Leave it out today');
        $this->chrome->waitForText('The day was changed on another device meanwhile');
        self::assertContains($first['id'], array_column($this->api('/today')['setUps'], 'id'));
        $this->chrome->clickText('Do it all the same');
        $this->until(fn (): bool => !\in_array($first['id'], array_column($this->api('/today')['setUps'], 'id'), true));
    }

    private function menu(string $setUpId, string $item): void
    {
        $this->chrome->waitForText('ahead');
        $this->center('[data-menu="'.$setUpId.'"]');
        $this->chrome->click('[data-menu="'.$setUpId.'"]');
        $this->chrome->clickText($item);
    }

    /** What is fixed at the foot of a phone covers nothing that is in the middle. */
    private function center(string $css): void
    {
        $this->chrome->driver->executeScript('document.querySelector(arguments[0])?.scrollIntoView({block: "center"})', [$css]);
    }

    private function change(string $page): void
    {
        $this->chrome->click('[data-change-day]');
        $this->chrome->waitForText('Change the day');
        $this->chrome->clickText($page);
    }

    private function undo(): void
    {
        $version = $this->api('/today')['version'];
        $this->chrome->click('[data-undo]');
        $this->until(fn (): bool => $this->api('/today')['version'] > $version);
    }

    private function gone(string $what, string $css): void
    {
        $this->until(fn (): bool => [] === $this->chrome->driver->findElements(WebDriverBy::cssSelector($css)), $what);
    }

    /** @param callable(): bool $is */
    private function until(callable $is, string $what = ''): void
    {
        for ($time = 0; $time < 80; ++$time) {
            if ($is()) {
                $this->addToAssertionCount(1);

                return;
            }
            usleep(150_000);
        }
        self::fail('It never came to that. '.$what);
    }

    /**
     * @param array<string, mixed> $day
     *
     * @return list<string>
     */
    private static function sitters(array $day): array
    {
        return array_values(array_unique(array_merge(...array_map(
            static fn (array $one): array => array_column($one['sittings'], 'childId'),
            $day['setUps'],
        ))));
    }

    private function assertNothingScrollsSideways(): void
    {
        self::assertTrue($this->chrome->driver->executeScript('return document.documentElement.scrollWidth <= window.innerWidth'));
    }
}
