<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Requests that nobody in their right mind would send, for every endpoint of the API description: bodies that are almost right with something
 * wrong in them, bodies that are no JSON, addresses that are no text. The same seed gives the same requests.
 *
 * @phpstan-type Hostile array{method: string, path: string, headers: array<string, string>, body: string}
 */
final readonly class HostileInput
{
    /** Values that have hurt programs before. */
    private const NASTY = [
        null, true, false, 0, -1, 1, 3, 12, 1440, 1e308, -1e308, 1e15, 9_007_199_254_740_993,
        \PHP_INT_MAX, \PHP_INT_MIN, 0.1, -0.0, '', ' ', '0', 'null', '1e999',
        'NaN', "\u{200b}", "\u{202e}evil", "a\u{0}b", "\n", '<script>alert(1)</script>', "'; DROP TABLE child; --", '{{7*7}}', '%00', '../../etc/passwd',
        '2026-02-30', '0000-00-00', '9999-12-31', '2026-13-01T00:00:00Z', '0195a000-0000-4000-8000-000000000000',
        [], [[]], [null], [null, null, null], [1, 2, 3],
        [1e308, 1, 1], ['a' => 1], [['a' => ['b' => ['c' => 1]]]], ['__proto__' => ['x' => 1]], [0, 1440], [1440, 0], [[0, 1441]], ['wheat', 3],
    ];

    private const TYPES = ['text/html', 'multipart/form-data; boundary=x', 'application/x-www-form-urlencoded', 'text/plain', ''];

    /** Bodies that are no JSON, or hardly. */
    private const BODIES = [
        '{', '[', '"', 'null', '7', "\xff\xfe", "{\"name\": \"\xc3\x28\"}", '[[[[[[[[[[[[[[[[[[[[[[[[[[', '<html>', 'name=Wim', '{"name": 1e999}',
        '{"at": 1e999, "size": [1e999, 1, 1]}', '{"name": "Wim", "name": ["x"]}', '{"":""}', "\u{feff}{}", "--x\r\n", '{"a":{"a":{"a":{"a":{"a":{"a":1}}}}}}',
    ];

    /** Lines that replace a line of an own activity. */
    private const LINES = [
        'a: &a [1, 2]', 'b: *a', '<<: *a', '!php/object "O:8:\"stdClass\":0:{}"', 'name: !!binary aGVsbG8=', 'serves: {}',
        'things: [{role: things, count: "n / (n - 3)"}]',
        'things: [{role: things, count: "9999999999 * 9999999999 * n"}]', 'set_up: .inf', 'seconds: .nan', 'seconds: 1e999', 'words: [1, 2]',
        'name: [x]', 'forms: things',
        'scenes: {things: nowhere}', 'unknown: 1', "\ttab: 1", '? [complex]', '- 1', '"', '{', '}', 'largest: -1',
        'places: [moon]', 'name: "<b>"', "name: \"\u{200b}\"",
    ];

    /**
     * @param array<string, mixed>        $api      the OpenAPI document
     * @param array<string, list<string>> $known    parameter => values that are there
     * @param string                      $activity an own activity that is right
     */
    public function __construct(private array $api, private array $known, private string $activity)
    {
    }

    /** @return \Generator<int, Hostile> */
    public function requests(int $count, int $seed): \Generator
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $endpoints = [];
        foreach ($this->api['paths'] as $path => $methods) {
            foreach ($methods as $method => $operation) {
                $endpoints[] = [strtoupper((string) $method), (string) $path, $operation['requestBody']['content']['application/json']['schema'] ?? null];
            }
        }
        for ($i = 0; $i < $count; ++$i) {
            [$method, $path, $schema] = $endpoints[$i % \count($endpoints)];
            yield $this->request($random, $method, $path, $schema);
        }
    }

    /**
     * @param array<string, mixed>|null $schema
     *
     * @return Hostile
     */
    private function request(Randomizer $random, string $method, string $path, ?array $schema): array
    {
        $path = (string) preg_replace_callback('/\{(\w+)\}/', fn (array $found): string => $this->parameter($random, $found[1]), $path);
        if (1 === $random->getInt(1, 12)) {
            $path .= self::one(
                $random,
                ['?q=%ff', '?q[]=1', '?q='.str_repeat('a', 5000), '%00', '/..', '?q=%F0%9F%A7%B6', '?q=%00', '/', '?XDEBUG_SESSION_START=1'],
            );
        }
        $headers = ['Content-Type' => 'application/json', 'Sec-Fetch-Site' => 'same-origin'];
        $body = null === $schema ? '' : json_encode($this->value($random, $schema, ''), \JSON_PRESERVE_ZERO_FRACTION | \JSON_PARTIAL_OUTPUT_ON_ERROR);
        switch ($random->getInt(1, 14)) {
            case 1: $headers['Content-Type'] = self::one($random, self::TYPES);
                break;
            case 2: $body = self::one($random, self::BODIES);
                break;
            case 3: $headers += ['X-Device-Now' => self::one($random, ['-1', '99999999999999999999', 'now', '', '0', '1e9', '1700000000000'])];
                break;
            case 4: $headers['Sec-Fetch-Site'] = self::one($random, ['cross-site', 'same-site', 'none', 'nonsense']);
                break;
            case 5: if ('' !== $body && 1 === $random->getInt(1, 4)) {
                $body = substr((string) $body, 0, -1).', "more": "'.str_repeat('x', 1_100_000).'"}';
            }
                break;
        }

        return ['method' => $method, 'path' => $path, 'headers' => $headers, 'body' => (string) $body];
    }

    private function parameter(Randomizer $random, string $name): string
    {
        $known = $this->known[$name] ?? [];

        return [] !== $known && $random->getInt(1, 4) > 1 ? rawurlencode(self::one($random, $known)) : self::one(
            $random,
            ['0195a000-0000-7000-8000-000000000000', '%00', '%ff%fe', 'a%2F..%2Fb', str_repeat('x', 3000), '%F0%9F%90%8C', '-1',
                "%27%20OR%201=1", 'null', '..', 'count%40-5'],
        );
    }

    /**
     * A value that is right by the schema, or, now and then, something else.
     *
     * @param array<string, mixed> $schema
     */
    private function value(Randomizer $random, array $schema, string $name): mixed
    {
        if ('' !== $name && 1 === $random->getInt(1, 6)) {
            return self::one($random, self::NASTY);
        }
        if (isset($schema['$ref'])) {
            return $this->value($random, $this->api['components']['schemas'][substr((string) strrchr((string) $schema['$ref'], '/'), 1)], '');
        }
        if (isset($schema['oneOf']) || isset($schema['allOf'])) {
            return $this->value($random, ($schema['oneOf'] ?? $schema['allOf'])[0], $name);
        }
        if (isset($schema['enum'])) {
            return $schema['enum'][$random->getInt(0, \count($schema['enum']) - 1)];
        }
        if (isset($this->known[$name])) {
            return self::one($random, [...$this->known[$name], 'unknown']);
        }

        return match (true) {
            'text' === $name => $this->activity($random),
            'id' === $name || 'deviceId' === $name => \sprintf('0195a000-0000-4000-8000-%012d', $random->getInt(1, 400)),
            'at' === $name => 1000 * time() - $random->getInt(0, 100_000),
            'born' === $name => \sprintf('20%02d-%02d-%02d', $random->getInt(15, 27), $random->getInt(1, 12), $random->getInt(1, 31)),
            'version' === $name => $random->getInt(0, 3),
            default => $this->byType($random, $schema, $name),
        };
    }

    /** @param array<string, mixed> $schema */
    private function byType(Randomizer $random, array $schema, string $name): mixed
    {
        switch ($schema['type'] ?? 'string') {
            case 'integer': return $random->getInt((int) ($schema['minimum'] ?? 0), (int) ($schema['maximum'] ?? 20));
            case 'number': return $random->getInt(1, 4000) / 10;
            case 'boolean': return 1 === $random->getInt(0, 1);
            case 'array':
                $list = [];
                foreach (range(1, self::one($random, [1, 2, 2, 3, 3, 3, 5, 250])) as $i) {
                    $list[] = $this->value($random, $schema['items'] ?? [], $name.'[]');
                }

                return $list;
            case 'object':
                $object = [];
                foreach ($schema['properties'] ?? [] as $property => $of) {
                    if (1 !== $random->getInt(1, 9)) {
                        $object[$property] = $this->value($random, $of, (string) $property);
                    }
                }
                if (isset($schema['additionalProperties'])) {
                    $object += [self::one($random, ['fingers', 'way-in', 'x', '0']) => self::one($random, ['yes', 'signs', 1, []])];
                }

                return (object) $object;
            default: return self::one($random, [
                'Wim', 'corks', '12 corks, 25 mm', str_repeat('a', 70), "O'Hara", 'Zoë', '', '1 1/2 m of rope', '99999999999999999999 corks', '-3 pegs, 0 mm',
            ]);
        }
    }

    private function activity(Randomizer $random): string
    {
        $lines = explode("\n", $this->activity);
        switch ($random->getInt(1, 8)) {
            case 1: return $this->activity;
            case 2: return "a: &a [x, x, x, x, x, x, x, x, x]\n".implode('', array_map(
                static fn (int $i): string => \sprintf("%s: &%s [%s]\n", \chr(97 + $i), \chr(97 + $i), implode(', ', array_fill(0, 7, '*'.\chr(96 + $i)))),
                range(1, 8),
            )).$this->activity;
            case 3:
                $deep = range(0, $random->getInt(12, 60));

                return $this->activity."\n".implode("\n", array_map(static fn (int $i): string => str_repeat(' ', $i).'n'.$i.':', $deep));
            case 4: return $this->activity."\ncare: [".implode(', ', array_fill(0, $random->getInt(1500, 3000), 'x')).']';
            case 5: return str_repeat('é', 60_000);
            default:
                foreach (range(1, $random->getInt(1, 3)) as $i) {
                    $lines[$random->getInt(0, \count($lines) - 1)] = self::one($random, self::LINES);
                }

                return implode("\n", $lines);
        }
    }

    /**
     * @template T
     *
     * @param non-empty-array<T> $values
     *
     * @return T
     */
    private static function one(Randomizer $random, array $values): mixed
    {
        return array_values($values)[$random->getInt(0, \count($values) - 1)];
    }
}
