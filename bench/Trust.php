<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\App\Platform\Database\FileState;
use Pindle\App\Platform\Database\HouseholdFile;
use Pindle\App\Platform\Database\OpenCommand;
use Pindle\Tests\Browser\Chrome;
use Pindle\Tests\Browser\Server;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;
use Symfony\Component\Uid\Uuid;

/** Kills, flapping servers, reloaded pages and damaged files: is what was tapped there, once, and is the record whole? */
final class Trust
{
    private const TODAY = '2026-03-04';
    private const TAPS_OF_ONE = 400;
    private const DEVICE = '0195a000-0000-4000-8000-00000000dddd';

    private Randomizer $random;

    public function __construct(int $seed = 1)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /**
     * Taps are sent, the server is killed at any moment of it, and what had no answer is sent again with the same id.
     *
     * @return array{taps: int, lost: int, doubled: int, unequal: int}
     */
    public function killsWhileTapping(int $kills): array
    {
        $server = new Server(self::TODAY, true);
        try {
            $sent = [];
            [$free, $used] = [$this->questions($server), []];
            for ($kill = 0; $kill < $kills; ++$kill) {
                if (\count($free) < 3) {
                    foreach ($used as $id) {
                        $this->untilAnswered($server, 'DELETE', '/table/attempts/'.$id, null);
                    }
                    [$free, $used] = [$this->questions($server), []];
                }
                $taps = [];
                foreach (array_splice($free, 0, 3) as [$setUpId, $sittingId, $questionId]) {
                    $id = $this->id();
                    $sent[] = $used[] = $id;
                    $taps[$setUpId.'/'.$id] = $this->tap($id, $sittingId, $questionId);
                }
                $this->sendAndKill($server, $taps);
                $server->start();
                foreach ($taps as $path => $tap) {
                    $this->untilAnswered($server, 'POST', '/table/'.strtok($path, '/').'/attempts', $tap);
                }
            }
            $there = $this->column($server, 'SELECT id FROM attempt');

            return [
                'taps' => \count($sent),
                'lost' => \count(array_diff($sent, $there)),
                'doubled' => \count($there) - \count(array_unique($there)),
                'unequal' => $this->record($server) ? 0 : 1,
            ];
        } finally {
            $server->stop();
        }
    }

    /**
     * The server is killed while it makes a record anew. What is kept then is whole, or nothing is.
     *
     * @return array{kills: int, partial: int, unequal: int}
     */
    public function killsInARebuild(int $kills): array
    {
        $server = new Server(self::TODAY, true);
        try {
            $childId = $this->ask($server, '/children')['present'][0]['id'];
            $this->ask($server, '/map/'.$childId);
            $whole = $this->states($server, $childId);
            $partial = 0;
            for ($kill = 0; $kill < $kills; ++$kill) {
                $this->column($server, "UPDATE record SET basis = 'old' WHERE child_id = '$childId'");
                $this->sendAndKill($server, [], '/map/'.$childId);
                $isKept = [] === $this->column($server, "SELECT 1 FROM record WHERE child_id = '$childId' AND basis = 'old'");
                $partial += $isKept && $whole !== $this->states($server, $childId) ? 1 : 0;
                $server->start();
            }

            return ['kills' => $kills, 'partial' => $partial, 'unequal' => $this->record($server) ? 0 : 1];
        } finally {
            $server->stop();
        }
    }

    /**
     * Two tabs tap and take back while the server comes and goes and pages are loaded again. Of one child no more than Records::MOST_A_DAY
     * are kept on a day, so that many taps are shared out over households.
     *
     * @return array{taps: int, lost: int, doubled: int, blocked: int, refused: int}
     */
    public function tabs(Chrome $chrome, int $taps): array
    {
        $sum = ['taps' => 0, 'lost' => 0, 'doubled' => 0, 'blocked' => 0, 'refused' => 0];
        while ($sum['taps'] < $taps) {
            foreach ($this->tabsOfOne($chrome, min(self::TAPS_OF_ONE, $taps - $sum['taps'])) as $what => $count) {
                $sum[$what] += $count;
            }
        }

        return $sum;
    }

