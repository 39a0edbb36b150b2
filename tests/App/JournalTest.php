<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Pindle\App\Platform\PhotographFolder;
use Pindle\App\Record\Photographs;
use Pindle\Tests\Camera;
use Symfony\Component\Filesystem\Filesystem;

/** The journal: what happened, day by day and year by year, with its photographs. */
final class JournalTest extends ApiTestCase
{
    private const DEVICE = '0195a000-0000-4000-8000-00000000dddd';
    private const PHOTOGRAPH = '0195a000-0000-4000-8000-00000000f001';

    protected function tearDown(): void
    {
        (new Filesystem())->remove($_SERVER['PINDLE_DATA'].'/photographs');
        parent::tearDown();
    }

    /**
     * @param array<string, string> $about
     *
     * @return array<string, mixed>
     */
    private function photograph(array $about = [], ?string $bytes = null, int $expect = 201): array
    {
        $query = $about + ['id' => self::PHOTOGRAPH, 'deviceId' => self::DEVICE, 'at' => (string) (1000 * time())];

        return $this->send('POST', '/journal/photographs?'.http_build_query($query), $bytes ?? Camera::take(), $expect, 'image/jpeg');
    }

    /** @return array<string, mixed> the set-up that was done */
    private function aDayDone(): array
    {
        $setUp = $this->plannedHouse();
        $path = '/table/'.$setUp['id'];
        foreach ([0, 1, 2] as $i) {
            $this->ask('POST', $path.'/attempts', $this->tap($setUp, $i, 'at-once'));
        }
        $this->ask('POST', $path.'/finish', ['ending' => 'done']);

        return $setUp;
    }

    public function test_a_day_tells_what_was_done_what_was_left_and_what_was_seen(): void
    {
        $setUp = $this->aDayDone();
        $childId = $setUp['sittings'][0]['childId'];
        $this->ask('POST', "/map/$childId/say-count@5/seen", [
            'id' => '0195a000-0000-4000-8000-0000000000a1', 'deviceId' => self::DEVICE, 'at' => 1000 * time(),
            'outcome' => 'at-once', 'note' => 'Counted the locks: "one, two, three" 🦆',
        ]);
        $this->ask('POST', '/today/something-else', [
            'at' => 600, 'deviceId' => self::DEVICE, 'words' => 'Skimmed pebbles', 'children' => [['childId' => $childId, 'mark' => null]],
        ]);
        $this->photograph(['setUpId' => $setUp['id'], 'childIds' => $childId, 'words' => 'Her ten corks']);

        [$day] = $this->ask('GET', '/journal')['days'];
        self::assertSame(['2026-03-04', 'Wednesday 4 March'], [$day['date'], $day['called']]);
        $done = array_values(array_filter($day['setUps'], static fn (array $one): bool => 'done' === $one['state']));
        self::assertSame([$setUp['id']], array_column($done, 'id'));
        self::assertSame([['childId' => $childId, 'minutes' => $done[0]['minutes']]], $day['minutes']);
        self::assertNotSame([], array_filter($day['setUps'], static fn (array $one): bool => 'planned' === $one['state']), 'what was left is told too');
        self::assertNotSame([], $done[0]['children'][0]['steps']);
        self::assertSame([['words' => 'Skimmed pebbles', 'childIds' => [$childId]]], $day['instead']);
        self::assertSame(['At once', 'Counted the locks: "one, two, three" 🦆'], [$day['elsewhere'][0]['what'], $day['elsewhere'][0]['note']]);
        $photograph = $day['photographs'][0];
        self::assertSame(['Her ten corks', [$childId], $setUp['id']], [$photograph['words'], $photograph['childIds'], $photograph['setUpId']]);
    }

    public function test_days_are_found_by_child_and_by_words(): void
    {
        $setUp = $this->aDayDone();
        $other = $this->addChild('Nel', '2022-01-01');
        $childId = $setUp['sittings'][0]['childId'];
        $this->photograph(['day' => '2026-02-03', 'words' => '100 % of the corks_', 'childIds' => $other]);
        $dates = fn (string $query): array => array_column($this->ask('GET', '/journal?'.$query)['days'], 'date');

        self::assertSame(['2026-03-04', '2026-02-03'], $dates(''));
        self::assertSame(['2026-03-04'], $dates('child='.$childId));
        self::assertSame(['2026-02-03'], $dates('child='.$other));
        self::assertSame(['2026-02-03'], $dates('find='.rawurlencode('100 %')));
        self::assertSame([], $dates('find='.rawurlencode('10_')), 'a line under is a letter like any other');
        self::assertSame(['2026-03-04'], $dates('find='.rawurlencode(strtoupper(substr($setUp['name'], 0, 12)))), 'by the name of the game, in any letters');
        self::assertSame([], $dates('find='.rawurlencode($setUp['name']).'&child='.$other));
        self::assertSame(['2026-02-03'], $dates('before=2026-03-04'));
        $this->refuse(422, 'before', 'GET', '/journal?before=yesterday');
        $this->refuse(422, 'find', 'GET', '/journal?find='.str_repeat('x', 101));
    }

