<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Pindle\App\Household\Children;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\LocalDate;

/** Children and things: what is kept, what is used at once. */
final class HouseholdTest extends ApiTestCase
{
    public function test_a_name_and_a_birth_date_are_enough_and_the_rest_is_guessed(): void
    {
        $child = $this->ask('POST', '/children', ['name' => '  Wim ', 'born' => '2021-06-01'], 201);

        self::assertSame('Wim', $child['name']);
        self::assertSame(57, $child['ageMonths']);
        self::assertSame([12, 21, true], [$child['longestSittingUsed'], $child['minutesUsed'], $child['mayBeAloneUsed']]);
        self::assertSame(['Wim'], array_column($this->ask('GET', '/children')['present'], 'name'));
    }

    public function test_changes_on_two_devices_do_not_undo_one_another(): void
    {
        $child = $this->ask('POST', '/children', ['name' => 'Wim'], 201);
        $this->ask('PUT', '/children/'.$child['id'], ['name' => 'Willem', 'version' => $child['version']]);

        $this->refuse(409, 'version', 'PUT', '/children/'.$child['id'], ['name' => 'Wilhelmina', 'version' => $child['version']]);
        $this->refuse(422, 'version', 'PUT', '/children/'.$child['id'], ['name' => 'Wilhelmina']);
        self::assertSame('Willem', $this->ask('GET', '/children')['present'][0]['name']);
    }

    public function test_an_archived_child_comes_back_whole(): void
    {
        $id = $this->addChild('Wim', '2021-06-01');
        $this->ask('POST', '/children/'.$id.'/archive');

        self::assertSame([], $this->ask('GET', '/children')['present']);
        self::assertSame('Wim', $this->ask('GET', '/children')['archived'][0]['name']);
        $this->refuse(404, 'childId', 'GET', '/map/'.$id);
        $this->ask('POST', '/children/'.$id.'/restore');
        self::assertSame('Wim', $this->ask('GET', '/map/'.$id)['childName']);
    }

    public function test_the_seventh_child_is_told_why_not(): void
    {
        foreach (range(1, 6) as $i) {
            $this->ask('POST', '/children', ['name' => 'Child '.$i], 201);
        }
        $this->refuse(422, 'name', 'POST', '/children', ['name' => 'Child 7']);
        self::assertSame([0, 1, 2, 3, 4, 5], array_column($this->ask('GET', '/children')['present'], 'thread'));
    }

    public function test_a_new_thing_and_a_new_child_are_used_at_once(): void
    {
        $this->plannedHouse('2023-06-01');
        $lark = $this->addChild('Lark', '2023-06-01');
        $day = $this->ask('GET', '/today');
        self::assertContains('Lark', array_column($day['children'], 'name'));
        self::assertContains($lark, array_merge(...array_map(static fn (array $setUp): array => array_column($setUp['sittings'], 'childId'), $day['setUps'])));

        foreach ($this->ask('GET', '/cupboard')['things'] as $thing) {
            $this->ask('DELETE', '/cupboard/'.$thing['id'], null, 204);
        }
        self::assertSame([], $this->ask('GET', '/today')['bring']);
        $this->ask('POST', '/cupboard', ['name' => 'mooring pins', 'amount' => 40, 'size' => [40, 40, 70], 'shape' => 'block'], 201);
        $this->ask('POST', '/map/'.$lark.'/wanted', ['on' => true, 'stepId' => 'count-out@3']);
        $this->ask('POST', '/activities/fetch-me/use', null, 204);
        self::assertSame(['mooring pins'], array_unique(array_column($this->ask('GET', '/today')['bring'], 'name')));
    }