    /** @return array{taps: int, lost: int, doubled: int, blocked: int, refused: int} */
    private function tabsOfOne(Chrome $chrome, int $taps): array
    {
        $server = new Server(self::TODAY, true);
        try {
            $setUps = array_values(array_filter(
                $this->ask($server, '/today')['setUps'],
                fn (array $setUp): bool => [] === array_filter(array_column($this->ask($server, '/table/'.$setUp['id'])['turns'], 'isGuess')),
            ));
            $driver = $chrome->driver;
            $handles = [];
            foreach ([0, 1] as $tab) {
                if ($tab > 0) {
                    $driver->switchTo()->newWindow('tab');
                }
                $handles[] = $driver->getWindowHandle();
                $driver->get($server->url.'/table/'.$setUps[$tab]['id']);
                $chrome->click('[data-to-questions]');
                $this->watch($chrome);
            }
            $before = \count($this->column($server, 'SELECT id FROM attempt'));
            for ($round = 0, $kept = 0; $kept < $taps; ++$round) {
                $driver->switchTo()->window($handles[$round % 2]);
                $isThere = 'return !!document.querySelector("[data-outcome], [data-ask]")';
                $driver->wait(60)->until(static fn (): bool => (bool) $driver->executeScript($isThere));
                $chrome->driver->executeAsyncScript(
                    'const done = arguments[1]; let i = 0;'
                    .' const key = (k) => window.dispatchEvent(new KeyboardEvent("keydown", { key: k, bubbles: true }));'
                    .' const next = () => { if (i++ >= arguments[0]) { done(); return; } key(i % 2 ? "a" : "u"); setTimeout(next, 60); }; next();',
                    [2 * min(max(10, intdiv($taps, 40)), max(1, $taps - $kept))],
                );
                $kept = (int) $driver->executeScript('return JSON.parse(localStorage.getItem("bench.taps") ?? "[]").length');
                switch ($this->random->getInt(1, 5)) {
                    case 1: $server->kill();
                        usleep($this->random->getInt(0, 400_000));
                        $server->start();
                        break;
                    case 2: $driver->navigate()->refresh();
                        $this->watch($chrome);
                        break;
                }
            }
            $chrome->driver->wait(900)->until(static fn (): bool => 0 === $chrome->driver->executeAsyncScript(
                'const done = arguments[0]; const open = indexedDB.open("pindle");'
                .' open.onsuccess = () => { const all = open.result.transaction("items").objectStore("items").getAll();'
                .' all.onsuccess = () => { window.left = all.result; open.result.close();'
                .' done(all.result.filter((item) => item.refused === null).length); }; };',
            ));
            $left = (array) $driver->executeScript('return window.left.map((item) => [item.refused, item.failed])');
            $ids = (array) $driver->executeScript('return JSON.parse(localStorage.getItem("bench.taps"))');
            $there = $this->column($server, 'SELECT id FROM attempt');
            // Leaves one tab for whoever comes next.
            $driver->close();
            $driver->switchTo()->window($handles[$driver->getWindowHandles()[0] === $handles[0] ? 0 : 1]);

            return [
                'taps' => \count($ids),
                'lost' => \count(array_diff($ids, $there)),
                'doubled' => \count($there) - $before - \count($ids),
                'blocked' => \count(array_filter($left, static fn (array $item): bool => null === $item[0])),
                'refused' => \count(array_filter($left, static fn (array $item): bool => null !== $item[0])),
            ];
        } finally {
            $server->stop();
        }
    }

    /**
     * Files of a household, each damaged another way: a sentence for each, and the file as it was.
     *
     * @return array{files: int, sentences: int, changed: int}
     */
    public function damagedFiles(int $files): array
    {
        $server = new Server(self::TODAY, true);
        $server->kill();
        $whole = $server->data.'/pindle.sqlite';
        (new \PDO('sqlite:'.$whole))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
        $bytes = (string) file_get_contents($whole);
        [$sentences, $changed] = [0, 0];
        try {
            for ($i = 0; $i < $files; ++$i) {
                $folder = $server->data.'/damaged-'.$i;
                (new Filesystem())->mkdir($folder);
                $file = HouseholdFile::in($folder, \dirname(__DIR__).'/migrations');
                $file->mark();
                $spoilt = $this->spoil($bytes, $i);
                if (null !== $spoilt) {
                    file_put_contents($file->path, $spoilt);
                }
                $state = $file->state();
                $sentences += FileState::Fine !== $state && FileState::None !== $state && '' !== OpenCommand::sentence($state, $file->path) ? 1 : 0;
                $changed += $spoilt === (is_file($file->path) ? file_get_contents($file->path) : null) ? 0 : 1;
            }
        } finally {
            $server->stop();
        }

        return ['files' => $files, 'sentences' => $sentences, 'changed' => $changed];
    }

    private function spoil(string $bytes, int $i): ?string
    {
        $length = \strlen($bytes);

        return match ($i % 10) {
            0 => null,
            1 => '',
            2 => random_bytes($this->random->getInt(1, 5000)),
            3 => substr($bytes, 0, $this->random->getInt(1, 99)),
            4 => substr($bytes, 0, 4096 * $this->random->getInt(1, intdiv($length, 8192))),
            5 => substr_replace($bytes, random_bytes(30_000), 4096 * $this->random->getInt(1, 8), 30_000),
            6 => strrev($bytes),
            7 => substr_replace($bytes, "\0\0\0\0", 16, 4),
            8 => str_repeat("\0", $length),
            default => gzencode($bytes) ?: '',
        };
    }

