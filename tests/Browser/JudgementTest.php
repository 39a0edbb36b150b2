<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** What a parent says besides the attempts: a first look, a mark by hand, a correction, another way of teaching. */
final class JudgementTest extends BrowserTestCase
{
    public function test_a_first_look_on_a_phone_places_a_new_child_and_the_map_says_what_is_unsure(): void
    {
        $this->server = new Server(self::TODAY, false);
        $this->chrome->size(390, 844, true);
        $this->open('/children?add=1');
        $this->chrome->type('#child-name', 'Wim');
        $this->chrome->driver->executeScript('const f = document.querySelector("#child-born"); f.value = "2021-06-01"; f.dispatchEvent(new Event("input"));');
        $this->chrome->click('form button[type=submit]');
        $this->chrome->clickText('have a first look', 'a');
        $this->chrome->waitForText('Surely there already?');
        $this->assertAccessible('First look, before it begins');
        $this->chrome->clickText('Say the counting words, to 5', 'label');
        $this->chrome->clickText('Begin');
        $childId = $this->api('/children')['present'][0]['id'];
        $path = '/children/'.$childId.'/first-look';
        for ($i = 1; $i <= 3; ++$i) {
            $this->chrome->waitForText($i.' of at most 12');
            $this->chrome->waitForText($this->api($path)['task']['ask']);
            $this->chrome->click(0 === $i % 2 ? '[data-outcome="not-yet"]' : '[data-outcome="at-once"]');
        }
        $this->chrome->waitForText('4 of at most 12');
        $this->assertAccessible('First look');
        $this->chrome->clickText('Undo');
        $this->chrome->waitForText('3 of at most 12');
        self::assertSame(2, $this->api($path)['done']);
        $this->chrome->clickText('Stop here');
        $this->chrome->waitForText('The first look is over.');

        $this->chrome->size(1280, 800);
        $this->chrome->clickText('See it on the Map', 'a');
        $this->chrome->waitForText('A first look is not sure of');
        $this->assertAccessible('Map after a first look');
    }

    public function test_marks_can_be_set_by_hand_notes_written_and_tries_corrected_on_the_map(): void
    {
        $this->server = new Server(self::TODAY, true);
        $childId = $this->api('/children')['present'][0]['id'];
        $this->open('/map/'.$childId.'?step=name-shape@solids');
        $this->chrome->clickText('I saw it elsewhere');
        $this->chrome->type('#mark-note', 'a tin, on deck');
        $this->chrome->click('[role="dialog"] [data-outcome="at-once"]');
        $this->chrome->waitForText('“a tin, on deck”');
        $this->chrome->clickText('Set the mark by hand');
        $this->chrome->click('[data-set-mark="can-do"]');
        $this->chrome->waitForText(', set by hand');
        self::assertSame('can-do', $this->api('/map/'.$childId.'/name-shape@solids')['standing']['mark']);
        $this->chrome->clickText('Pin for next');
        $this->chrome->waitForText('Pinned');

        $tried = $this->triedStep($childId);
        $this->open('/map/'.$childId.'?step='.$tried);
        $this->chrome->clickText('Correct');
        $this->chrome->click('td [data-outcome="not-yet"]');
        $this->chrome->waitForText('taken back');
        $this->chrome->waitForText('corrected');
        $corrected = array_filter($this->api('/map/'.$childId.'/'.$tried)['history']['seen'], static fn (array $one): bool => $one['corrected']);
        self::assertSame(['not-yet'], array_column($corrected, 'outcome'), 'it and what it corrects are of one minute, in either order');
        $this->assertAccessible('Evidence with a correction');
    }

    public function test_a_child_can_be_taught_another_way_than_the_house(): void
    {
        $this->server = new Server(self::TODAY, true);
        $childId = $this->api('/children')['present'][0]['id'];
        $this->open('/children/'.$childId.'/teaching');
        $this->chrome->waitForText('As the house: Usual');
        $this->assertAccessible('Teaching');
        $this->chrome->click('[data-setting="things-stay"] button');
        $this->chrome->clickText('Long', '*[@role="option"]');
        $this->chrome->waitForText('Eight are wanted.');
        $this->chrome->driver->wait(5)->until(fn (): bool => 'long' === $this->api('/children')['present'][0]['settingsUsed']['things-stay']);

        $this->open('/house');
        $this->chrome->click('[data-setting="fingers"] button');
        $this->chrome->clickText('A fine help', '*[@role="option"]');
        $this->chrome->driver->wait(5)->until(
            fn (): bool => 'fine-help' === $this->api('/children')['present'][0]['settingsUsed']['fingers'],
            'the house decides where the child has no choice',
        );
        self::assertSame('long', $this->api('/children')['present'][0]['settingsUsed']['things-stay'], 'and not where it has');
        $this->open('/');
        $this->chrome->click('[data-why]');
        $this->chrome->waitForText('worth of a sitting with it');
        self::assertCount(1, $this->chrome->driver->findElements(WebDriverBy::cssSelector('[role="dialog"] table')));
    }

    public function test_an_activity_is_found_read_used_today_and_written_anew(): void
    {
        $this->server = new Server(self::TODAY, true);
        $all = \count($this->api('/activities')['activities']);
        $this->open('/activities');
        $this->chrome->waitForText("$all of $all activities");
        $this->assertAccessible('Activities');
        $this->chrome->clickText('Only for several children', 'label');
        $planned = $this->api('/today')['setUps'][0]['activityId'];
        $this->open('/activities?open='.$planned);
        $this->chrome->waitForText('Help, less and less');
        $this->assertAccessible('An activity');
        $this->chrome->clickText('Use it today');
        $this->chrome->waitForText("It is in today's plan.");
        self::assertContains($planned, array_column($this->api('/today')['setUps'], 'activityId'));

        $this->open('/activities');
        $this->chrome->clickText('Write your own');
        $this->chrome->clickText('Choose one');
        $this->chrome->clickText('Quick peek', '*[@role="option"]');
        $this->chrome->type('#own-name', 'Deck peek');
        $this->chrome->type('#own-tidy', ' ');
        $this->chrome->clickText('Keep');
        $this->chrome->waitForText('should be a text');
        $this->chrome->type('#own-tidy', 'Into the bag.');
        $this->chrome->clickText('Keep');
        $this->chrome->waitForText(\sprintf('%d of %1$d activities', $all + 1));
        $this->chrome->waitForText('Deck peek');

        $this->chrome->driver->getKeyboard()->sendKeys('/');
        $this->chrome->type('[role="dialog"] input', 'deck');
        $this->chrome->clickText('Deck peek', '*[@role="option"]');
        $this->chrome->waitForText('Your own');
    }

    private function triedStep(string $childId): string
    {
        foreach ($this->api('/map/'.$childId)['strands'] as $strand) {
            foreach ($strand['skills'] as $skill) {
                foreach ($skill['cells'] as $cell) {
                    if ($cell['attempts'] > 3) {
                        return $cell['stepId'];
                    }
                }
            }
        }
        self::fail('Nothing was tried in the demo.');
    }
}
