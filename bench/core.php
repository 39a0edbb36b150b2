<?php

declare(strict_types=1);

use Pindle\Core\Advice\Ranking;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Skill\SkillMap;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/*
 * ./pindle bench core: record one try and refresh the state, rank all steps, replay 50,000 tries; median of many runs, and peak memory.
 * The first two are taken after 1,000 and after 100,000 tries of history: their cost must not grow with it.
 */

require dirname(__DIR__).'/vendor/autoload.php';

ini_set('memory_limit', '1G');
$map = Make::wholeMap();
$start = LocalDate::parse('2016-01-01');

/** @return \Generator<Attempt> tries over the whole map, about fifteen a day, most of them right */
function history(SkillMap $map, int $count, LocalDate $start): Generator
{
    $random = new Randomizer(new Xoshiro256StarStar(3));
    $ids = array_keys($map->steps);
    $outcomes = [Outcome::AtOnce, Outcome::AtOnce, Outcome::WorkedItOut, Outcome::WorkedItOut, Outcome::WithHelp, Outcome::NotYet];
    for ($i = 0; $i < $count; ++$i) {
        $id = $ids[$random->getInt(0, count($ids) - 1)];
        $day = $start->plusDays(intdiv($i, 15));
        yield new Attempt(
            (string) $i,
            $id,
            'sitting-'.intdiv($i, 6),
            'activity-'.$i % 5,
            $map->steps[$id]->firstForm(),
            Help::Bare,
            ['thing-'.$i % 7],
            'q'.$i % 40,
            null,
            $outcomes[$random->getInt(0, 5)],
            null,
            null,
            $day->toDateTime()->modify('+'.(9 * 3600 + $i % 15 * 40).' seconds'),
            $day,
            'device',
        );
    }
}

/** @param list<float> $values */
function median(array $values): float
{
    sort($values);

    return $values[intdiv(count($values), 2)];
}

// A child process, so that its peak memory is its own.
if ('replay' === ($argv[1] ?? '')) {
    $began = hrtime(true);
    ChildRecord::replay($map, history($map, 50_000, $start));
    printf('%.2f s, %.0f MB at the peak', (hrtime(true) - $began) / 1e9, memory_get_peak_usage(true) / 2 ** 20);
    exit;
}
$figures = [];
foreach ([1_000, 100_000] as $attempts) {
    $record = ChildRecord::blank($map);
    foreach (history($map, $attempts, $start) as $attempt) {
        $record = $record->with($attempt);
    }
    $today = $start->plusDays(intdiv($attempts, 15) + 1);
    $recording = $ranking = [];
    $more = iterator_to_array(history($map, 2_000, $today), false);
    foreach ($more as $attempt) {
        $began = hrtime(true);
        $record->with($attempt);
        $recording[] = (hrtime(true) - $began) / 1e6;
    }
    for ($i = 0; $i < 60; ++$i) {
        $began = hrtime(true);
        Ranking::of($record, $today, 6);
        $ranking[] = (hrtime(true) - $began) / 1e6;
    }
    $figures[$attempts] = ['record one try' => median($recording), 'rank all steps' => median($ranking)];
}

echo "| | after 1,000 tries | after 100,000 tries | ratio | target |\n|---|---|---|---|---|\n";
foreach (['record one try' => 2, 'rank all steps' => 20] as $what => $target) {
    printf(
        "| %s | %.3f ms | %.3f ms | %.2f | under %d ms |\n",
        $what,
        $figures[1_000][$what],
        $figures[100_000][$what],
        $figures[100_000][$what] / $figures[1_000][$what],
        $target,
    );
}
printf("\nReplay of 50,000 attempts: %s (target: under 5 s and 128 MB)\n", shell_exec(escapeshellarg(\PHP_BINARY).' '.escapeshellarg(__FILE__).' replay'));
