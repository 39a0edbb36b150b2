<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Pindle\App\Plan\Plans;
use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Calendar\LocalDate;

/** The table as a device works at it: what it asks by itself is what the house asks, and what it says is kept. */
final class TableTest extends ApiTestCase
{
    private const ADVICE = '0195a000-0000-4000-8000-0000000000ad';

    public function test_a_question_that_the_device_asks_by_itself_is_the_one_that_the_house_asks(): void
    {
        $setUp = $this->withSpares();
        $sitting = $setUp['sittings'][0]['id'];
        $this->tapped($setUp, ['not-yet', 'not-yet']);
        $table = $this->ask('GET', '/table/'.$setUp['id']);
        $script = $table['seats'][0]['script'];
        $smaller = array_values(array_filter($script['spares'], static fn (array $spare): bool => 'smaller-numbers' === $spare['idea']));
        self::assertNotSame([], $smaller);
        $spare = $smaller[0]['turn'];
        $body = ['sittingId' => $sitting, 'idea' => 'smaller-numbers', 'taken' => true, 'id' => self::ADVICE, 'questionId' => $spare['questionId']];

        $after = $this->ask('POST', '/table/'.$setUp['id'].'/advice', $body);
        self::assertSame([$spare['questionId'], $spare['ask']], [$after['turns'][2]['questionId'], $after['turns'][2]['ask']], 'next, and in the same words');
        self::assertNotContains($spare['questionId'], array_column(array_column($after['seats'][0]['script']['spares'], 'turn'), 'questionId'));
        self::assertContains('smaller-numbers', $after['seats'][0]['script']['offered']);
        self::assertSame($after, $this->ask('POST', '/table/'.$setUp['id'].'/advice', $body), 'sent twice it is done once');

        // The same once more has the name that the device gave it.
        $again = ['idea' => 'show-and-ask-again', 'id' => '0195a000-0000-4000-8000-0000000000ae', 'questionId' => '0195a000-0000-4000-8000-0000000000af'];
        $twice = $this->ask('POST', '/table/'.$setUp['id'].'/advice', $again + $body);
        self::assertSame([$again['questionId'], $table['turns'][1]['askAgain']], [$twice['turns'][2]['questionId'], $twice['turns'][2]['ask']]);
        $tap = ['questionId' => $again['questionId']] + $this->tap($setUp, 5, 'at-once', '0195a000-0000-4000-8000-0000000000b0');
        self::assertFalse($this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap)['isOver']);
    }

    public function test_a_tap_at_a_question_made_beforehand_is_kept_whatever_became_of_the_idea(): void
    {
        $setUp = $this->withSpares();
        $spare = $this->ask('GET', '/table/'.$setUp['id'])['seats'][0]['script']['spares'][0]['turn'];
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', ['questionId' => $spare['questionId']] + $this->tap($setUp, 0, 'at-once'));
        $seen = $this->ask('GET', '/map/'.$setUp['sittings'][0]['childId'].'/'.$spare['stepId'])['history']['seen'];
        self::assertSame(['at-once'], array_column($seen, 'outcome'));
    }

    public function test_what_follows_can_be_chosen_otherwise_and_the_next_plan_keeps_to_it(): void
    {
        $setUp = $this->plannedHouse();
        $sitting = $setUp['sittings'][0];
        $choice = ['childId' => $sitting['childId'], 'stepId' => $sitting['step']['id'], 'kind' => 'rest-it'];
        $this->refuse(422, 'stepId', 'POST', '/table/'.$setUp['id'].'/choose', $choice);
        $this->tapped($setUp, ['at-once', 'at-once', 'at-once']);
        $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done']);

        $end = $this->ask('POST', '/table/'.$setUp['id'].'/choose', $choice)['ends'][0];
        self::assertSame(['rest-it', 'You chose it.', '2026-03-06'], [$end['kind'], $end['sentence'], $end['comes']]);
        $plans = self::service(Plans::class);
        $wednesday = LocalDate::parse('2026-03-04');
        self::assertSame([$sitting['step']['id']], array_keys($plans->followUps($wednesday)->resting[$sitting['childId']] ?? []));

        $end = $this->ask('POST', '/table/'.$setUp['id'].'/choose', ['kind' => 'easier'] + $choice)['ends'][0];
        self::assertSame(['easier', null], [$end['kind'], $end['comes']], 'and once more otherwise');
        self::assertSame([$sitting['step']['id'] => DecisionKind::Easier], $plans->followUps($wednesday)->chosen[$sitting['childId']]);
        self::assertSame([], $plans->followUps($wednesday->plusDays(29))->chosen, 'for four weeks');
        $this->refuse(422, 'childId', 'POST', '/table/'.$setUp['id'].'/choose', ['childId' => 'nobody'] + $choice);
        $this->refuse(422, 'stepId', 'POST', '/table/'.$setUp['id'].'/choose', ['stepId' => 'say-count@100'] + $choice);
    }

    public function test_a_note_beside_it_is_kept_and_one_of_a_hundred_kilobytes_is_refused(): void
    {
        $setUp = $this->plannedHouse();
        $kept = $this->ask('PUT', '/table/'.$setUp['id'].'/note', ['note' => "  Lost two corks.\nFound one. "]);
        self::assertSame("Lost two corks.\nFound one.", $kept['note']);
        self::assertSame($kept['note'], $this->ask('GET', '/today')['setUps'][0]['note']);
        $this->refuse(422, 'note', 'PUT', '/table/'.$setUp['id'].'/note', ['note' => str_repeat('x', 501)]);
        $this->refuse(422, 'note', 'PUT', '/table/'.$setUp['id'].'/note', ['note' => str_repeat('x', 100_000)]);
        self::assertSame($kept['note'], $this->ask('GET', '/table/'.$setUp['id'])['note']);
        self::assertNull($this->ask('PUT', '/table/'.$setUp['id'].'/note', ['note' => ' '])['note']);
    }

    public function test_what_was_left_out_is_not_spoken_of_by_a_closing_mark(): void
    {
        $setUp = $this->plannedHouse();
        $questions = $this->questions($setUp);
        $closing = [
            'id' => self::ADVICE,
            'sittingId' => $setUp['sittings'][0]['id'],
            'deviceId' => self::ADVICE,
            'at' => 1000 * time(),
            'mark' => 'all-alone',
            'leftOut' => \array_slice($questions, 1),
        ];
        $this->ask('POST', '/table/'.$setUp['id'].'/closing', $closing);
        $step = $this->ask('GET', '/table/'.$setUp['id'])['turns'][0]['stepId'];
        $seen = $this->ask('GET', '/map/'.$setUp['sittings'][0]['childId'].'/'.$step)['history']['seen'];
        self::assertStringNotContainsString(\count($questions).' questions', (string) $seen[0]['note']);
        $this->refuse(422, 'leftOut', 'POST', '/table/'.$setUp['id'].'/closing', ['leftOut' => array_fill(0, 41, 'x')] + $closing);
    }

    public function test_what_happens_most_comes_first_among_the_chips(): void
    {
        $setUp = $this->withSpares();
        $methods = $this->ask('GET', '/table/'.$setUp['id'])['turns'][1]['methods'];
        $last = $methods[\count($methods) - 1];
        self::assertGreaterThan(1, \count($methods));
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', ['method' => $last] + $this->tap($setUp, 0, 'at-once'));
        self::assertSame([$last, ...\array_slice($methods, 0, -1)], $this->ask('GET', '/table/'.$setUp['id'])['turns'][1]['methods']);
    }

    public function test_things_say_where_they_are_kept(): void
    {
        $this->plannedHouse();
        $thing = $this->ask('GET', '/cupboard')['things'][0];
        $fields = array_intersect_key($thing, array_flip(['name', 'amount', 'size', 'shape', 'traits', 'allergens', 'version']));
        $this->ask('PUT', '/cupboard/'.$thing['id'], $fields + ['keptAt' => ' blue tin ']);
        foreach ($this->ask('GET', '/today')['setUps'] as $setUp) {
            foreach ($this->ask('GET', '/table/'.$setUp['id'])['gather'] as $one) {
                self::assertSame(str_contains($one['words'], $thing['name']) ? 'blue tin' : null, $one['keptAt']);
            }
        }
        self::assertSame('blue tin', $this->ask('GET', '/cupboard')['things'][0]['keptAt']);
        $this->refuse(422, 'keptAt', 'PUT', '/cupboard/'.$thing['id'], ['keptAt' => str_repeat('x', 61)] + $fields);
    }

    public function test_things_on_the_screen_come_in_their_sizes(): void
    {
        $all = $this->ask('GET', '/table/stand-ins')['standIns'];
        $sizes = [];
        foreach ($all as $one) {
            $sizes[$one['kind']][] = $one['size'];
        }
        self::assertSame([11, [5, 10, 20]], [\count($sizes), $sizes['frame']]);
    }

    /** @return array<string, mixed> a set-up for one child that has questions made beforehand, nothing else being planned */
    private function withSpares(): array
    {
        $this->plannedHouse();
        foreach ($this->ask('GET', '/today')['setUps'] as $setUp) {
            $table = $this->ask('GET', '/table/'.$setUp['id']);
            $spares = array_filter($table['seats'][0]['script']['spares'], static fn (array $one): bool => 'smaller-numbers' === $one['idea']);
            if (\count($table['turns'][1]['methods'] ?? []) > 1 && [] !== $spares) {
                return $setUp;
            }
        }
        self::fail('Nothing planned has questions made beforehand.');
    }

    /**
     * @param array<string, mixed> $setUp
     * @param list<string>         $outcomes
     */
    private function tapped(array $setUp, array $outcomes): void
    {
        foreach ($outcomes as $i => $outcome) {
            $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, $i, $outcome));
        }
    }
}