    public function test_a_thing_says_who_it_is_kept_from(): void
    {
        $this->addChild('Tiny', '2024-08-01');
        $thing = $this->ask('POST', '/cupboard', ['name' => 'glass beads', 'amount' => 12], 201);

        self::assertSame('glass bead', $thing['single']);
        self::assertTrue($thing['safety'][0]['blocked'], 'not measured: counts as small');
        self::assertStringContainsString('Tiny', $thing['safety'][0]['say']);
        self::assertNotSame('', $thing['safety'][0]['source']);
    }

    public function test_so_many_more_on_two_devices_add_up_and_stay_in_their_range(): void
    {
        $thing = $this->ask('POST', '/cupboard', ['name' => 'spools', 'amount' => 4], 201);
        foreach ([1, 1, 1, -1] as $by) {
            $now = $this->ask('POST', '/cupboard/'.$thing['id'].'/amount', ['by' => $by]);
        }

        self::assertSame([6, $thing['version'] + 4], [$now['amount'], $now['version']]);
        self::assertSame(0, $this->ask('POST', '/cupboard/'.$thing['id'].'/amount', ['by' => -7])['amount']);
        self::assertSame(1000, $this->ask('POST', '/cupboard/'.$thing['id'].'/amount', ['by' => 1000])['amount']);
        self::assertSame(1000, $this->ask('POST', '/cupboard/'.$thing['id'].'/amount', ['by' => 1])['amount']);
        $this->refuse(422, 'by', 'POST', '/cupboard/'.$thing['id'].'/amount', ['by' => 1001]);
        $this->refuse(404, 'id', 'POST', '/cupboard/0195a000-0000-7000-8000-000000000000/amount', ['by' => 1]);
    }

    public function test_the_plan_of_a_new_child_starts_from_the_age_where_it_is_known(): void
    {
        [$old, $unknown] = [$this->addChild('Wim', '2020-01-01'), $this->addChild('Jet', null)];
        $children = array_column($this->ask('GET', '/children')['present'], null, 'id');
        self::assertSame(['age', 'nothing'], [$children[$old]['startsFrom'], $children[$unknown]['startsFrom']]);

        $day = $this->ask('POST', '/today/plan', ['windows' => [[540, 640]]]);
        $steps = [];
        foreach (array_merge(...array_column($day['setUps'], 'sittings')) as $sitting) {
            $steps[$sitting['childId']][] = $sitting['step']['id'];
        }
        self::assertArrayNotHasKey($unknown, $steps, 'nobody is planned for whose age nobody knows');
        self::assertStringContainsString('when Jet was born', array_column($day['children'], null, 'id')[$unknown]['nothing']);
        self::assertNotSame(
            [],
            array_merge(...array_map(fn (string $step): array => $this->ask('GET', "/map/$old/$step")['needs'], $steps[$old])),
            'at six a child has the first steps behind him',
        );
        // A birth date that is said later is used from then on.
        $this->ask('PUT', '/children/'.$unknown, ['name' => 'Jet', 'born' => '2020-01-01', 'version' => $children[$unknown]['version']]);
        self::assertSame('age', array_column($this->ask('GET', '/children')['present'], 'startsFrom', 'id')[$unknown]);
    }