    /** Writes down what the store of the page has kept for good. */
    private function watch(Chrome $chrome): void
    {
        $chrome->driver->executeScript(
            'const add = IDBObjectStore.prototype.add; if (add.watched) return;'
            .' const taps = () => JSON.parse(localStorage.getItem("bench.taps") ?? "[]");'
            .' const kept = (id) => localStorage.setItem("bench.taps", JSON.stringify([...taps(), id]));'
            .' IDBObjectStore.prototype.add = function (value, ...rest) {'
            .' if (value?.deed?.kind === "tap") { this.transaction.addEventListener("complete", () => kept(value.deed.tap.id)); }'
            .' return add.call(this, value, ...rest); }; IDBObjectStore.prototype.add.watched = true;',
        );
    }

    /** @return list<array{string, string, string}> set-up, sitting and question, all that can be answered today */
    private function questions(Server $server): array
    {
        $questions = [];
        foreach ($this->ask($server, '/today')['setUps'] as $setUp) {
            foreach ($this->ask($server, '/table/'.$setUp['id'])['turns'] as $turn) {
                if (null === $turn['done'] && !$turn['isGuess']) {
                    $questions[] = [$setUp['id'], $turn['sittingId'], $turn['questionId']];
                }
            }
        }

        return $questions;
    }

    /** @return array<string, int|string> */
    private function tap(string $id, string $sittingId, string $questionId): array
    {
        return [
            'id' => $id,
            'sittingId' => $sittingId,
            'questionId' => $questionId,
            'outcome' => ['at-once', 'worked-it-out', 'with-help', 'not-yet'][$this->random->getInt(0, 3)],
            'help' => 'bare',
            'deviceId' => self::DEVICE,
            'at' => 1000 * time() + $this->random->getInt(0, 900),
        ];
    }

    /** @param array<string, array<string, int|string>> $taps set-up and id => tap */
    private function sendAndKill(Server $server, array $taps, ?string $get = null): void
    {
        $all = curl_multi_init();
        $handles = null === $get ? [] : [$this->curl($server, 'GET', $get, null)];
        foreach ($taps as $path => $tap) {
            $handles[] = $this->curl($server, 'POST', '/table/'.strtok($path, '/').'/attempts', $tap);
        }
        foreach ($handles as $handle) {
            curl_multi_add_handle($all, $handle);
        }
        $until = microtime(true) + $this->random->getInt(0, null === $get ? 90_000 : 400_000) / 1_000_000;
        do {
            curl_multi_exec($all, $running);
            usleep(500);
        } while (microtime(true) < $until);
        $server->kill();
        curl_multi_close($all);
    }

    /**
     * @param non-empty-string              $method
     * @param array<string, int|string>|null $body
     */
    private function untilAnswered(Server $server, string $method, string $path, ?array $body): void
    {
        for ($time = 0; $time < 50; ++$time) {
            $curl = $this->curl($server, $method, $path, $body);
            curl_exec($curl);
            if (200 === curl_getinfo($curl, \CURLINFO_RESPONSE_CODE)) {
                return;
            }
            usleep(50_000);
        }
        throw new \RuntimeException($method.' '.$path.' was never answered.');
    }

    /**
     * @param non-empty-string              $method
     * @param array<string, int|string>|null $body
     */
    private function curl(Server $server, string $method, string $path, ?array $body): \CurlHandle
    {
        $curl = curl_init($server->url.'/api'.$path) ?: throw new \RuntimeException('No curl.');
        curl_setopt_array($curl, [
            \CURLOPT_CUSTOMREQUEST => $method,
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_TIMEOUT => 20,
            \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Sec-Fetch-Site: same-origin', 'X-Device-Now: '.(int) (1000 * microtime(true))],
        ] + (null === $body ? [] : [\CURLOPT_POSTFIELDS => json_encode($body, \JSON_THROW_ON_ERROR)]));

        return $curl;
    }

    /** @return array<string, mixed> */
    private function ask(Server $server, string $path): array
    {
        return (array) json_decode((string) file_get_contents($server->url.'/api'.$path), true, 512, \JSON_THROW_ON_ERROR);
    }

    /** @return list<string> */
    private function column(Server $server, string $sql): array
    {
        $database = new \PDO('sqlite:'.$server->data.'/pindle.sqlite', null, null, [\PDO::ATTR_TIMEOUT => 10]);
        $answer = $database->query($sql) ?: throw new \RuntimeException($sql);

        return array_values(array_map(strval(...), $answer->fetchAll(\PDO::FETCH_COLUMN)));
    }

    private function states(Server $server, string $childId): string
    {
        return implode("\n", $this->column($server, "SELECT step_id || state FROM step_state WHERE child_id = '$childId' ORDER BY step_id"));
    }

    /** Whether the record of every child is what a replay of all evidence gives, to the bit. */
    private function record(Server $server): bool
    {
        return 0 === (new Process(['php', 'bin/console', 'pindle:record'], \dirname(__DIR__), [
            'APP_ENV' => 'prod', 'PINDLE_DATA' => $server->data, 'DATABASE_URL' => 'sqlite:///'.$server->data.'/pindle.sqlite', 'PINDLE_TODAY' => self::TODAY,
        ]))->setTimeout(120)->run();
    }

    private function id(): string
    {
        return Uuid::v4()->toRfc4122();
    }
}
