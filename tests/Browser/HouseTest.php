<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Pindle\App\Platform\Lock\Lock;
use Symfony\Component\Process\Process;

/** The lock as a device meets it, and safe copies put back in the House room. */
final class HouseTest extends BrowserTestCase
{
    private const PASSPHRASE = 'three wet mooring ropes';

    public function test_a_tap_outlives_the_lock_and_a_device_that_is_signed_out_forgets_names(): void
    {
        $table = $this->atTheTable();
        $lock = new Lock($this->server->data);
        $lock->setPassphrase(self::PASSPHRASE);
        $this->chrome->click('[data-outcome="at-once"]');
        $this->chrome->waitForText('Who is at the door?');
        $this->chrome->waitForText('One tap waits on this device.');
        $this->assertForgotten($table['seats'][0]['childName']);
        $this->assertAccessible('the lock');

        $this->chrome->clickText('Code');
        $this->chrome->type('#code', 'aaaa-aaaa');
        $this->chrome->clickText('Come in');
        $this->chrome->waitForText('That is not the code');
        $this->chrome->type('#code', $lock->newCode(time()));
        $this->chrome->clickText('Come in');
        $this->chrome->waitForText('1 of '.\count($table['turns']));
        // What waited goes out once the door is open.
        $this->chrome->driver->wait(10)->until(
            fn (): bool => 'at-once' === ($this->signedIn('/table/'.$table['id'])['turns'][0]['done']['outcome'] ?? null),
            'The tap that waited has arrived.',
        );

        // For the table only: the other rooms are not there.
        $this->open('/');
        $this->chrome->waitForText('Today');
        self::assertStringNotContainsString('Cupboard', $this->chrome->text());
        // Signed out elsewhere, it forgets at its next question.
        foreach ($lock->devices() as $device) {
            $lock->signOut($device->id);
        }
        $this->chrome->driver->navigate()->refresh();
        $this->chrome->waitForText('Who is at the door?');
        $this->assertForgotten($table['seats'][0]['childName']);
    }

    public function test_a_safe_copy_is_put_back_in_the_house_room_and_everything_is_as_it_was(): void
    {
        $this->server = new Server(self::TODAY, true);
        $work = new Process(['php', 'bin/console', 'pindle:work'], \dirname(__DIR__, 2), [
            'APP_ENV' => 'prod', 'PINDLE_DATA' => $this->server->data, 'PINDLE_TODAY' => self::TODAY,
            'DATABASE_URL' => 'sqlite:///'.$this->server->data.'/pindle.sqlite',
        ]);
        $work->setTimeout(null)->start();
        try {
            // The worker's own copy of the day first: the room names the last one.
            $this->chrome->driver->wait(20)->until(fn (): bool => [] !== $this->api('/house/copies')['copies'], 'the copy of the day');
            sleep(1);
            $this->open('/house');
            $this->chrome->clickText('Make one now');
            $this->chrome->waitForText('asked for');
            $child = $this->api('/children')['present'][0];
            $this->post('/children/'.$child['id'].'/archive', []);
            self::assertCount(2, $this->api('/children')['present']);

            $this->chrome->driver->navigate()->refresh();
            $this->chrome->click('details summary');
            $copies = $this->api('/house/copies')['copies'];
            $asked = array_search('asked', array_column($copies, 'why'), true);
            $this->chrome->driver->executeScript(
                'document.querySelectorAll("details li button")[arguments[0]].click()',
                [false === $asked ? self::fail('No copy was asked for.') : $asked],
            );
            $this->chrome->waitForText('Put this copy in place?');
            $this->assertAccessible('putting a copy back');
            $this->chrome->clickText('Put it in place');
            $this->chrome->waitForText('The safe copy is in place.');
            self::assertCount(3, $this->api('/children')['present']);
            self::assertContains('restore', array_column($this->api('/house/copies')['copies'], 'why'));
            $this->assertAccessible('the House room');
        } finally {
            $work->stop(2);
        }
    }

    /** Neither the page nor what waits in the browser's database says the name. */
    private function assertForgotten(string $name): void
    {
        $kept = $this->chrome->driver->executeAsyncScript(
            'const done = arguments[0]; const open = indexedDB.open("pindle");'
            .' open.onsuccess = () => { const all = open.result.transaction("items").objectStore("items").getAll();'
            .' all.onsuccess = () => { open.result.close(); done(JSON.stringify([all.result, { ...localStorage }, { ...sessionStorage }])); }; };',
        );
        self::assertStringNotContainsString($name, $kept.$this->chrome->text());
    }

    /** @return array<string, mixed> as the signed-in page gets it */
    private function signedIn(string $path): array
    {
        return (array) json_decode((string) $this->chrome->driver->executeAsyncScript(
            'fetch("/api" + arguments[0]).then((r) => r.text()).then(arguments[1]);',
            [$path],
        ), true, 512, \JSON_THROW_ON_ERROR);
    }
}
