<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use PHPUnit\Framework\TestCase;

/** Two devices ask for the same at the same moment: each gets an answer, and what is there afterwards is right. */
final class AtOnceTest extends TestCase
{
    private Server $server;

    protected function setUp(): void
    {
        $this->server = new Server('2026-03-04', false);
    }

    protected function tearDown(): void
    {
        $this->server->stop();
    }

    public function test_whatever_two_devices_do_at_once_both_are_answered(): void
    {
        $this->atOnce('POST', '/children', ['name' => 'Wim', 'born' => '2021-06-01'], [201, 201]);
        $children = $this->ask('/children')['present'];
        self::assertNotSame($children[0]['thread'], $children[1]['thread'], 'each has a thread of its own');
        $this->atOnce('POST', '/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids']], [200, 200]);
        self::assertCount(3, $this->ask('/cupboard')['things'], 'ticked once');
        $this->atOnce('PUT', '/house', ['settings' => ['fingers' => 'bring-things'], 'version' => 0], [200, 409]);
        $this->atOnce('POST', '/today/plan', [], [200, 200]);
        $setUps = $this->ask('/today')['setUps'];
        self::assertSame(array_unique(array_column($setUps, 'id')), array_column($setUps, 'id'));

        $setUp = $setUps[0];
        $path = '/table/'.$setUp['id'];
        $turn = $this->ask($path)['turns'][0];
        $tap = ['id' => '0195a000-0000-4000-8000-000000000001', 'deviceId' => '0195a000-0000-4000-8000-00000000dddd', 'outcome' => 'at-once', 'help' => 'bare']
            + ['sittingId' => $turn['sittingId'], 'questionId' => $turn['questionId'], 'at' => 1000 * time()];
        $this->atOnce('POST', $path.'/attempts', $tap, [200, 200]);
        $right = ['id' => '0195a000-0000-4000-8000-000000000002', 'outcome' => 'not-yet'];
        $this->atOnce('PUT', '/table/attempts/'.$tap['id'], $right, [200, 200]);
        $this->atOnce('DELETE', '/table/attempts/'.$right['id'], null, [200, 200]);
        $history = $this->ask('/map/'.$setUp['sittings'][0]['childId'].'/'.$turn['stepId'])['history']['seen'];
        self::assertSame([true, true], array_column($history, 'removed'));
        $this->atOnce('POST', $path.'/finish', ['ending' => 'done'], [200, 200]);
    }

    /**
     * @param non-empty-string          $method
     * @param array<string, mixed>|null $body
     * @param list<int>                 $expected statuses in order
     */
    private function atOnce(string $method, string $path, ?array $body, array $expected): void
    {
        $all = curl_multi_init();
        $handles = [];
        foreach ([1, 2] as $i) {
            $curl = curl_init($this->server->url.'/api'.$path);
            self::assertNotFalse($curl);
            curl_setopt_array($curl, [
                \CURLOPT_CUSTOMREQUEST => $method,
                \CURLOPT_RETURNTRANSFER => true,
                \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Sec-Fetch-Site: same-origin'],
            ] + (null === $body ? [] : [\CURLOPT_POSTFIELDS => json_encode((object) $body, \JSON_THROW_ON_ERROR)]));
            curl_multi_add_handle($all, $curl);
            $handles[] = $curl;
        }
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.05);
        } while ($running > 0);
        $statuses = array_map(static fn (\CurlHandle $curl): int => (int) curl_getinfo($curl, \CURLINFO_RESPONSE_CODE), $handles);
        sort($statuses);
        self::assertSame($expected, $statuses, $method.' '.$path.' '.implode(' | ', array_map(strval(...), array_map(curl_multi_getcontent(...), $handles))));
    }

    /** @return array<string, mixed> */
    private function ask(string $path): array
    {
        return (array) json_decode((string) file_get_contents($this->server->url.'/api'.$path), true, 512, \JSON_THROW_ON_ERROR);
    }
}
