<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Pindle\App\Household\Children;
use Pindle\App\Rooms\Children\LookTasks;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Tests\Make;

/** A first look over the API: begun, answered, stopped, gone on with, over. */
final class FirstLookTest extends ApiTestCase
{
    public function test_it_runs_to_its_end_and_places_the_child(): void
    {
        $childId = $this->addChild('Wim', '2021-06-01');
        $path = "/children/$childId/first-look";
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'jar-lids']]);
        self::assertSame('none', $this->ask('GET', $path)['state']);
        $this->refuse(422, 'canAlready.0', 'POST', $path, ['canAlready' => ['fly@10']]);
        $look = $this->ask('POST', $path, ['canAlready' => ['say-count@5']]);
        self::assertSame('open', $look['state']);
        $this->refuse(409, 'childId', 'POST', $path, ['canAlready' => []]);

        $asked = [];
        for ($i = 0; 'open' === $look['state']; ++$i) {
            $asked[] = $look['task']['step']['id'];
            self::assertDoesNotMatchRegularExpression('/[{}]/', $look['task']['ask'].$look['task']['lookFor']);
            $look = $this->ask('POST', $path.'/answers', $this->answer($i, $look['task']['step']['id'], $i % 3 ? 'at-once' : 'not-yet'));
        }
        self::assertSame('over', $look['state']);
        self::assertCount(12, array_unique($asked));
        self::assertGreaterThan(0, $look['there']);
        $map = $this->ask('GET', '/map/'.$childId);
        $cells = array_merge(...array_map(static fn (array $skill): array => $skill['cells'], array_merge(...array_column($map['strands'], 'skills'))));
        self::assertSame($look['unsure'] > 0, [] !== array_filter($cells, static fn (array $cell): bool => $cell['unsure']));
        self::assertNotSame([], array_filter($cells, static fn (array $cell): bool => $cell['standing']['taken']), 'what was not asked but follows');
        self::assertSame('look', $this->ask('GET', '/children')['present'][0]['startsFrom']);
    }

    public function test_it_stops_for_the_day_when_the_longest_sitting_is_full_and_one_answer_can_be_taken_back(): void
    {
        $childId = (string) $this->ask('POST', '/children', ['name' => 'Wim', 'born' => '2022-06-01', 'longestSitting' => 3], 201)['id'];
        $path = "/children/$childId/first-look";
        $look = $this->ask('POST', $path, ['canAlready' => []]);
        for ($i = 0; $i < 3; ++$i) {
            self::assertSame(3 - $i, $look['leftToday']);
            $look = $this->ask('POST', $path.'/answers', $this->answer($i, $look['task']['step']['id'], 'at-once'));
        }
        self::assertSame('enough-today', $look['state']);
        self::assertNull($look['task']);

        $back = $this->ask('DELETE', $path.'/answers/last');
        self::assertSame(['open', 2], [$back['state'], $back['done']]);
        $this->refuse(409, 'stepId', 'POST', $path.'/answers', $this->answer(8, 'form-numeral@10', 'at-once'));
        $twice = $this->answer(9, $back['task']['step']['id'], 'not-yet');
        self::assertSame($this->ask('POST', $path.'/answers', $twice), $this->ask('POST', $path.'/answers', $twice), 'sent twice, recorded once');
        self::assertSame('over', $this->ask('POST', $path.'/stop', [])['state']);
        $this->refuse(409, 'childId', 'POST', $path.'/stop', []);
    }

    /** With things of the house, and in a house that has none: numbers, sentence, answer and picture; as many things as are drawn. */
    public function test_every_task_comes_whole(): void
    {
        foreach ([[], ['corks', 'clothes-pegs', 'jar-lids', 'teaspoons', 'rope-rings']] as $shipped) {
            $childId = $this->addChild('Wim', '2020-06-01');
            if ([] !== $shipped) {
                $this->ask('POST', '/cupboard/tick', ['shipped' => $shipped]);
            }
            [$children, $tasks] = [self::getContainer()->get(Children::class), self::getContainer()->get(LookTasks::class)];
            self::assertInstanceOf(Children::class, $children);
            self::assertInstanceOf(LookTasks::class, $tasks);
            $child = $children->child($childId, LocalDate::parse('2026-03-04'));
            foreach (Make::wholeMap()->steps as $step) {
                $task = $tasks->task($step, 1, $child, 'a-look');
                self::assertDoesNotMatchRegularExpression('/[{}]/', $task->ask.$task->answer.$task->picture, $step->id);
                self::assertNotSame('', $task->answer, $step->id);
                $isFound = 'compare-size' === $step->skill->id && '' === $task->picture;
                self::assertSame([] === $step->forms || $isFound, '' === $task->picture, $step->id.' is to be seen');
                self::assertTrue(!$isFound || [] !== $task->bring);
                self::assertTrue([] === $shipped || !$task->onScreen || [] === $task->bring, $step->id);
                self::assertTrue([] !== $shipped || $isFound || [] === $task->bring, $step->id);
            }
        }
        $give = $tasks->task(Make::wholeMap()->step('count-out@10'), 1, $child, 'a-look');
        self::assertMatchesRegularExpression('/^(\d+) /', $give->bring[0]);
        self::assertStringContainsString('3 are to spare', $give->spare);
    }

    public function test_what_comes_next_is_known_beforehand_whatever_the_answer(): void
    {
        $childId = $this->addChild('Wim', '2021-06-01');
        $path = "/children/$childId/first-look";
        $look = $this->ask('POST', $path, ['canAlready' => []]);
        foreach (['atOnce' => 'at-once', 'notYet' => 'not-yet', 'withHelp' => 'with-help'] as $name => $outcome) {
            $ahead = $this->ask('GET', $path.'/ahead')[$name];
            $look = $this->ask('POST', $path.'/answers', $this->answer($look['done'], $look['task']['step']['id'], $outcome));
            self::assertSame($ahead, $look);
        }
    }

    public function test_after_three_that_did_not_go_an_easy_one_comes_and_it_may_be_enough(): void
    {
        $childId = $this->addChild('Wim', '2019-06-01');
        $path = "/children/$childId/first-look";
        $look = $this->ask('POST', $path, ['canAlready' => []]);
        foreach ([0, 1, 2] as $i) {
            self::assertFalse($look['isHard']);
            $look = $this->ask('POST', $path.'/answers', $this->answer($i, $look['task']['step']['id'], 'not-yet'));
        }
        self::assertTrue($look['isHard']);
        self::assertFalse($this->ask('POST', $path.'/answers', $this->answer(3, $look['task']['step']['id'], 'at-once'))['isHard']);
    }

    public function test_an_answer_taken_back_leaves_nothing_behind(): void
    {
        $childId = $this->addChild('Wim', '2021-06-01');
        $path = "/children/$childId/first-look";
        $beliefs = fn (): array => array_map(
            static fn (array $cell): array => [$cell['id'] ?? $cell['stepId'], $cell['standing']['taken'], $cell['unsure'], $cell['ready']],
            $this->cells($childId),
        );
        $look = $this->ask('POST', $path, ['canAlready' => []]);
        [$before, $believed] = [$beliefs(), $this->ask('GET', '/map/'.$childId.'/'.$look['task']['step']['id'])['p']];
        self::assertSame('age', $this->ask('GET', '/children')['present'][0]['startsFrom']);

        $this->ask('POST', $path.'/answers', $this->answer(0, $look['task']['step']['id'], 'not-yet'));
        self::assertSame('look', $this->ask('GET', '/children')['present'][0]['startsFrom']);
        self::assertNotSame($before, $beliefs());
        $back = $this->ask('DELETE', $path.'/answers/last');

        self::assertSame($look['task']['step']['id'], $back['task']['step']['id']);
        self::assertSame('age', $this->ask('GET', '/children')['present'][0]['startsFrom']);
        self::assertSame($before, $beliefs());
        self::assertSame($believed, $this->ask('GET', '/map/'.$childId.'/'.$look['task']['step']['id'])['p']);
        $this->refuse(409, 'childId', 'DELETE', $path.'/answers/last');
    }

    /** @return list<array<string, mixed>> */
    private function cells(string $childId): array
    {
        $skills = array_merge(...array_column($this->ask('GET', '/map/'.$childId)['strands'], 'skills'));

        return array_values(array_merge(...array_column($skills, 'cells')));
    }

    /** @return array<string, mixed> */
    private function answer(int $number, string $stepId, string $outcome): array
    {
        return [
            'id' => \sprintf('0195a000-0000-4000-8000-0000000001%02d', $number),
            'stepId' => $stepId,
            'outcome' => $outcome,
            'deviceId' => '0195a000-0000-4000-8000-00000000dddd',
            'at' => 1000 * (time() + $number),
        ];
    }
}
