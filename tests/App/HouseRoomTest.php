<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Pindle\App\Platform\Copies\Copies;
use Pindle\App\Platform\Copies\CopyReader;
use Pindle\App\Platform\Photograph;
use Pindle\App\Platform\PhotographFolder;
use Pindle\Tests\Camera;
use Symfony\Component\Filesystem\Filesystem;

/** What the House room can do besides teaching: safe copies and the clock the household lives by. */
final class HouseRoomTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        (new Filesystem())->remove([$_SERVER['PINDLE_DATA'].'/copies', ...glob($_SERVER['PINDLE_DATA'].'/sent-*') ?: []]);
    }

    public function test_a_safe_copy_is_made_named_and_taken_away(): void
    {
        self::assertSame([], $this->ask('GET', '/house/copies')['copies']);
        $photographs = new PhotographFolder((string) $_SERVER['PINDLE_DATA']);
        $picture = $photographs->put(Photograph::of(Camera::take()));
        $made = $this->ask('POST', '/house/copies', null, 201);
        [$copy] = $made['copies'];
        self::assertStringContainsString('for the photographs', $made['takes']);
        self::assertNull($made['full']);
        self::assertMatchesRegularExpression('/^pindle-20260304T\d{6}-asked\.zip$/', $copy['name']);
        self::assertMatchesRegularExpression('/^\d+ kB$/', $copy['size']);

        $this->browser->request('GET', '/api/house/copies/'.$copy['name']);
        self::assertSame('application/zip', $this->browser->getResponse()->headers->get('Content-Type'));
        // What is taken away has everything in it, and leaves nothing behind.
        $away = $_SERVER['PINDLE_DATA'].'/away.zip';
        file_put_contents($away, $this->browser->getInternalResponse()->getContent());
        $zip = new \ZipArchive();
        $zip->open($away);
        self::assertSame((string) file_get_contents((string) $photographs->find($picture)), $zip->getFromName(Copies::PHOTOGRAPHS.$picture.'.jpg'));
        (new CopyReader(\dirname(__DIR__, 2).'/migrations'))->check($away);
        self::assertSame([], glob($_SERVER['PINDLE_DATA'].'/copies/.whole-*') ?: []);
        unlink($away);
        $photographs->remove($picture);
        self::assertStringContainsString('attachment', (string) $this->browser->getResponse()->headers->get('Content-Disposition'));
        foreach (['pindle-20990101T000000-asked.zip', '..%2Fpindle.sqlite', 'lock.json'] as $name) {
            self::assertContains($this->statusOf('GET', '/house/copies/'.$name), [404], $name);
        }
    }

    public function test_a_file_that_is_no_safe_copy_is_refused_before_a_job_begins(): void
    {
        $this->assertProblem(422, 'file', $this->send('POST', '/house/restore', 'no zip', 422, 'application/zip'));
        self::assertSame(415, $this->send('POST', '/house/restore', '{}', 415)['status']);
        self::assertSame([], glob($_SERVER['PINDLE_DATA'].'/sent-*') ?: []);

        $copy = $this->ask('POST', '/house/copies', null, 201)['copies'][0]['name'];
        $sent = (string) file_get_contents($_SERVER['PINDLE_DATA'].'/copies/'.$copy);
        $job = $this->send('POST', '/house/restore', $sent, 202, 'application/zip');
        self::assertSame(['waiting', 0, 1], [$job['state'], $job['step'], $job['steps']]);
        self::assertSame($job, $this->ask('GET', '/house/jobs/'.$job['id']));
        $this->refuse(404, 'id', 'GET', '/house/jobs/none');
    }

    public function test_the_time_zone_is_the_households_and_a_change_rewrites_no_day(): void
    {
        $setUp = $this->plannedHouse();
        $tapped = $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        $path = '/map/'.$setUp['sittings'][0]['childId'].'/'.$tapped['stepId'];
        self::assertSame(['Europe/London', false], $this->zone());

        $this->refuse(422, 'zone', 'PUT', '/house/zone', ['zone' => 'Atlantis']);
        $this->ask('PUT', '/house/zone', ['zone' => 'Pacific/Auckland'], 204);
        self::ensureKernelShutdown();
        $this->setUp();

        self::assertSame(['Pacific/Auckland', true], $this->zone());
        self::assertSame('2026-03-04', $this->ask('GET', $path)['history']['seen'][0]['day']);
    }

    public function test_a_house_rule_holds_from_the_next_plan_on_and_at_the_table(): void
    {
        $setUp = $this->plannedHouse();
        $table = $this->ask('GET', '/table/'.$setUp['id']);
        self::assertSame([true, false], [$table['showsScreen'], $table['notesAfter']]);
        $house = $this->ask('GET', '/house');
        self::assertSame([], $house['rules']);
        self::assertCount(6, $house['allRules']);
        foreach ($house['allRules'] as $rule) {
            self::assertNotSame('', $rule['leavesOut']);
            self::assertNotSame('', $rule['instead']);
        }

        $this->refuse(422, 'rules', 'PUT', '/house', ['settings' => [], 'rules' => ['no-fun'], 'version' => $house['version']]);
        $this->refuse(422, 'rules', 'PUT', '/house', ['settings' => [], 'rules' => ['no-food', 'no-food'], 'version' => $house['version']]);
        $rules = ['no-food', 'no-screen', 'no-noting'];
        self::assertSame($rules, $this->ask('PUT', '/house', ['settings' => [], 'rules' => $rules, 'version' => $house['version']])['rules']);
        $this->ask('GET', '/today');
        $table = $this->ask('GET', '/table/'.$setUp['id']);
        self::assertSame([false, true], [$table['showsScreen'], $table['notesAfter']]);
    }

    public function test_a_house_pays_with_its_own_coins(): void
    {
        $house = $this->ask('GET', '/house');
        self::assertSame('1, 2, 5, 10, 20, 50', $house['coins']);
        $change = static fn (string $coins): array => ['settings' => [], 'rules' => [], 'coins' => $coins, 'version' => $house['version']];
        $this->refuse(422, 'coins', 'PUT', '/house', $change('1, 2, beads'));
        self::assertSame('1, 3 x 4', $this->ask('PUT', '/house', $change('3 x 4, 1'))['coins']);
    }

    /** An elder and a little one are spoken of where there is one. */
    public function test_others_of_the_house_get_a_part_at_the_table_where_there_are_such(): void
    {
        $setUp = $this->plannedHouse();
        $alone = $this->ask('GET', '/table/'.$setUp['id']);
        self::assertSame([null, null], [$alone['twist'], $alone['toddlerJob']]);

        $this->addChild('Elder', '2018-06-01');
        $this->addChild('Little', '2024-02-01');
        $table = $this->ask('GET', '/table/'.$setUp['id']);
        self::assertStringStartsWith('Elder ', (string) $table['twist']);
        self::assertStringStartsWith('Little ', (string) $table['toddlerJob']);
    }

    /** @return array{string, bool} */
    private function zone(): array
    {
        $house = $this->ask('GET', '/house');

        return [$house['zone'], $house['zoneChosen']];
    }

    private function statusOf(string $method, string $path): int
    {
        $this->browser->request($method, '/api'.$path);

        return $this->browser->getResponse()->getStatusCode();
    }
}