    public function test_days_come_a_page_at_a_time(): void
    {
        $this->addChild('Nel', '2022-01-01');
        foreach (range(1, 15) as $day) {
            $this->photograph(['id' => \sprintf('0195a000-0000-4000-8000-00000000f0%02d', $day), 'day' => \sprintf('2026-02-%02d', $day)]);
        }
        $first = $this->ask('GET', '/journal');
        self::assertSame([14, '2026-02-15', '2026-02-02'], [\count($first['days']), $first['days'][0]['date'], $first['before']]);
        $last = $this->ask('GET', '/journal?before='.$first['before']);
        self::assertSame([['2026-02-01'], null], [array_column($last['days'], 'date'), $last['before']]);
    }

    public function test_a_photograph_is_kept_once_looked_at_named_and_taken_away(): void
    {
        $childId = $this->addChild('Nel', '2022-01-01');
        $kept = $this->photograph();
        self::assertSame($kept, $this->photograph([], Camera::take(20, 20)), 'sent again it is the same one');
        self::assertSame(['2026-03-04', 240, 160], [$kept['day'], $kept['width'], $kept['height']]);
        $folder = self::service(PhotographFolder::class);
        [$name] = $folder->all();
        self::assertNotSame(self::PHOTOGRAPH, $name);

        $this->browser->request('GET', $kept['src']);
        self::assertResponseIsSuccessful();
        self::assertSame('image/jpeg', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertSame('nosniff', $this->browser->getResponse()->headers->get('X-Content-Type-Options'));
        $this->browser->request('GET', $kept['src'].'?small=1');
        self::assertResponseIsSuccessful();

        $path = '/journal/photographs/'.self::PHOTOGRAPH;
        self::assertSame('By the lock', $this->ask('PUT', $path, ['words' => ' By the lock ', 'childIds' => [$childId, $childId]])['words']);
        self::assertSame([$childId], $this->ask('GET', '/journal')['days'][0]['photographs'][0]['childIds']);
        $this->refuse(422, 'childIds', 'PUT', $path, ['words' => '', 'childIds' => ['nobody']]);

        $this->ask('DELETE', $path, null, 204);
        self::assertSame([], glob($folder->path.'/*'), 'no picture is left, neither large nor small');
        $this->refuse(404, 'id', 'DELETE', $path);
        $this->ask('GET', $path.'.jpg', null, 404);
        $this->assertProblem(409, 'id', $this->photograph([], null, 409));
    }

    public function test_what_cannot_be_kept_as_a_photograph_is_refused_and_nothing_is_stored(): void
    {
        $this->addChild('Nel', '2022-01-01');
        $this->assertProblem(422, 'photograph', $this->photograph([], '<svg/>', 422));
        $this->assertProblem(422, 'photograph', $this->photograph([], Camera::claiming(30_000, 30_000), 422));
        $this->assertProblem(422, 'day', $this->photograph(['day' => '2026-03-05'], null, 422));
        $this->assertProblem(422, 'childIds', $this->photograph(['childIds' => 'nobody'], null, 422));
        $this->assertProblem(422, 'at', $this->photograph(['at' => '0'], null, 422));
        self::assertSame(413, $this->photograph([], str_repeat('x', 5 * 1_048_576 + 1), 413)['status']);
        self::assertSame(415, $this->send('POST', '/journal/photographs?id='.self::PHOTOGRAPH, 'x', 415, 'image/svg+xml')['status']);
        self::assertSame([], self::service(PhotographFolder::class)->all());
        self::assertSame(2000, Photographs::MOST);
    }

    public function test_a_year_adds_minutes_and_days_up_from_its_own_first_day(): void
    {
        $setUp = $this->aDayDone();
        $childId = $setUp['sittings'][0]['childId'];
        $year = $this->ask('GET', '/journal/year');
        self::assertSame(['2025-09-01', '2026-08-31', 9, 1], [$year['from'], $year['to'], $year['startMonth'], $year['startDay']]);
        [$own] = $year['children'];
        self::assertSame([$childId, 1, $setUp['minutes'] ?? $own['minutes']], [$own['child']['id'], $own['days'], $own['minutes']]);
        self::assertSame($own['minutes'], array_sum($own['strands']));
        self::assertSame(['2026-03' => [1, $own['minutes']]], $own['months']);
        self::assertSame('March 2026', $year['months']['2026-03']);
        self::assertCount(7, $year['months'], 'from September to now');
        self::assertSame([null, null], [$year['before'], $year['after']]);

        $other = $this->ask('PUT', '/journal/year', ['month' => 3, 'day' => 5]);
        self::assertSame(['2025-03-05', '2026-03-04'], [$other['from'], $other['to']]);
        $this->refuse(422, 'month', 'PUT', '/journal/year', ['month' => 13, 'day' => 1]);
        $this->refuse(422, 'day', 'PUT', '/journal/year', ['month' => 1, 'day' => 29]);
        $this->refuse(422, 'of', 'GET', '/journal/year?of=2026');
        self::assertSame([], $this->ask('GET', '/journal/year?of=2020-01-01')['children']);

        $csv = $this->csv('/journal/year.csv');
        $begins = "\u{FEFF}child,by,of,days,\"minutes (min)\"\r\nWim,month,2026-03,1,".$own['minutes']."\r\nWim,strand,";
        self::assertStringStartsWith($begins, $csv);
        self::assertStringStartsWith('%PDF', $this->text('/journal/year.pdf?paper=letter'));
    }

    private function csv(string $path): string
    {
        $this->browser->request('GET', '/api'.$path);
        self::assertResponseIsSuccessful();

        return (string) $this->browser->getInternalResponse()->getContent();
    }
}
