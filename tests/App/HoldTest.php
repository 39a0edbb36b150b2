<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\DBAL\Connection;

/** A day that is begun keeps what is planned for the rest of it; what a device was given stays true. */
final class HoldTest extends ApiTestCase
{
    public function test_the_rest_of_a_begun_day_keeps_its_activities_and_things(): void
    {
        [$first, $rest] = $this->begunDay();
        $before = array_map(self::kept(...), $rest);
        $this->ask('POST', '/table/'.$first['id'].'/finish', ['ending' => 'done']);
        $this->addChild('Lark', '2018-01-01');

        $after = array_column(array_map(self::kept(...), $this->ask('GET', '/today')['setUps']), null, 'id');
        foreach ($before as $one) {
            self::assertSame($one, $after[$one['id']] ?? null);
        }
        self::assertNotSame([], $before);
    }

    public function test_the_parent_may_ask_otherwise(): void
    {
        [$first, $rest] = $this->begunDay();
        $before = array_column($rest, 'id');
        $after = array_column($this->ask('POST', '/today/plan', ['windows' => [[540, 552], [1200, 1206]]])['setUps'], 'id');

        self::assertContains($first['id'], $after, 'what is begun stays');
        self::assertNotSame([$first['id'], ...$before], $after);
    }

    public function test_a_missing_thing_is_no_longer_planned_with(): void
    {
        [, $rest] = $this->begunDay();
        $thing = array_merge(...array_column($rest, 'laid'))[0]['thingId'];
        $this->ask('DELETE', '/cupboard/'.$thing, null, 204);

        foreach ($this->ask('GET', '/today')['setUps'] as $setUp) {
            if ('planned' === $setUp['state']) {
                self::assertNotContains($thing, array_column($setUp['laid'], 'thingId'));
            }
        }
    }

    public function test_changed_questions_are_a_new_revision_and_a_tap_is_recorded_on_the_question_as_it_was_asked(): void
    {
        [$first, $rest] = $this->begunDay();
        [$held, $sitting] = [$rest[0], $rest[0]['sittings'][0]];
        $shown = $this->ask('GET', '/table/'.$held['id'])['turns'];
        $connection = self::service(Connection::class);
        self::assertSame(1, (int) $connection->fetchOne('SELECT revision FROM set_up WHERE id = ?', [$held['id']]));
        // What the parent says of the step changes what is asked of it.
        $this->ask('POST', '/map/'.$sitting['childId'].'/wanted', ['on' => false, 'stepId' => $sitting['step']['id']]);
        $this->ask(
            'POST',
            '/map/'.$sitting['childId'].'/'.$sitting['step']['id'].'/mark',
            [
                'id' => '0195a000-0000-4000-8000-0000000000ab',
                'mark' => 'can-do',
                'note' => '',
                'deviceId' => '0195a000-0000-4000-8000-00000000dddd',
                'at' => 1000 * time(),
            ],
        );
        $this->ask('POST', '/table/'.$first['id'].'/finish', ['ending' => 'done']);
        $now = $this->ask('GET', '/today')['setUps'];
        self::assertContains($held['id'], array_column($now, 'id'));
        $asked = $this->ask('GET', '/table/'.$held['id'])['turns'];
        self::assertNotSame(array_column($shown, 'questionId'), array_column($asked, 'questionId'));
        self::assertSame(
            [2, 1],
            [
                (int) $connection->fetchOne('SELECT revision FROM set_up WHERE id = ?', [$held['id']]),
                (int) $connection->fetchOne('SELECT COUNT(*) FROM revision WHERE set_up_id = ?', [$held['id']]),
            ],
        );

        $old = array_values(array_filter(
            $shown,
            static fn (array $turn): bool => $turn['stepId'] === $sitting['step']['id'] && !\in_array(
                $turn['questionId'],
                array_column($asked, 'questionId'),
                true,
            ),
        ))[0];
        $this->ask(
            'POST',
            '/table/'.$held['id'].'/attempts',
            ['sittingId' => $sitting['id'], 'questionId' => $old['questionId']] + $this->tap($first, 1, 'at-once'),
        );
        $row = $connection->fetchAssociative('SELECT step_id, question_id FROM attempt WHERE question_id = ?', [$old['questionId']]);
        self::assertSame(['step_id' => $sitting['step']['id'], 'question_id' => $old['questionId']], $row);
        $this->refuse(
            422,
            'questionId',
            'POST',
            '/table/'.$held['id'].'/attempts',
            ['sittingId' => $sitting['id'], 'questionId' => 'nobody-asked'] + $this->tap($first, 2, 'at-once'),
        );
    }

    public function test_revisions_stay_fourteen_days(): void
    {
        [, $rest] = $this->begunDay();
        $connection = self::service(Connection::class);
        foreach (['2026-02-17', '2026-02-18'] as $i => $date) {
            $connection->executeStatement(
                "INSERT INTO revision (set_up_id, revision, date, sittings) VALUES (?, ?, ?, '[]')",
                [$rest[0]['id'], 90 + $i, $date],
            );
        }
        $this->ask('POST', '/today/plan', ['quiet' => true]);

        self::assertSame(['2026-02-18'], $connection->fetchFirstColumn('SELECT date FROM revision WHERE revision >= 90'));
    }

    /** @return array{array<string, mixed>, list<array<string, mixed>>} the set-up that is begun, and what is planned after it */
    private function begunDay(): array
    {
        $this->addChild('Wim', '2020-06-01');
        $jet = $this->addChild('Jet', '2021-06-01');
        foreach (['count-out@5', 'touch-count@5'] as $step) {
            $this->ask('POST', "/map/$jet/wanted", ['on' => true, 'stepId' => $step]);
        }
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids', 'wooden-blocks']]);
        $setUps = $this->ask('POST', '/today/plan', ['windows' => [[540, 640]]])['setUps'];
        self::assertGreaterThan(1, \count($setUps));
        // What is begun is the last, so that all before it are still to come.
        $begun = array_pop($setUps);
        $this->ask('POST', '/table/'.$begun['id'].'/attempts', $this->tap($begun, 0, 'at-once'));
        self::assertNotSame([], array_merge(...array_column($setUps, 'laid')));

        return [$begun, array_values($setUps)];
    }

    /**
     * @param array<string, mixed> $setUp
     *
     * @return array<string, mixed>
     */
    private static function kept(array $setUp): array
    {
        return ['id' => $setUp['id'], 'activity' => $setUp['activityId'], 'things' => array_column($setUp['laid'], 'thingId')];
    }
}
