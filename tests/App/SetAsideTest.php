<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Pindle\App\Household\Activities;
use Pindle\App\Platform\Database\RowTried;
use Pindle\App\Platform\Database\SetAside;
use Pindle\App\Platform\NotWritten;
use Symfony\Component\EventDispatcher\EventDispatcherInterface;

/** What is stored and cannot be read closes no room: it is set aside, named in the House, and everything else works. */
final class SetAsideTest extends ApiTestCase
{
    /** @return iterable<string, array{non-empty-string, string}> what the House says, and how the row is broken */
    public static function damage(): iterable
    {
        yield 'a thing whose sides are nothing' => ['A thing of the cupboard: corks', "UPDATE thing SET size = '[null,null,null]' WHERE name = 'corks'"];
        yield 'a thing whose traits are no list' => ['A thing of the cupboard: corks', "UPDATE thing SET traits = '{\"a\":1}' WHERE name = 'corks'"];
        yield 'a thing that is no JSON' => ['A thing of the cupboard: corks', "UPDATE thing SET allergens = '[\"whe' WHERE name = 'corks'"];
        yield 'a thing of an unknown shape' => ['A thing of the cupboard: corks', "UPDATE thing SET shape = 'hyper' WHERE name = 'corks'"];
        yield 'a child born on no day' => ['A child.', "UPDATE child SET born = '2021-13-45'"];
        yield 'a child whose sleep ends before it starts' => ['A child.', "UPDATE child SET rests = '[[800,700]]'"];
        yield 'a try with an unknown outcome' => ['A try: 2026-03-04', "UPDATE attempt SET outcome = 'brilliant'"];
        yield 'a try on no day' => ['A try: 2026-02-30', "UPDATE attempt SET day = '2026-02-30'"];
        yield 'a kept state' => ['Something that was worked out', "UPDATE step_state SET state = '\"p\"'"];
        yield 'a sitting without questions that can be read' => ['Something planned: 2026-03-04', "UPDATE sitting SET questions = '[7]'"];
        yield 'a set-up in no place' => ['Something planned: 2026-03-04', "UPDATE set_up SET place = 'moon'"];
        yield 'a day with hours that are none' => ['Something planned: 2026-03-04', "UPDATE day SET windows = '[[700,600]]'"];
        yield 'a zone that does not exist' => [
            'What the house chose',
            "INSERT INTO house (id, settings, version, zone) VALUES (1, '{}', 1, 'Europe/Atlantis')",
        ];
        yield 'a holiday that ends before it starts' => [
            'How the week is used',
            'INSERT INTO week (id, week, before) VALUES (1, \'{"usual":{},"once":{},"holidays":[["2026-03-06","2026-03-05"]],"away":{}}\', \'[]\')',
        ];
        yield 'an appointment at no time' => [
            'What was given to a calendar: 2026-03-05',
            "INSERT INTO filed VALUES ('2026-03-05 0', 'uid', '2026-03-05', 600, 540, 'Maths', '', 0, NULL)",
        ];
        yield 'what the house chose' => ['What the house chose', "INSERT INTO house (id, settings, version) VALUES (1, '\"fingers\"', 1)"];
    }

    /** @param non-empty-string $named */
    #[DataProvider('damage')]
    public function test_it_is_set_aside_and_every_room_opens(string $named, string $damage): void
    {
        $setUp = $this->plannedHouse();
        $childId = $setUp['sittings'][0]['childId'];
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        $this->anew();
        self::assertGreaterThan(0, self::service(EntityManagerInterface::class)->getConnection()->executeStatement($damage));

        foreach (['/today', '/week', '/children', '/cupboard', '/activities', '/map/'.$childId] as $room) {
            $this->opens($room);
        }
        // What no room needed just now is found at the next start.
        $this->anew();
        self::service(SetAside::class)->sweep();
        $house = $this->opens('/house');
        self::assertStringStartsWith($named, $house['setAside'][0]['what'] ?? 'nothing');
        self::assertSame('2026-03-04', $house['setAside'][0]['on']);
        // And work goes on.
        $this->ask('POST', '/today/plan', []);
    }

    public function test_a_child_that_cannot_be_read_is_kept_from_everything(): void
    {
        $setUp = $this->plannedHouse();
        $this->anew();
        self::service(EntityManagerInterface::class)->getConnection()->executeStatement("UPDATE child SET born = 'soon', allergies = 'none'");
        $child = $this->opens('/children')['present'][0];

        self::assertSame([$setUp['sittings'][0]['childId'], 'Wim', null], [$child['id'], $child['name'], $child['born']]);
        self::assertContains('wheat', $child['allergies']);
        $corks = array_column($this->opens('/cupboard')['things'], null, 'name')['corks'];
        $blocked = static fn (array $caution): bool => $caution['blocked'] && str_contains($caution['say'], 'Wim');
        self::assertNotSame([], array_filter($corks['safety'], $blocked));
    }

    public function test_an_own_activity_that_fails_later_is_set_aside(): void
    {
        $this->plannedHouse();
        $connection = self::service(EntityManagerInterface::class)->getConnection();
        $this->anew();
        $data = self::service(Activities::class)->data('frame-set');
        $data['things'][0]['count'] = 'n / (n - 2)';
        $connection = self::service(EntityManagerInterface::class)->getConnection();
        $huge = json_encode(['name' => str_repeat('x', 1_100_000)]);
        foreach (['own-late' => json_encode($data), 'own-cut' => '{"name": "Half', 'own-huge' => $huge] as $id => $json) {
            $connection->insert('own_activity', ['id' => $id, 'data' => $json, 'version' => 1]);
        }
        foreach (['/activities', '/today', '/cupboard/lacking'] as $room) {
            $this->opens($room);
        }
        $this->ask('POST', '/today/plan', []);
        $said = array_column($this->opens('/house')['setAside'], 'what');
        self::assertCount(3, $said, implode(' | ', $said));
    }

    /** As in life, every request begins with nothing in its hands. */
    private function anew(): void
    {
        self::ensureKernelShutdown();
        $this->setUp();
    }

    /** @return array<string, mixed> */
    private function opens(string $room): array
    {
        $this->anew();
        $this->browser->request('GET', '/api'.$room);
        // What was set aside sends the browser to the same place once more.
        if (307 === $this->browser->getResponse()->getStatusCode()) {
            self::assertSame('/api'.$room, $this->browser->getResponse()->headers->get('Location'));
            $this->anew();
        }

        return $this->ask('GET', $room);
    }

    /** A disk without room, or one that does not answer, fails while a row is read: that says nothing of the row. */
    public function test_what_fails_for_another_reason_than_what_is_in_a_row_sets_none_aside(): void
    {
        $this->plannedHouse();
        $this->anew();
        $connection = self::service(EntityManagerInterface::class)->getConnection();
        $count = static fn (): array => array_map(
            static fn (string $table): int => (int) $connection->fetchOne('SELECT COUNT(*) FROM '.$table),
            ['child', 'thing', 'sitting', 'set_aside'],
        );
        $before = $count();
        $events = self::getContainer()->get('event_dispatcher');
        self::assertInstanceOf(EventDispatcherInterface::class, $events);
        $fails = static fn () => throw NotWritten::at('/nowhere/at/all');
        $events->addListener(RowTried::class, $fails);
        try {
            self::service(SetAside::class)->sweep();
            self::fail('It was not said.');
        } catch (NotWritten) {
            self::assertSame($before, $count());
        } finally {
            $events->removeListener(RowTried::class, $fails);
        }
        // Within a request what it failed of is answered, and nothing is set aside.
        self::assertSame(0, self::service(SetAside::class)->sweep());
    }
}
