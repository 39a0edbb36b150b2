<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** A new house on a phone: from nothing to a known first activity. */
final class FirstEveningTest extends BrowserTestCase
{
    /** What a person takes for a tap, for a letter, and to read a screen, in seconds; the house's own time is measured. */
    private const TAP = 1.2;
    private const LETTER = 0.4;
    private const READ = 7.0;

    /** From nothing to a known first activity, in seconds. */
    private const ENOUGH = 100.0;

    private float $person = 0.0;

    public function test_from_nothing_to_a_known_first_activity_in_a_hundred_seconds_and_it_goes_on_where_it_was_left(): void
    {
        $this->server = new Server(self::TODAY, false);
        $this->chrome->size(390, 844, true, 2);
        $began = microtime(true);
        $this->open('/');
        $this->read('Who is it for?');
        $this->assertAccessible('Who is it for');
        $this->type('#name-0', 'Wim');
        $this->chrome->driver->executeScript(
            'const born = document.querySelector("#born-0"); born.value = "2021-06-01"; born.dispatchEvent(new Event("input"));',
        );
        $this->person += 3 * self::TAP;
        $this->tap('Next');

        $this->read('What can you see from where you sit?');
        $this->assertAccessible('What can you see');
        $this->chrome->click('[data-thing="cups"]');
        $this->chrome->click('[data-thing="jar-lids"]');
        $this->person += 2 * self::TAP;
        $this->tap('Next');

        foreach (range(1, 4) as $number) {
            $this->read($number.' of 4');
            if (2 === $number) {
                // Closed in the middle: it goes on from there.
                $this->open('/');
                $this->chrome->waitForText('2 of 4');
                $this->assertAccessible('A card');
            }
            $this->tap(1 === $number ? 'Often' : 'Not sure');
        }
        $this->read('Tomorrow, five minutes');
        $this->assertAccessible('Tomorrow, five minutes');
        $house = microtime(true) - $began;
        self::assertLessThan(self::ENOUGH, $house + $this->person, \sprintf('%.0f s of the house, %.0f s of the person', $house, $this->person));

        $offer = $this->api('/evening')['offer'];
        foreach ([$offer['name'], $offer['say'], $offer['ifEasy'], $offer['ifHard']] as $line) {
            self::assertStringContainsString($line, $this->chrome->text());
        }
        $this->tap('Another one');
        $this->chrome->driver->wait(10)->until(fn (): bool => $offer['name'] !== $this->api('/evening')['offer']['name'], 'another one');
        $this->chrome->waitForText($this->api('/evening')['offer']['name']);
        $this->tap('I’ll try it');
        $this->chrome->waitForText('Write it on paper for me');
        $this->assertAccessible('Then you are done');
        $this->tap('Close');
        $this->chrome->waitForText('Wim');
        $wanted = json_decode((string) file_get_contents($this->server->url.'/api/evening'), true);
        self::assertSame('done', $wanted['screen']);
    }

    public function test_it_can_be_left_and_comes_back(): void
    {
        $this->server = new Server(self::TODAY, false);
        $this->chrome->size(390, 844, true, 2);
        $this->open('/');
        $this->chrome->waitForText('Who is it for?');
        $this->chrome->clickText('Next');
        $this->chrome->waitForText('What is your child called?');
        self::assertSame('true', $this->chrome->driver->findElement(WebDriverBy::cssSelector('#name-0'))->getAttribute('aria-invalid'));
        $this->chrome->clickText('Leave it for now');
        $this->chrome->waitForText('Today');
        $this->chrome->driver->executeScript('sessionStorage.clear()');
        $this->open('/');
        $this->chrome->waitForText('Who is it for?');
    }

    private function read(string $text): void
    {
        $this->chrome->waitForText($text);
        $this->person += self::READ;
    }

    private function tap(string $text): void
    {
        $this->chrome->clickText($text);
        $this->person += self::TAP;
    }

    private function type(string $where, string $text): void
    {
        $this->chrome->type($where, $text);
        $this->person += self::TAP + self::LETTER * \strlen($text);
    }
}
