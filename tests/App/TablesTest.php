<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Pindle\App\Platform\Csv;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** Tables for a spreadsheet, out and in. */
final class TablesTest extends ApiTestCase
{
    public function test_a_table_carries_what_is_hard_to_carry_and_works_nothing_out(): void
    {
        $csv = implode('', iterator_to_array(Csv::pieces(['name', 'sides (mm)'], [
            ['Say "two", then three', 1.5],
            ["Two\nlines", null],
            ['Zoë 🐟', 3],
            ['=1+1', 0],
            ['+44', 0],
            ['-2', 0],
            ['@cmd', 0],
            ['not taken back', false],
        ])));

        self::assertStringStartsWith("\u{FEFF}name,\"sides (mm)\"\r\n", $csv, 'it says that it is UTF-8, and names its columns with their units');
        self::assertStringContainsString('"Say ""two"", then three",1.5'."\r\n", $csv);
        self::assertStringContainsString("\"Two\nlines\",\r\n", $csv);
        self::assertStringContainsString('"Zoë 🐟",3', $csv);
        foreach (["'=1+1", "'+44", "'-2", "'@cmd"] as $safe) {
            self::assertStringContainsString($safe, $csv);
        }
        self::assertStringContainsString('"not taken back",no', $csv);
        $rows = (new CsvEncoder())->decode(substr($csv, 3), 'csv');
        self::assertCount(8, $rows);
        self::assertSame(1001, \count(explode("\r\n", trim(implode('', iterator_to_array(Csv::pieces(['n'], array_fill(0, 1000, [1]))))))));
    }

    public function test_every_table_tells_what_was_done(): void
    {
        $setUp = $this->plannedHouse();
        $childId = $setUp['sittings'][0]['childId'];
        $path = '/table/'.$setUp['id'];
        $this->ask('POST', $path.'/attempts', $this->tap($setUp, 0, 'at-once'));
        $this->ask('POST', $path.'/attempts', $this->tap($setUp, 1, 'not-yet'));
        $this->ask('DELETE', '/table/attempts/'.$this->tap($setUp, 1, 'x')['id']);
        $this->ask('POST', $path.'/finish', ['ending' => 'done']);
        $this->ask('POST', "/map/$childId/say-count@5/mark", [
            'id' => '0195a000-0000-4000-8000-0000000000a2', 'deviceId' => '0195a000-0000-4000-8000-00000000dddd', 'at' => 1000 * time(),
            'mark' => 'can-do', 'note' => '',
        ]);

        $tries = $this->table('attempts');
        self::assertSame([['at-once', 'Wim', 'no'], ['not-yet', 'Wim', 'yes']], array_map(
            static fn (array $row): array => [$row['outcome'], $row['child'], $row['taken back']],
            $tries,
        ));
        self::assertSame($setUp['name'], $tries[0]['activity']);
        $days = array_values(array_filter($this->table('days'), static fn (array $row): bool => 'done' === $row['state']));
        self::assertSame(['2026-03-04', 'Wim', $setUp['name']], [$days[0]['day'], $days[0]['child'], $days[0]['activity']]);
        self::assertMatchesRegularExpression('/^\d+:\d\d$/', $days[0]['start (h:mm)']);
        self::assertContains(['Can do', '2026-03-04'], array_map(
            static fn (array $row): array => [$row['mark'], $row['can do since']],
            $this->table('record'),
        ));
        self::assertSame(['24', 'corks'], [$this->table('things')[1]['amount (pieces)'], $this->table('things')[1]['name']]);
        self::assertSame([], $this->table('facts'));
    }

    /** @return array<string, mixed> */
    private function list(string $csv, bool $write = false, int $expect = 200): array
    {
        return $this->send('POST', '/cupboard/list'.($write ? '?write=1' : ''), $csv, $expect, 'text/csv');
    }

    public function test_a_list_of_things_is_looked_at_line_by_line_before_it_is_written(): void
    {
        $this->ask('POST', '/cupboard', ['name' => 'Corks', 'amount' => 12], 201);
        $csv = "\u{FEFF}kept at;Thing;Amount (pieces);Longest side (mm)\r\nGalley;Hooks;7;31,5\r\n;corks;20;\r\n;;;\r\nShelf;Beans;1;\r\n";
        $read = $this->list($csv);
        self::assertSame([2, 1, 0, false], [$read['add'], $read['change'], $read['refused'], $read['written']]);
        self::assertSame([
            [2, 'Hooks', 7, 'add', 'new'],
            [3, 'Corks', 20, 'change', '20, was 12'],
            [5, 'Beans', 1, 'add', 'new'],
        ], array_map(array_values(...), $read['lines']));
        self::assertCount(1, $this->ask('GET', '/cupboard')['things'], 'nothing is written yet');

        self::assertTrue($this->list($csv, true)['written']);
        $things = array_column($this->ask('GET', '/cupboard')['things'], null, 'name');
        self::assertSame([20, 7, 'Galley'], [$things['Corks']['amount'], $things['Hooks']['amount'], $things['Hooks']['keptAt']]);
        self::assertEquals([31.5, 31.5, 31.5], $things['Hooks']['size']);
        self::assertSame(['same', 'same', 'same'], array_column($this->list($csv, true)['lines'], 'does'), 'a second time there is nothing to do');
    }

    public function test_one_line_that_cannot_be_read_keeps_all_of_them_out(): void
    {
        $csv = "name,amount,shape,longest side (mm)\nPegs,many,,\nPegs,2.5,,\nRings,5000,,\n<b>,1,,\n"
            ."Cups,3,star,\nCups,4,,9000\nLids,2,,\nlids,3,,\n=1+1,2,,\n";
        $read = $this->list($csv, true);
        self::assertFalse($read['written']);
        self::assertSame([], $this->ask('GET', '/cupboard')['things']);
        $says = array_column($read['lines'], 'says', 'line');
        self::assertStringStartsWith('amount: "many" is no number', $says[2]);
        self::assertSame('amount: An amount is a whole number.', $says[3]);
        self::assertStringStartsWith('amount: An amount is between', $says[4]);
        self::assertStringStartsWith('name: ', $says[5]);
        self::assertStringStartsWith('shape: ', $says[6]);
        self::assertStringStartsWith('size', $says[7]);
        self::assertSame('new', $says[8]);
        self::assertSame('name: This thing stands in the list twice.', $says[9]);
        self::assertSame('new', $says[10]);
    }

    public function test_another_programs_list_is_refused_in_words(): void
    {
        self::assertSame('line 1', $this->list("card,ease,due\n1,250,4\n", expect: 422)['errors'][0]['field']);
        self::assertSame('line 2', $this->list("name,amount\nSch\xFCssel,2\n", expect: 422)['errors'][0]['field'], 'another encoding');
        self::assertSame('line 1', $this->list('', expect: 422)['errors'][0]['field']);
        $long = "name,amount\n".implode("\n", array_map(static fn (int $i): string => "thing $i,1", range(1, 501)));
        self::assertSame('file', $this->list($long, expect: 422)['errors'][0]['field']);
        $out = $this->csv('things');
        self::assertSame([], $this->list($out)['lines'], 'what was taken away can be read again');
    }

    /** @return list<array<string, string>> */
    private function table(string $name): array
    {
        return (new CsvEncoder([CsvEncoder::AS_COLLECTION_KEY => true]))->decode(substr($this->csv($name), 3), 'csv');
    }

    private function csv(string $name): string
    {
        $this->browser->request('GET', '/api/journal/tables/'.$name.'.csv');
        self::assertResponseIsSuccessful();

        return (string) $this->browser->getInternalResponse()->getContent();
    }
}