    public function test_ticking_twice_keeps_one(): void
    {
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks']]);
        $cupboard = $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'socks']]);

        self::assertSame(['corks', 'socks'], array_column($cupboard['things'], 'name'));
        $this->refuse(422, 'shipped.0', 'POST', '/cupboard/tick', ['shipped' => ['anvils']]);
    }

    /** @return iterable<string, array{string, string, bool}> what a parent calls a thing, a rule that speaks about it, whether it is kept off the table */
    public static function dangers(): iterable
    {
        yield 'marbles' => ['marbles', 'Goes into noses', false];
        yield 'in capitals' => ['MARBLES', 'Goes into noses', false];
        yield 'with an accent' => ['márbles', 'Goes into noses', false];
        yield 'honey cake' => ['honey cake', 'Not for Tiny: allergy: wheat', true];
        yield 'string' => ['string', 'Not for Tiny: long cord', true];
        yield 'grapes' => ['Grapes', 'Cut it up', false];
    }

    #[DataProvider('dangers')]
    public function test_a_thing_of_their_own_is_known_by_its_name(string $name, string $short, bool $isKeptOff): void
    {
        $this->ask('POST', '/children', ['name' => 'Tiny', 'born' => '2023-06-01', 'allergies' => ['gluten', 'wheat']], 201);
        $thing = $this->ask('POST', '/cupboard', ['name' => $name, 'amount' => 12, 'size' => [100, 100, 300], 'shape' => 'block'], 201);

        $shorts = array_column($thing['safety'], 'blocked', 'short');
        self::assertArrayHasKey($short, $shorts);
        self::assertSame($isKeptOff, $shorts[$short]);
    }

    public function test_what_is_never_used_is_refused_by_any_name_and_nothing_is_stored(): void
    {
        foreach (['AA battery', 'NEEDLE', 'needles', 'Magnets', 'matches', 'water beads'] as $name) {
            $this->refuse(422, 'name', 'POST', '/cupboard', ['name' => $name, 'amount' => 3]);
        }
        self::assertSame([], $this->ask('GET', '/cupboard')['things']);
    }

    public function test_a_birth_date_is_no_day_to_come_and_not_more_than_18_years_ago(): void
    {
        $today = LocalDate::parse('2026-11-26');
        $refused = [];
        foreach (['2026-11-27', '2026-11-26', '2008-11-26', '2008-10-26'] as $born) {
            try {
                Children::mustBeBirthDate($born, $today, 'born');
            } catch (Refusal $refusal) {
                self::assertSame([422, 'born'], [$refusal->status, $refusal->field]);
                $refused[$born] = $refusal->getMessage();
            }
        }
        self::assertSame(['2026-11-27' => 'A birth date can not be in the future.', '2008-10-26' => 'That is more than 18 years ago.'], $refused);
    }

    public function test_what_stacks_and_rolls_is_asked_about_in_words_and_what_it_can_is_kept(): void
    {
        $ball = ['name' => 'wooden balls', 'amount' => 9, 'size' => [60, 60, 60], 'shape' => 'ball'];
        $this->refuse(422, 'can.1', 'POST', '/cupboard', $ball + ['can' => ['sounds', 'stacks']]);
        $this->refuse(422, 'can.0', 'POST', '/cupboard', $ball + ['can' => ['flies']]);
        self::assertSame([], $this->ask('GET', '/cupboard')['things'], 'nothing is stored');

        $thing = $this->ask('POST', '/cupboard', $ball + ['can' => ['sounds']], 201);
        self::assertSame(['sounds'], $thing['can']);
        $usual = $this->ask('POST', '/cupboard', ['shape' => 'disc', 'can' => null] + $ball, 201);
        self::assertSame(['lies-still', 'covers'], $usual['can'], 'what is usual for the shape, where nobody was asked');
    }

    public function test_an_allergy_in_any_word_is_kept_and_a_word_nobody_knows_is_said_so(): void
    {
        $id = $this->ask('POST', '/children', ['name' => 'Wim', 'born' => '2018-06-01', 'allergies' => [' dairy', 'Nuts ', 'xyz']], 201)['id'];
        $child = array_column($this->ask('GET', '/children')['present'], null, 'id')[$id];
        self::assertSame(['dairy', 'nuts', 'xyz'], $child['allergies']);
        self::assertSame(['xyz'], $child['allergiesAsked']);

        $said = static fn (array $thing): array => array_column($thing['safety'], 'short');
        self::assertContains('Not for Wim: allergy: dairy', $said($this->ask('POST', '/cupboard', ['name' => 'cheese', 'amount' => 3], 201)));
        self::assertContains('Ask: xyz?', $said($this->ask('POST', '/cupboard', ['name' => 'crackers', 'amount' => 3], 201)));
    }
}
