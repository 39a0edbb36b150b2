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
        $this->chrome->waitForText('The evidence on the map');
        self::assertMatchesRegularExpression('/\b(Easier|Rest it)\b/', $this->chrome->text(), 'two not yet and nothing else');
    }

    public function test_a_whole_sitting_by_touch_with_next_one_surprise_and_a_closing_mark(): void
    {
        $this->server = new Server(self::TODAY, true);
        $eldest = $this->api('/today')['children'][0]['id'];
        $this->post('/today/five-minutes', ['childId' => $eldest, 'at' => 1000]);
        $setUp = $this->oneWithWays();
        $this->chrome->size(390, 844, true, 2);
        $this->open('/table/'.$setUp['id'].'?read=1');
        $this->chrome->waitForText($setUp['table']['turns'][0]['ask']);
        $this->assertAccessible('Read it through');
        $this->chrome->clickText('To the table', 'a');
        $this->chrome->waitForText('How to show it');
        foreach ($setUp['table']['gather'] as $one) {
            $this->chrome->waitForText($one['words']);
        }
        foreach ([] === $setUp['table']['gather'] ? [] : ['input[type=checkbox]'] as $tick) {
            $this->chrome->click($tick);
        }
        $this->chrome->click('[data-to-questions]');

        $turns = $setUp['table']['turns'];
        $this->chrome->waitForText($turns[0]['ask']);
        $this->chrome->click('[data-next]');
        $this->chrome->waitForText('1 of '.\count($turns));
        // Only the surprise is tapped, with how it went, and with help.
        $this->chrome->click('[data-noticing]');
        $this->chrome->click('[aria-label="How they got there"] button');
        $this->chrome->click('[data-help="part-done"]');
        $this->chrome->click('[data-outcome="with-help"]');
        $this->chrome->waitForText('2 of '.\count($turns));
        // The wrong button: taken back, and gone past instead.
        $this->chrome->click('[data-outcome="not-yet"]');
        $this->chrome->waitForText('3 of '.\count($turns));
        $this->chrome->click('[data-undo]');
        $this->chrome->waitForText('2 of '.\count($turns));
        for ($i = 2; $i < \count($turns); ++$i) {
            $this->chrome->waitForText($i.' of '.\count($turns));
            $this->chrome->click('[data-next]');
        }
        $this->chrome->waitForText('did not mark');
        $this->chrome->click('[data-closing-mark="mostly-alone"]');
        $this->chrome->clickText('Finish: asked for more');
        $this->chrome->waitForText('Five more minutes');
        $this->assertAccessible('What follows');
        $this->chrome->click('[data-otherwise]');
        // What follows by itself is not there to be chosen.
        $isResting = [] === $this->all('[data-choose="rest-it"]:not([disabled])');
        $this->chrome->click($isResting ? '[data-choose="again"]' : '[data-choose="rest-it"]');
        $this->chrome->waitForText('You chose it.');
        $isResting || $this->chrome->waitForText('It comes back from');

        $after = $this->table($setUp['id']);
        $done = array_values(array_filter(array_column($after['turns'], 'done')));
        self::assertSame([['with-help', 'part-done']], array_map(static fn (array $one): array => [$one['outcome'], $one['help']], $done));
        self::assertSame('mostly-alone', $after['seats'][0]['closing']);
        $this->chrome->click('[data-five-more]');
        $this->chrome->driver->wait(10)->until(fn (): bool => !str_contains($this->chrome->driver->getCurrentURL(), $setUp['id']));
    }

    public function test_a_whole_sitting_by_keys_and_with_lids(): void
    {
        $table = $this->atTheTable();
        $this->chrome->size(1280, 800);
        $press = fn (string $keys) => $this->chrome->driver->getKeyboard()->sendKeys($keys);
        $count = \count($table['turns']);
        foreach (['a', 's', 'd', 'f'] as $i => $key) {
            $press($key);
            $this->chrome->waitForText(($i + 1).' of '.$count);
        }
        $press(' ');
        $this->chrome->waitForText('5 of '.$count);
        $press('u');
        $this->chrome->waitForText('4 of '.$count);
        self::assertSame('Undo: Not yet', $this->chrome->driver->findElement(WebDriverBy::cssSelector('[data-undo]'))->getAttribute('aria-label'));
        $press('m');
        $this->chrome->driver->wait(5)->until(fn (): bool => [] !== $this->all('[aria-label="How they got there"]'));
        $this->chrome->click('[data-besides]');
        $this->chrome->click('[data-with-lids]');
        for ($i = 4; $i < $count; ++$i) {
            $this->chrome->waitForText($i.' of '.$count);
            $this->chrome->click('[data-lid]');
        }
        $this->chrome->waitForText('did not mark');
        $left = $count - 4;
        $this->chrome->driver->wait(5)->until(fn (): bool => [] !== $this->all('[data-tally]'));
        self::assertStringStartsWith($left.' of ', $this->all('[data-tally]')[0]->getText(), 'the lids are counted');
        $this->chrome->clickText('That many');
        $this->chrome->clickText('Finish');
        $this->chrome->waitForText('The evidence on the map');
        $outcomes = array_map(static fn (array $turn): ?string => $turn['done']['outcome'] ?? null, $this->table($table['id'])['turns']);
        self::assertSame(['at-once', 'worked-it-out', 'with-help', 'not-yet'], \array_slice($outcomes, 0, 4));
    }

    public function test_two_at_one_pile_take_turns_and_the_parent_gives_the_next(): void
    {
        $this->server = new Server(self::TODAY, true);
        $this->post('/today/pile', ['version' => $this->api('/today')['version'], 'at' => 600, 'minutes' => 30, 'thingId' => null]);
        $shared = array_values(array_filter($this->api('/today')['setUps'], static fn (array $one): bool => \count($one['sittings']) > 1))[0];
        $table = $this->table($shared['id']);
        $this->chrome->size(768, 1024);
        $this->open('/table/'.$shared['id']);
        $this->chrome->click('[data-to-questions]');
        $this->chrome->waitForText($table['turns'][0]['ask']);
        $this->assertAccessible('Together');
        $now = fn (): string => (string) $this->all('[data-seat][aria-current]')[0]->getAttribute('data-seat');
        $childOf = array_column($table['seats'], 'childId', 'sittingId');
        self::assertSame($childOf[$table['turns'][0]['sittingId']], $now());
        $this->chrome->click('[data-next]');
        $this->chrome->driver->wait(5)->until(static fn (): bool => $now() === $childOf[$table['turns'][1]['sittingId']], 'they take turns');
        $this->chrome->click('[data-seat="'.$childOf[$table['turns'][0]['sittingId']].'"]');
        $this->chrome->driver->wait(5)->until(static fn (): bool => $now() === $childOf[$table['turns'][0]['sittingId']], 'given to the other');
        $this->chrome->click('[data-outcome="at-once"]');
        $this->chrome->driver->wait(5)->until(fn (): bool => [] !== array_filter(array_column($this->table($shared['id'])['turns'], 'done')));
        $tapped = array_values(array_filter($this->table($shared['id'])['turns'], static fn (array $turn): bool => null !== $turn['done']))[0];
        self::assertSame($table['turns'][0]['sittingId'], $tapped['sittingId'], 'the outcome goes to whose turn it was');

        // In the middle of it: my arms are full.
        $this->chrome->click('[data-arms]');
        $this->chrome->waitForText('what wants your hands waits');
        $this->chrome->click('[data-elsewhere]');
        $this->assertAccessible('In the middle of it');
        self::assertSame(['arms-full'], array_column($this->api('/today')['blocks'], 'state'));
        $this->chrome->type('[data-note]', 'Both wanted the red lid.');
        $this->chrome->clickText('Keep the note');
        $this->chrome->driver->wait(5)->until(fn (): bool => 'Both wanted the red lid.' === $this->table($shared['id'])['note']);
    }

    public function test_an_idea_is_there_at_once_taken_or_let_pass_and_the_next_device_goes_on_where_this_one_is(): void
    {
        $table = $this->atTheTable();
        $count = \count($table['turns']);
        $this->chrome->click('[data-next]');
        $this->chrome->click('[data-outcome="not-yet"]');
        $this->chrome->click('[data-outcome="not-yet"]');
        $first = $this->advice();
        $this->chrome->clickText('Another idea');
        $this->chrome->driver->wait(5)->until(fn (): bool => $first !== $this->advice());
        $this->chrome->clickText('We do that');
        $this->chrome->driver->wait(5)->until(fn (): bool => [] === $this->all('[data-advice]'));
        $this->chrome->driver->wait(5)->until(fn (): bool => 2 === \count($this->table($table['id'])['seats'][0]['script']['offered']));
        self::assertGreaterThanOrEqual($count, \count($this->table($table['id'])['turns']));

        // The other adult goes on: what was tapped and what was gone past are as here.
        $ask = $this->all('[data-ask]')[0]->getText();
        $at = $this->chrome->driver->executeScript('return JSON.parse(sessionStorage.getItem(arguments[0])).without[0]', ['gone-past-'.$table['id']]);
        self::assertSame($table['turns'][0]['questionId'], $at);
        $next = array_values(array_filter(
            $this->table($table['id'])['turns'],
            static fn (array $turn): bool => null === $turn['done'] && $turn['questionId'] !== $at,
        ))[0];
        $here = $this->chrome->driver->getWindowHandle();
        $this->chrome->driver->switchTo()->newWindow('tab');
        $this->chrome->size(390, 844, true, 2);
        $this->open('/table/'.$table['id'].'?from='.$next['questionId']);
        $this->chrome->waitForText($ask);
        self::assertSame($ask, $this->all('[data-ask]')[0]->getText());
        $this->chrome->driver->close();
        $this->chrome->driver->switchTo()->window($here);
    }

    /**
     * For a child who does not sleep in the day: at the hour of the test it may be in its nap, and then nothing follows.
     *
     * @return array<mixed> a planned set-up for one child where ways can be told, and its table
     */
    private function oneWithWays(): array
    {
        $children = $this->api('/today')['children'];
        $awake = array_column(array_filter($children, static fn (array $child): bool => !$child['sleeps']), 'id');
        // Where nothing is planned for one of them alone there are always five minutes.
        $this->post('/today/five-minutes', ['childId' => $awake[0], 'at' => 1000]);
        foreach ($this->api('/today')['setUps'] as $setUp) {
            $table = $this->table($setUp['id']);
            $isFine = [] === array_diff(array_column($setUp['sittings'], 'childId'), $awake)
                && 1 === \count($setUp['sittings']) && \count($table['turns']) > 3;
            if ($isFine && [] === array_filter(array_column($table['turns'], 'isGuess')) && [] !== $table['turns'][1]['methods']) {
                return ['table' => $table] + $setUp;
            }
        }
        self::fail('Nothing is planned for one child alone.');
    }

    private function advice(): string
    {
        $this->chrome->driver->wait(5)->until(fn (): bool => [] !== $this->all('[data-advice]'));

        return $this->all('[data-advice] b')[0]->getText();
    }

    public function test_where_nothing_is_noted_before_the_child_the_questions_are_tapped_afterwards(): void
    {
        $table = $this->atTheTable();
        $this->post('/house', ['settings' => [], 'rules' => ['no-noting'], 'version' => $this->api('/house')['version']], 'PUT');
        $this->chrome->driver->navigate()->refresh();
        foreach ($table['turns'] as $at => $turn) {
            $this->chrome->waitForText($at.' of '.\count($table['turns']));
            $this->chrome->waitForText($turn['ask']);
            self::assertSame([], $this->all('[data-outcome]'), 'nothing to tap before the child');
            $this->chrome->click('[data-next]');
        }
        $this->chrome->waitForText('Now that you are by yourself');
        self::assertSame([], array_filter(array_column($this->table($table['id'])['turns'], 'done')), 'gone through is not answered');
        $this->chrome->waitForText($table['turns'][0]['ask']);
        $this->chrome->click('[data-outcome="worked-it-out"]');
        $this->chrome->waitForText('1 of '.\count($table['turns']));
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
