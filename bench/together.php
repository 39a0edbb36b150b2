<?php

declare(strict_types=1);

use Pindle\Tests\Browser\Server;

/*
 * ./pindle bench together [seconds]: twenty who read and five who tap, all at once and each again as soon as it is answered, on the sample household; how
 * long the slowest of a hundred waits, beside one alone in the same run. A tap makes every kept answer an old one.
 */

require dirname(__DIR__).'/vendor/autoload.php';

const READERS = 20;
const TAPPERS = 5;

$seconds = (float) ($argv[1] ?? 20);
$server = new Server('2026-03-04', true, null, ['PHP_CLI_SERVER_WORKERS' => '4']);
register_shutdown_function($server->stop(...));

/** @return array<string, mixed> */
function json(Server $server, string $path): array
{
    return (array) json_decode((string) file_get_contents($server->url.'/api'.$path), true, 512, \JSON_THROW_ON_ERROR);
}

$setUps = json($server, '/today')['setUps'];
$reads = ['/today', '/week', '/table/'.$setUps[0]['id'], '/children', '/journal'];
/** @var list<array{string, array<string, mixed>}> $taps */
$taps = [];
foreach ($setUps as $setUp) {
    foreach (json($server, '/table/'.$setUp['id'])['turns'] as $turn) {
        $taps[] = [$setUp['id'], ['sittingId' => $turn['sittingId'], 'questionId' => $turn['questionId'], 'outcome' => 'at-once', 'help' => 'bare']];
    }
}
$number = 0;

/** Each tapper taps a question of its own and takes it back, over and over. */
$tap = static function (int $who) use (&$number, $taps): array {
    [$setUp, $body] = $taps[$who % count($taps)];
    $id = sprintf('0195a000-0000-4000-8000-%012d', ++$number);

    return [$id, '/table/'.$setUp.'/attempts', ['id' => $id, 'deviceId' => '0195a000-0000-4000-8000-00000000dddd', 'at' => 1000 * time()] + $body];
};

/**
 * @param int $readers
 * @param int $tappers
 *
 * @return array{reads: list<float>, taps: list<float>, wrong: int} milliseconds
 */
$run = static function (int $readers, int $tappers, float $seconds) use ($server, $reads, $tap): array {
    $multi = curl_multi_init();
    $told = ['reads' => [], 'taps' => [], 'wrong' => 0];
    $asked = [];
    $ask = static function (int $who, bool $isTap, ?string $back = null) use ($server, $reads, $tap, $multi, &$asked): void {
        $curl = curl_init();
        $options = [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_TIMEOUT => 60];
        if ($isTap && null === $back) {
            [$id, $path, $body] = $tap($who);
            $options += [\CURLOPT_POST => true, \CURLOPT_POSTFIELDS => json_encode($body, \JSON_THROW_ON_ERROR)];
        } elseif ($isTap) {
            [$id, $path] = [null, '/table/attempts/'.$back];
            $options += [\CURLOPT_CUSTOMREQUEST => 'DELETE'];
        } else {
            [$id, $path] = [null, $reads[random_int(0, count($reads) - 1)]];
        }
        curl_setopt_array($curl, $options + [
            \CURLOPT_URL => $server->url.'/api'.$path,
            \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Sec-Fetch-Site: same-origin'],
        ]);
        curl_multi_add_handle($multi, $curl);
        $asked[spl_object_id($curl)] = [$who, $isTap, $id];
    };
    for ($i = 0; $i < $readers; ++$i) {
        $ask($i, false);
    }
    for ($i = 0; $i < $tappers; ++$i) {
        $ask($i, true);
    }
    $until = microtime(true) + $seconds;
    do {
        curl_multi_exec($multi, $running);
        while (false !== $done = curl_multi_info_read($multi)) {
            $curl = $done['handle'];
            [$who, $isTap, $id] = $asked[spl_object_id($curl)];
            unset($asked[spl_object_id($curl)]);
            $status = curl_getinfo($curl, \CURLINFO_RESPONSE_CODE);
            $told[$isTap ? 'taps' : 'reads'][] = 1000 * curl_getinfo($curl, \CURLINFO_TOTAL_TIME);
            $told['wrong'] += $status >= 400 || 0 === $status ? 1 : 0;
            curl_multi_remove_handle($multi, $curl);
            // What was tapped is taken back, so that the next run finds it open.
            if (microtime(true) < $until || null !== $id) {
                $ask($who, $isTap, $id);
            }
        }
        curl_multi_select($multi, 0.05);
    } while ([] !== $asked);

    return $told;
};

/** @param list<float> $all */
function share(array $all, float $share): float
{
    sort($all);

    return $all[max(0, (int) ceil($share * count($all)) - 1)] ?? 0.0;
}

$alone = ['reads' => $run(1, 0, $seconds / 4), 'taps' => $run(0, 1, $seconds / 4)];
$both = $run(1, 1, $seconds / 4);
$all = $run(READERS, TAPPERS, $seconds);
printf("%-34s %8s %8s %8s %8s\n", '', 'times', 'median', 'p99', 'worst');
foreach ([
    'reading, alone' => $alone['reads']['reads'], 'tapping, alone' => $alone['taps']['taps'],
    'reading, one taps' => $both['reads'], 'tapping, one reads' => $both['taps'],
    'reading, twenty, and five tap' => $all['reads'], 'tapping, five, and twenty read' => $all['taps'],
] as $what => $times) {
    printf("%-34s %8d %8.0f %8.0f %8.0f\n", $what, count($times), share($times, 0.5), share($times, 0.99), share($times, 1.0));
}
printf("p99 beside one who reads while one taps: reading %.1f, tapping %.1f; refused or lost: %d\n",
    share($all['reads'], 0.99) / share($both['reads'], 0.99), share($all['taps'], 0.99) / share($both['taps'], 0.99), $all['wrong']);
exit(0 === $all['wrong'] ? 0 : 1);
