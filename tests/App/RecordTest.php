<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Content\Words;
use Pindle\App\Household\Children;
use Pindle\App\Record\AttemptEntity;
use Pindle\App\Record\Evidence;
use Pindle\App\Record\RecordRows;
use Pindle\App\Record\Records;
use Pindle\App\Record\StateCodec;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Rungs;
use Pindle\Core\Skill\SkillMap;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/** The record kept beside the evidence: always what a replay of all of it would give. */
final class RecordTest extends ApiTestCase
{
    private const NOTE = '0195a000-0000-4000-8000-0000000000a';

    public function test_whatever_happens_the_kept_record_is_what_a_replay_gives(): void
    {
        $setUp = $this->plannedHouse();
        $childId = $setUp['sittings'][0]['childId'];
        $path = '/table/'.$setUp['id'];
        $step = $setUp['sittings'][0]['step']['id'];
        $this->assertKept($childId);

        $this->ask('POST', $path.'/attempts', $this->tap($setUp, 0, 'at-once'));
        $this->ask('POST', $path.'/attempts', $this->tap($setUp, 2, 'not-yet'));
        $this->assertKept($childId, 'in order');
        // The phone that was off the net sends what it saw before.
        $this->ask('POST', $path.'/attempts', ['at' => 1000 * (time() - 3600)] + $this->tap($setUp, 1, 'worked-it-out'));
        $this->assertKept($childId, 'late');
        $this->ask('DELETE', '/table/attempts/'.$this->tap($setUp, 2, 'x')['id']);
        $this->assertKept($childId, 'taken back');
        $this->ask(
            'PUT',
            '/table/attempts/'.$this->tap($setUp, 1, 'x')['id'],
            ['id' => '0195a000-0000-4000-8000-00000000c0de', 'outcome' => 'with-help', 'help' => 'bare'],
        );
        $this->assertKept($childId, 'corrected');
        $this->ask('POST', "/map/$childId/$step/seen", $this->note('1') + ['outcome' => 'at-once']);
        $this->ask('POST', "/map/$childId/say-count@5/mark", $this->note('2') + ['mark' => 'can-do']);
        $this->assertKept($childId, 'noted');
        $this->ask('PUT', '/house', ['settings' => ['can-do-rule' => 'gentle', 'things-stay' => 'early'], 'version' => 0]);
        $this->assertKept($childId, 'taught another way');
    }

    public function test_a_record_that_was_tampered_with_is_found_and_made_anew(): void
    {
        $setUp = $this->plannedHouse();
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        self::service(\Doctrine\DBAL\Connection::class)->executeStatement("UPDATE step_state SET state = json_set(state, '$.p', 0.5)");
        $run = static function (): array {
            $console = new Application(self::$kernel ?? throw new \LogicException('no kernel'));
            $tester = new CommandTester($console->find('pindle:record'));

            return [$tester->execute([]), $tester->getDisplay()];
        };

        [$status, $says] = $run();
        self::assertSame(1, $status);
        self::assertStringContainsString('not equal at', $says);
        self::assertSame(0, $run()[0], 'made anew');
    }

    public function test_a_correction_and_what_was_taken_back_stay_in_the_history(): void
    {
        $setUp = $this->plannedHouse();
        $tap = $this->tap($setUp, 0, 'not-yet');
        $step = $this->ask('GET', '/table/'.$setUp['id'])['turns'][0]['stepId'];
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap);
        $right = ['id' => '0195a000-0000-4000-8000-00000000c0de', 'outcome' => 'at-once', 'help' => 'bare'];
        $first = $this->ask('PUT', '/table/attempts/'.$tap['id'], $right);
        self::assertSame($first, $this->ask('PUT', '/table/attempts/'.$tap['id'], $right), 'sent twice, corrected once');
        $this->refuse(409, 'id', 'PUT', '/table/attempts/'.$tap['id'], ['id' => '0195a000-0000-4000-8000-00000000c0df'] + $right);

