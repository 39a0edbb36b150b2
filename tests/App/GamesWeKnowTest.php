<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

/** The games a house knows: what counts as known, what would open most, how many new ones may come. */
final class GamesWeKnowTest extends ApiTestCase
{
    public function test_a_game_is_known_by_two_uses_or_a_tick_and_what_would_open_most_is_for_somebody(): void
    {
        $setUp = $this->plannedHouse();
        $before = $this->ask('GET', '/repertoire');
        self::assertSame([[], 2], [$before['games'], $before['aWeek']]);
        self::assertNotSame([], $before['opens']);
        self::assertLessThanOrEqual(5, \count($before['opens']));
        self::assertStringContainsString('Wim: ', $before['opens'][0]['why']);

        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done']);
        $told = $before['opens'][0]['id'];
        $this->ask('PUT', '/activities/'.$told.'/known', ['known' => true], 204);
        $after = $this->ask('GET', '/repertoire');
        $games = array_column($after['games'], null, 'id');
        self::assertSame([true, true], [$games[$told]['known'], $games[$told]['told']]);
        self::assertNotContains($told, array_column($after['opens'], 'id'));
        if (isset($games[$setUp['activityId']]) && $setUp['activityId'] !== $told) {
            self::assertSame([1, false], [$games[$setUp['activityId']]['uses'], $games[$setUp['activityId']]['known']]);
        }

        $this->ask('PUT', '/activities/'.$told.'/known', ['known' => false], 204);
        self::assertFalse(array_column($this->ask('GET', '/repertoire')['games'], 'told', 'id')[$told] ?? false);
    }

    public function test_from_none_to_five_new_ones_a_week(): void
    {
        foreach ([0, 5] as $aWeek) {
            $this->ask('PUT', '/repertoire', ['aWeek' => $aWeek], 204);
            self::assertSame($aWeek, $this->ask('GET', '/repertoire')['aWeek']);
        }
        $this->refuse(422, 'aWeek', 'PUT', '/repertoire', ['aWeek' => 6]);
        $this->refuse(422, 'aWeek', 'PUT', '/repertoire', ['aWeek' => -1]);
        $this->refuse(404, 'id', 'PUT', '/activities/no-such-game/known', ['known' => true]);
    }
}
