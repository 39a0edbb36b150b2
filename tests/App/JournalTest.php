<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\PhotographFolder;
use Pindle\App\Record\Evidence;
use Pindle\App\Record\Photographs;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
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
        self::assertStringContainsString('no-store', (string) $this->browser->getResponse()->headers->get('Cache-Control'), 'no device keeps it');
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

    public function test_two_thousand_photographs_are_enough(): void
    {
        $this->addChild('Nel', '2022-01-01');
        self::service(EntityManagerInterface::class)->getConnection()->executeStatement(
            'WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 1999)'
            .' INSERT INTO photograph (id, file, day, child_ids, words, width, height, bytes, at, device_id)'
            ." SELECT i, printf('%032x', i), '2026-01-01', '[]', '', 1, 1, 1, 1, 'd' FROM n",
        );
        $this->photograph();
        $this->assertProblem(422, 'photograph', $this->photograph(['id' => '0195a000-0000-4000-8000-00000000f002'], null, 422));
        self::assertCount(1, self::service(PhotographFolder::class)->all(), 'nothing of the one too many is left');
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

    public function test_how_a_child_has_come_along(): void
    {
        $setUp = $this->aDayDone();
        $childId = $setUp['sittings'][0]['childId'];
        $this->fact($childId, 'sum-at-once:3,4', ['at-once', 'at-once'], 'add-quick@10');
        $this->fact($childId, 'double:4', ['worked-it-out'], 'doubles@10');
        $this->fact($childId, 'take:9,2', ['not-yet'], 'take-away@10');
        $child = $this->ask('GET', '/journal/children/'.$childId);

        self::assertSame(['Wim', '2026-03-04'], [$child['child']['name'], $child['today']]);
        self::assertNotSame([], $child['strands']);
        $squares = array_column($child['squares'], null, 'square');
        self::assertSame('sure', $squares['sums-to-ten']['rows'][3]['facts'][4]['standing']);
        self::assertSame('not-met', $squares['sums-to-ten']['rows'][4]['facts'][3]['standing'], 'the turn-around is another fact');
        self::assertSame('slow', $squares['sums-to-twenty']['rows'][4]['facts'][4]['standing']);
        $fact = $squares['differences']['rows'][8]['facts'][2];
        self::assertSame(['seen', '9 − 2'], [$fact['standing'], $fact['words']]);
        self::assertNull($squares['sums-to-ten']['rows'][10]['facts'][1]);
        self::assertStringContainsString('1 sure', $squares['sums-to-ten']['says']);

        $tries = $this->ask('GET', "/journal/children/$childId/facts/sum:3,4");
        self::assertSame(['3 + 4', 'Sure', 2], [$tries['words'], $tries['standing'], \count($tries['tries'])]);
        $this->refuse(404, 'key', 'GET', "/journal/children/$childId/facts/sum:30,4");
        $this->refuse(404, 'childId', 'GET', '/journal/children/nobody');
        $this->refuse(422, 'then', 'GET', "/journal/children/$childId?then=then");
    }

    public function test_then_is_what_was_known_on_that_evening_by_what_is_known_of_it_now(): void
    {
        $childId = $this->addChild('Nel', '2019-01-01');
        $mark = fn (string $id, string $mark, int $daysAgo): array => $this->ask('POST', "/map/$childId/say-count@5/mark", [
            'id' => '0195a000-0000-4000-8000-0000000000'.$id, 'deviceId' => self::DEVICE, 'at' => 1000 * (time() - 86_400 * $daysAgo), 'mark' => $mark,
            'note' => '',
        ]);
        $this->fact($childId, 'sum-at-once:1,1', ['not-yet'], 'add-quick@10', 30);
        $mark('a1', 'begun', 20);
        $mark('a2', 'can-do', 0);
        $then = fn (): array => array_column($this->ask('GET', "/journal/children/$childId?then=2026-02-14")['strands'], null, 'name')['Counting'];

        self::assertSame(['begun', 'can-do'], [$then()['steps'][0]['then'], $then()['steps'][0]['now']]);
        self::assertNotSame([], $then()['since']);
        // What arrives late changes what is known of that evening.
        $mark('a3', 'can-do', 19);
        self::assertSame(['can-do', 'can-do'], [$then()['steps'][0]['then'], $then()['steps'][0]['now']]);
        self::assertSame([], $then()['since']);
    }

    public function test_a_letter_is_suggested_edited_and_printed(): void
    {
        $childId = $this->addChild('Nel', '2019-01-01');
        $path = "/journal/children/$childId/letter";
        self::assertStringContainsString('quiet month', $this->ask('GET', $path)['text']);
        $this->ask('POST', "/map/$childId/say-count@20/mark", [
            'id' => '0195a000-0000-4000-8000-0000000000a1', 'deviceId' => self::DEVICE, 'at' => 1000 * time(), 'mark' => 'can-do',
            'note' => 'All the way up the lock.',
        ]);
        foreach ([['counted-all', 40], ['counted-on', 0]] as [$method, $ago]) {
            $this->fact($childId, 'join:2,3', array_fill(0, 4, 'worked-it-out'), 'put-together@10', $ago, $method);
        }
        self::assertSame('2026-02', $this->ask('GET', $path)['month'], 'on the 4th the letter that is due is about the month before');
        $path .= '?month=2026-03';
        $letter = $this->ask('GET', $path);
        self::assertSame(['2026-03', 'March 2026', false, 0], [$letter['month'], $letter['called'], $letter['isKept'], $letter['version']]);
        self::assertStringContainsString("was not there before: Nel\n– says the counting words in order and skips none (to 20)", $letter['text']);
        self::assertStringContainsString('everything was counted again from one. Now Nel starts from one of the numbers', $letter['text']);
        self::assertStringContainsString('From my notes: All the way up the lock.', $letter['text']);
        self::assertDoesNotMatchRegularExpression('/\d+ (tries|times)|not yet/i', $letter['text'], 'no numbers of tries, no flags');

        foreach (['Second note.', 'Third note.'] as $i => $words) {
            $this->ask('POST', "/map/$childId/say-count@20/seen", [
                'id' => '0195a000-0000-4000-8000-0000000000b'.$i, 'deviceId' => self::DEVICE, 'at' => 1000 * (time() + 1 + $i), 'outcome' => 'at-once',
                'note' => $words,
            ]);
        }
        $text = $this->ask('GET', $path)['text'];
        self::assertSame(2, substr_count($text, 'From my notes:'), 'the last two are enough');
        self::assertStringContainsString('Third note.', $text);
        $photograph = $this->photograph(['childIds' => $childId]);
        $kept = $this->ask('PUT', $path, ['text' => "Dear Gran,\n\nshe counts & counts <3", 'version' => 0, 'photographId' => $photograph['id']]);
        self::assertSame(["Dear Gran,\n\nshe counts & counts <3", true, $photograph['id']], [$kept['text'], $kept['isKept'], $kept['photographId']]);
        $this->refuse(409, 'version', 'PUT', $path, ['text' => 'x', 'version' => 0]);
        $this->refuse(422, 'photographId', 'PUT', strtr($path, ['-03' => '-02']), ['text' => 'x', 'version' => 0, 'photographId' => $photograph['id']]);
        $this->refuse(422, 'text', 'PUT', $path, ['text' => str_repeat('x', 4001), 'version' => $kept['version']]);
        $this->refuse(422, 'month', 'GET', strtr($path, ['-03' => '-13']));
        $this->refuse(422, 'month', 'GET', strtr($path, ['-03' => '-04']));
        $pdf = $this->text(strtr($path, ['letter?' => 'letter.pdf?']));
        self::assertStringStartsWith('%PDF', $pdf);
        self::assertStringContainsString('/Subtype /Image', $pdf);
        $this->ask('DELETE', '/journal/photographs/'.$photograph['id'], null, 204);
        self::assertNull($this->ask('GET', $path)['photographId'], 'taken away since');
        self::assertFalse($this->ask('DELETE', $path)['isKept']);
    }

    public function test_a_portfolio_is_chosen_printed_and_taken_as_plain_files(): void
    {
        $setUp = $this->aDayDone();
        $childId = $setUp['sittings'][0]['childId'];
        $other = $this->addChild('Nel', '2022-01-01');
        $own = $this->photograph(['childIds' => $childId, 'words' => 'Corks & <rings>']);
        $others = $this->photograph(['id' => '0195a000-0000-4000-8000-00000000f002', 'childIds' => $other, 'day' => '2026-03-02'], Camera::take(90, 120));
        $page = $this->ask('POST', '/journal/pages', ['day' => '2026-03-01', 'title' => 'Our winter', 'text' => "On the boat.\n\nIn the rain."], 201);
        $query = 'from=2026-02-01&to=2026-03-31';

        $all = $this->ask('GET', '/journal/portfolio?'.$query);
        self::assertSame(['2026-03-02', '2026-03-04'], array_column($all['days'], 'date'));
        self::assertSame([2, 1, ['Our winter']], [$all['photographs'], $all['parts'], array_column($all['pages'], 'title')]);
        self::assertSame(['done'], array_values(array_unique(array_column($all['days'][1]['setUps'], 'state'))), 'what was left is nobody else\'s business');
        self::assertSame(['2026-03-04'], array_column($this->ask('GET', "/journal/portfolio?$query&child=$childId")['days'], 'date'));

        $entries = $this->portfolioZip("$query&without=".$others['id'].','.$page['id']);
        self::assertSame(['days.csv', 'index.html', 'photographs/2026-03-04-01.jpg'], array_keys($entries));
        self::assertStringContainsString('Corks &amp; &lt;rings&gt;', $entries['index.html']);
        self::assertStringContainsString('src="photographs/2026-03-04-01.jpg"', $entries['index.html'], 'it opens alone, wherever it lies');
        self::assertStringNotContainsString('Our winter', $entries['index.html']);
        self::assertStringContainsString($setUp['name'], $entries['days.csv']);
        self::assertStringContainsString('Our winter', $this->portfolioZip($query)['index.html']);
        self::assertStringNotContainsString($setUp['name'], $this->portfolioZip($query.'&without=2026-03-04')['index.html']);

        $pdf = $this->text('/journal/portfolio.pdf?'.$query);
        self::assertSame(2, substr_count($pdf, '/Subtype /Image'));
        $this->refuse(404, 'part', 'GET', "/journal/portfolio.pdf?$query&part=2");
        $this->refuse(422, 'to', 'GET', '/journal/portfolio?from=2026-03-02&to=2026-03-01');
        $this->refuse(422, 'from', 'GET', '/journal/portfolio?from=x&to=2026-03-01');

        self::assertSame('A wet winter', $this->ask('PUT', '/journal/pages/'.$page['id'], ['title' => 'A wet winter'] + $page)['title']);
        $this->refuse(409, 'version', 'PUT', '/journal/pages/'.$page['id'], $page);
        $this->refuse(422, 'title', 'POST', '/journal/pages', ['day' => '2026-03-01', 'title' => ' ', 'text' => '']);
        self::service(EntityManagerInterface::class)->getConnection()->executeStatement(
            'WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 198)'
            ." INSERT INTO portfolio_page (id, day, title, text) SELECT i, '2026-01-01', 'A page', '' FROM n",
        );
        $this->ask('POST', '/journal/pages', ['day' => '2026-03-01', 'title' => 'The 200th', 'text' => ''], 201);
        $this->refuse(422, 'title', 'POST', '/journal/pages', ['day' => '2026-03-01', 'title' => 'One too many', 'text' => '']);
        $this->ask('DELETE', '/journal/pages/'.$page['id'], null, 204);
        $this->refuse(404, 'id', 'DELETE', '/journal/pages/'.$page['id']);
        self::assertSame([], glob($_SERVER['PINDLE_DATA'].'/.portfolio-*') ?: [], 'nothing is left lying about');
        self::assertSame($own['id'], $this->ask('GET', '/journal')['days'][0]['photographs'][0]['id']);
    }

    /** @return array<string, string> name => content */
    private function portfolioZip(string $query): array
    {
        $this->browser->request('GET', '/api/journal/portfolio.zip?'.$query);
        self::assertResponseIsSuccessful();
        $file = $_SERVER['PINDLE_DATA'].'/test.zip';
        file_put_contents($file, $this->browser->getInternalResponse()->getContent());
        $zip = new \ZipArchive();
        $zip->open($file);
        $entries = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $entries[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }
        unlink($file);
        ksort($entries);

        return $entries;
    }

    /** @param list<string> $outcomes of tries at one question, one a minute */
    private function fact(string $childId, string $question, array $outcomes, string $stepId, int $daysAgo = 0, ?string $method = null): void
    {
        foreach ($outcomes as $i => $outcome) {
            $at = new \DateTimeImmutable(\sprintf('2026-03-04 10:%02d:00 -%d days', $i, $daysAgo));
            $number = crc32($question.$method.$daysAgo);
            self::service(Evidence::class)->keep(new Attempt(
                \sprintf('0195a000-0000-4000-8000-%08x%04d', $number, $i),
                $stepId,
                \sprintf('0195a000-0000-4000-9000-%08x0000', $number),
                'quick-cards',
                null,
                Help::Bare,
                [],
                $question,
                null,
                Outcome::from($outcome),
                null === $method ? null : Method::from($method),
                null,
                $at,
                LocalDate::parse($at->format('Y-m-d')),
                self::DEVICE,
            ), $childId, $question.$i);
        }
        self::service(EntityManagerInterface::class)->flush();
    }

    private function csv(string $path): string
    {
        $this->browser->request('GET', '/api'.$path);
        self::assertResponseIsSuccessful();

        return (string) $this->browser->getInternalResponse()->getContent();
    }
}