        $seen = $this->ask('GET', '/map/'.$setUp['sittings'][0]['childId'].'/'.$step)['history']['seen'];
        self::assertEqualsCanonicalizing(
            [[self::outcome('at-once'), false, true], [self::outcome('not-yet'), true, false]],
            array_map(static fn (array $one): array => [$one['what'], $one['removed'], $one['corrected']], $seen),
        );
    }

    public function test_correcting_only_the_outcome_keeps_help_method_and_slip_and_anything_said_anew_replaces_it(): void
    {
        $setUp = $this->plannedHouse();
        $this->ask(
            'POST',
            '/table/'.$setUp['id'].'/attempts',
            ['help' => 'part-done', 'method' => 'fingers', 'slip' => 'counts-faster'] + $this->tap($setUp, 0, 'at-once'),
        );
        $kept = static fn (string $id): array => self::service(\Doctrine\DBAL\Connection::class)->fetchNumeric(
            'SELECT outcome, help, method, slip, question_id FROM attempt WHERE id = ?',
            [$id],
        ) ?: [];
        $asked = $this->questions($setUp)[0];
        [$first, $second, $third] = [$this->tap($setUp, 0, 'x')['id'], '0195a000-0000-4000-8000-00000000c0de', '0195a000-0000-4000-8000-00000000c0df'];

        $answer = $this->ask('PUT', '/table/attempts/'.$first, ['id' => $second, 'outcome' => 'not-yet']);
        self::assertSame(['not-yet', 'part-done', 'fingers', 'counts-faster', $asked], $kept($second));
        self::assertSame('shown', $answer['help'], 'and the help of the next question follows from it');
        $this->ask(
            'PUT',
            '/table/attempts/'.$second,
            ['id' => $third, 'outcome' => 'not-yet', 'help' => 'bare', 'method' => 'counted-on', 'slip' => 'recounts'],
        );
        self::assertSame(['not-yet', 'bare', 'counted-on', 'recounts', $asked], $kept($third));
    }

    public function test_an_attempt_that_comes_late_counts_where_it_belongs(): void
    {
        $setUp = $this->plannedHouse();
        $step = $setUp['sittings'][0]['step']['id'];
        $own = array_keys(array_filter($this->ask('GET', '/table/'.$setUp['id'])['turns'], static fn (array $turn): bool => $turn['stepId'] === $step));
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, $own[0], 'with-help'));
        // Seen before, sent after: the ladder of help still stands where the newer one left it.
        $late = $this->ask('POST', '/table/'.$setUp['id'].'/attempts', ['at' => 1000 * (time() - 600)] + $this->tap($setUp, $own[1], 'not-yet'));

        self::assertSame('bare', $late['help']);
        self::assertSame(
            [self::outcome('with-help'), self::outcome('not-yet')],
            array_column($this->ask('GET', '/map/'.$setUp['sittings'][0]['childId'].'/'.$step)['history']['seen'], 'what'),
            'newest first',
        );
    }

    public function test_the_last_of_several_corrected_changes_what_is_asked_next(): void
    {
        $setUp = $this->plannedHouse();
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        self::assertSame('bare', $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 1, 'at-once'))['help']);

        self::assertSame(
            'part-done',
            $this->ask(
                'PUT',
                '/table/attempts/'.$this->tap($setUp, 1, 'x')['id'],
                ['id' => '0195a000-0000-4000-8000-00000000c0de', 'outcome' => 'not-yet'],
            )['help'],
        );
    }

    public function test_a_mark_set_by_hand_says_so_and_notes_are_written_once(): void
    {
        $childId = $this->addChild('Wim', '2021-06-01');
        $evidence = $this->ask('POST', "/map/$childId/say-count@5/mark", $this->note('1') + ['mark' => 'can-do']);
        self::assertSame(['can-do', true], [$evidence['standing']['mark'], $evidence['standing']['setByHand']]);
        self::assertSame('This rests on a mark you set.', $evidence['restsOn']);
        self::assertSame('I know it', $evidence['history']['seen'][0]['note']);
        self::assertCount(1, $this->ask('POST', "/map/$childId/say-count@5/mark", $this->note('1') + ['mark' => 'can-do'])['history']['seen']);
        $this->refuse(422, 'note', 'POST', "/map/$childId/say-count@5/mark", ['note' => str_repeat('x', 10_000), 'mark' => 'can-do'] + $this->note('2'));
        $this->refuse(404, 'stepId', 'POST', "/map/$childId/fly@10/seen", $this->note('3') + ['outcome' => 'at-once']);

        $this->ask('DELETE', '/table/attempts/'.$this->note('1')['id']);
        self::assertSame('not-met', $this->ask('GET', "/map/$childId/say-count@5")['standing']['mark'], 'taken back like any other');
    }

    public function test_what_is_pinned_or_in_focus_is_planned(): void
    {
        $setUp = $this->plannedHouse('2023-06-01');
        $childId = $setUp['sittings'][0]['childId'];
        $this->ask('POST', "/map/$childId/wanted", ['on' => true, 'stepId' => 'count-out@5']);
        $day = $this->ask('GET', '/today');
        self::assertContains('count-out@5', array_map(static fn (array $one): string => $one['sittings'][0]['step']['id'], $day['setUps']));
        self::assertContains('You pinned it.', array_map(static fn (array $one): string => $one['sittings'][0]['reason'], $day['setUps']));
        $map = $this->ask('POST', "/map/$childId/wanted", ['on' => true, 'strand' => 'sorting']);
        self::assertSame(['sorting'], $map['focus']);
        $this->refuse(404, 'stepId', 'POST', "/map/$childId/wanted", ['on' => true, 'stepId' => 'fly@10']);
        $this->refuse(422, 'stepId', 'POST', "/map/$childId/wanted", ['on' => true]);
    }

    public function test_advice_follows_two_not_yet_and_the_idea_taken_is_asked_next(): void
    {
        $setUp = $this->plannedHouse();
        $path = '/table/'.$setUp['id'];
        $sittingId = $setUp['sittings'][0]['id'];
        $this->ask('POST', $path.'/attempts', $this->tap($setUp, 0, 'at-once'));
        self::assertNull($this->ask('POST', $path.'/attempts', $this->tap($setUp, 1, 'not-yet'))['advice']);
        $advice = $this->ask('POST', $path.'/attempts', $this->tap($setUp, 2, 'not-yet'))['advice'];
        self::assertSame('show-and-ask-again', $advice['ideas'][0]['idea']);

        $before = $this->ask('GET', $path)['turns'];
        $after = $this->ask('POST', $path.'/advice', ['sittingId' => $sittingId, 'idea' => 'show-and-ask-again', 'taken' => true])['turns'];
        self::assertCount(\count($before) + 1, $after);
        $same = static fn (array $turn): array => [$turn['stepId'], $turn['answer'], $turn['picture']];
        self::assertSame($same($before[2]), $same($after[3]), 'the same once more, next');
        self::assertNotSame($before[2]['ask'], $after[3]['ask'], 'and not in the same words');
        $this->ask(
            'POST',
            $path.'/attempts',
            ['questionId' => $after[3]['questionId']] + $this->tap($setUp, 0, 'with-help', '0195a000-0000-4000-8000-00000000eeee'),
        );

        $smaller = $this->ask('POST', $path.'/advice', ['sittingId' => $sittingId, 'idea' => 'smaller-numbers', 'taken' => false])['turns'];
        self::assertCount(\count($after), $smaller, 'let pass, and kept');
        $end = $this->ask('POST', $path.'/advice', ['sittingId' => $sittingId, 'idea' => 'finish-easy', 'taken' => true])['turns'];
        self::assertCount(1, array_filter($end, static fn (array $turn): bool => null === $turn['done']), 'one easy one is left');
    }

    public function test_a_closing_mark_speaks_of_what_nobody_tapped_and_is_written_once(): void
    {
        $setUp = $this->plannedHouse();
        [$path, $sitting] = ['/table/'.$setUp['id'], $setUp['sittings'][0]];
        $step = '/map/'.$sitting['childId'].'/'.$sitting['step']['id'];
        $table = $this->ask('GET', $path);
        $helped = ['shown' => 2, 'part-done' => 1, 'bare' => 0][$table['seats'][0]['helps'][$sitting['step']['id']]];
        $own = [];
        foreach ($table['turns'] as $at => $turn) {
            if ($turn['stepId'] === $sitting['step']['id']) {
                $own[] = (int) $at;
            }
        }
        $this->ask('POST', $path.'/attempts', $this->tap($setUp, $own[\count($own) - 1], 'at-once'));
        $closing = ['id' => self::NOTE.'9', 'sittingId' => $sitting['id'], 'deviceId' => self::NOTE.'d', 'at' => 1000 * time()];

        $this->refuse(422, 'mark', 'POST', $path.'/closing', $closing);
        $this->refuse(422, 'alone', 'POST', $path.'/closing', $closing + ['alone' => 4, 'of' => 3]);
        $this->refuse(422, 'of', 'POST', $path.'/closing', $closing + ['alone' => 0, 'of' => 0]);
        $this->refuse(422, 'asked', 'POST', $path.'/closing', $closing + ['mark' => 'all-alone', 'asked' => 41]);
        self::assertNull($this->ask('GET', $path)['seats'][0]['closing']);
        $this->ask('POST', $path.'/closing', $closing + ['mark' => 'mostly-alone']);
        self::assertSame('mostly-alone', $this->ask('POST', $path.'/closing', $closing + ['mark' => 'mostly-alone'])['seats'][0]['closing']);

        $seen = $this->ask('GET', $step)['history']['seen'];
        $closings = array_values(array_filter($seen, static fn (array $one): bool => 'closing' === $one['kind']));
        self::assertSame(['Mostly alone'], array_column($closings, 'what'));
        // What is shown first and begun together does not count, and the one that was tapped is not spoken of again.
        self::assertSame((string) max(0, \count($own) - 1 - $helped), (string) (int) filter_var($closings[0]['note'], \FILTER_SANITIZE_NUMBER_INT));
        self::assertStringContainsString('1 closing mark', $this->ask('GET', $step)['restsOn']);
        $this->assertKept($sitting['childId'], 'after a closing mark');

        $this->ask('DELETE', '/table/attempts/'.self::NOTE.'9');
        self::assertStringNotContainsString('closing', $this->ask('GET', $step)['restsOn']);
        $this->assertKept($sitting['childId'], 'after it was taken back');
    }

    public function test_a_note_of_0_7_0_for_a_whole_sitting_is_a_closing_mark(): void
    {
        $setUp = $this->plannedHouse();
        $sitting = $setUp['sittings'][0];
        $this->ask(
            'POST',
            '/table/'.$setUp['id'].'/all-at-once',
            ['id' => self::NOTE.'9', 'sittingId' => $sitting['id'], 'outcome' => 'worked-it-out', 'deviceId' => self::NOTE.'d', 'at' => 1000 * time()],
        );
        $end = $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done'])['ends'][0];
        self::assertSame('not-met', $end['markBefore']);
        $seen = $this->ask('GET', '/map/'.$sitting['childId'].'/'.$sitting['step']['id'])['history']['seen'][0];
        self::assertSame(['closing', 'Mostly alone'], [$seen['kind'], $seen['what']]);
    }

    /** @return array<string, mixed> */
    private function note(string $id): array
    {
        return ['id' => self::NOTE.$id, 'note' => 'I know it', 'deviceId' => '0195a000-0000-4000-8000-00000000dddd', 'at' => 1000 * (time() + (int) $id)];
    }

    private static function outcome(string $key): string
    {
        return self::service(Words::class)->say('outcomes', $key);
    }

    private function assertKept(string $childId, string $when = 'at first'): void
    {
        $child = self::service(Children::class)->child($childId, LocalDate::parse('2026-03-04'));
        $kept = self::service(Evidence::class)->record($child);
        $replayed = self::service(Records::class)->replayed($child);
        foreach (array_keys($replayed->states() + $kept->states()) as $stepId) {
            self::assertEquals($replayed->state($stepId), $kept->state($stepId), $when.', '.$stepId);
        }
        self::assertEquals($replayed->lastSittings, $kept->lastSittings, $when);
    }

    public function test_what_was_seen_comes_in_pages_and_nothing_is_missing_between_them(): void
    {
        $setUp = $this->plannedHouse();
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        $connection = self::service(EntityManagerInterface::class)->getConnection();
        // Three at every instant, so that a page ends in the middle of one.
        $connection->executeStatement(
            'INSERT INTO note (id, child_id, step_id, note, outcome, at, day, device_id)'
            .' WITH RECURSIVE n(v) AS (SELECT 1 UNION ALL SELECT v + 1 FROM n LIMIT 130)'
            ." SELECT printf('n%03d', v), a.child_id, a.step_id, '', 'at-once', a.at - v / 3, a.day, a.device_id FROM n, attempt a",
        );
        $step = $connection->fetchOne('SELECT step_id FROM attempt');
        $path = '/map/'.$setUp['sittings'][0]['childId'].'/'.$step;
        $pages = [$this->ask('GET', $path)['history']];
        while (null !== $pages[\count($pages) - 1]['end']) {
            $pages[] = $this->ask('GET', $path.'/seen?before='.rawurlencode($pages[\count($pages) - 1]['end']));
        }

        self::assertSame([60, 60, 11], array_map(static fn (array $page): int => \count($page['seen']), $pages));
        self::assertCount(131, array_unique(array_merge(...array_map(static fn (array $page): array => array_column($page['seen'], 'id'), $pages))));
        self::assertLessThan(40_000, \strlen($this->text($path)));
        $this->refuse(422, 'before', 'GET', $path.'/seen?before=now');
    }

    public function test_late_evidence_and_what_is_taken_back_is_replayed_from_a_checkpoint_to_the_same_bit(): void
    {
        $childId = $this->addChild('Wim', '2020-06-01');
        $records = self::service(Records::class);
        $evidence = self::service(Evidence::class);
        $child = self::service(Children::class)->child($childId, LocalDate::parse('2026-03-04'));
        $map = self::service(SkillMap::class);
        $steps = \array_slice(array_keys($map->steps), 0, 12);
        $random = new Randomizer(new Xoshiro256StarStar(5));
        $attempt = static function (int $n, int $minute) use ($map, $steps, $random): Attempt {
            $step = $map->steps[$steps[$random->getInt(0, 11)]];
            $at = new \DateTimeImmutable('@'.(1_767_225_600 + 60 * $minute));

            return new Attempt(
                \sprintf('%036d', $n),
                $step->id,
                'sitting-'.intdiv($minute, 50),
                'activity-'.$random->getInt(0, 3),
                $step->firstForm(),
                Help::cases()[$random->getInt(0, 2)],
                ['thing-'.$random->getInt(0, 3)],
                'q'.$random->getInt(0, 9),
                null,
                Outcome::cases()[$random->getInt(0, 3)],
                null,
                null,
                $at,
                LocalDate::at($at, new \DateTimeZone('UTC')),
                'device',
            );
        };
        // In order, up to just before a seventh checkpoint, and past it tap by tap.
        $all = array_map(static fn (int $n): Attempt => $attempt($n, 60 * $n), range(0, 7 * Rungs::EVERY + 30));
        foreach (\array_slice($all, 1, 7 * Rungs::EVERY - 5) as $n => $one) {
            $evidence->keep($one, $childId, 'q'.$n);
        }
        self::service(EntityManagerInterface::class)->flush();
        $records->rebuild($child);
        $this->assertKeptWith($child, [200, 600, 800, 1000, 1200], 195);
        foreach (\array_slice($all, 7 * Rungs::EVERY - 4) as $n => $one) {
            $evidence->recordAttempt($child, $one, 'r'.$n);
        }
        $places = [200, 600, 1000, 1200, 1400];
        $this->assertKeptWith($child, $places, 30);
        // Late by little, by more than one checkpoint, by all of them: all stay, and are as if it had been there.
        foreach ([1410 => 31, 1310 => 31, 410 => 31, 10 => 31] as $n => $since) {
            $evidence->recordAttempt($child, $attempt(10_000 + $n, 60 * $n + 30), 'late'.$n);
            $this->assertKeptWith($child, $places, $since);
        }
        foreach ([1420 => 30, 1390 => 30, 750 => 30, 600 => 30, 5 => 30] as $n => $since) {
            $seen = $evidence->seen($all[$n]->id) ?? self::fail();
            $evidence->takeBack($child, $seen, new \DateTimeImmutable());
            $this->assertKeptWith($child, $places, $since);
        }
        // An evening of the past is replayed from them, too.
        foreach (['2026-01-02', '2026-01-20', '2026-02-10', '2026-03-04'] as $evening) {
            $day = LocalDate::parse($evening);
            $until = array_filter(self::counted($child), static fn (Attempt $one): bool => !$one->day->isAfter($day));
            $expected = ChildRecord::replay($map, $until, $child->settings, $child->priors);
            self::assertSame(self::written($expected), self::written($records->onEvening($child, $day)), $evening);
        }
        $records->rebuild($child);
        $this->assertKeptWith($child, $places, 29);
    }

    /**
     * What is kept is what follows from the evidence, to the bit: the record, and each checkpoint of it.
     *
     * @param list<int> $places
     */
    private function assertKeptWith(Child $child, array $places, int $since): void
    {
        $records = self::service(Records::class);
        $connection = self::service(EntityManagerInterface::class)->getConnection();
        self::assertSame($since, (int) $connection->fetchOne('SELECT since FROM record'));
        self::assertSame(self::written($records->replayed($child)), self::written($records->of([$child])[$child->id]));
        $rows = self::service(RecordRows::class);
        self::assertSame($places, $rows->places($child));
        $kept = $rows->of([$child])[$child->id];
        foreach ($rows->checkpointsAfter($child, $kept, null) as $place => $checkpoint) {
            $until = array_filter(self::counted($child), static fn (Attempt $one): bool => !$checkpoint->isBefore($one));
            $expected = ChildRecord::replay($checkpoint->record->map, $until, $child->settings, $child->priors);
            self::assertSame(self::written($expected), self::written($checkpoint->record), 'checkpoint '.$place);
        }
    }

    /** @return list<Attempt> */
    private static function counted(Child $child): array
    {
        $rows = self::service(EntityManagerInterface::class)->getConnection()->fetchAllAssociative(
            'SELECT * FROM attempt WHERE child_id = ? AND removed_at IS NULL',
            [$child->id],
        );

        return array_map(static fn (array $row): Attempt => AttemptEntity::ofRow($row)->toCore(), $rows);
    }

    /** @return array{array<string, string>, string, string} */
    private static function written(ChildRecord $record): array
    {
        $states = array_map(StateCodec::write(...), $record->states());
        ksort($states);

        return [$states, StateCodec::writeSittings($record->lastSittings), StateCodec::writeLooks($record->looks)];
    }
}
