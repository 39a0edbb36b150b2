<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\DeviceTime;
use Pindle\App\Platform\Http\ProblemListener;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Http\RequestGuard;
use Pindle\App\Platform\Kernel;
use Pindle\App\Platform\Shell\BuiltFiles;
use Psr\Log\AbstractLogger;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

/** What must not get in: a clear problem with the field, and nothing stored. */
final class BadInputTest extends ApiTestCase
{
    private const NOBODY = '0195a000-0000-7000-8000-000000000000';

    /** @return iterable<string, array{int, string, string, string, array<string, mixed>|null}> status, field, method, path, body */
    public static function requests(): iterable
    {
        yield 'unknown child' => [404, 'childId', 'GET', '/map/'.self::NOBODY, null];
        yield 'child to change that is not there' => [404, 'id', 'PUT', '/children/'.self::NOBODY, ['name' => 'Wim', 'version' => 1]];
        yield 'birth date in the future' => [422, 'born', 'POST', '/children', ['name' => 'Wim', 'born' => '2026-03-05']];
        yield 'birth date that is no day' => [422, 'born', 'POST', '/children', ['name' => 'Wim', 'born' => '2026-02-30']];
        yield 'birth date long ago' => [422, 'born', 'POST', '/children', ['name' => 'Wim', 'born' => '1926-02-03']];
        yield 'no name' => [422, 'name', 'POST', '/children', ['name' => '   ']];
        yield 'name left out' => [422, 'name', 'POST', '/children', ['born' => '2021-06-01']];
        yield 'a 10 kB name' => [422, 'name', 'POST', '/children', ['name' => str_repeat('a', 10_240)]];
        yield 'HTML in a name' => [422, 'name', 'POST', '/children', ['name' => '<b>Wim</b>']];
        yield 'a name that is a list' => [422, 'name', 'POST', '/children', ['name' => ['Wim']]];
        yield 'a sleep that ends before it starts' => [422, 'rests.0', 'POST', '/children', ['name' => 'Wim', 'rests' => [[800, 700]]]];
        yield 'an unknown way in' => [422, 'settings.way-in', 'POST', '/children', ['name' => 'Wim', 'settings' => ['way-in' => 'by osmosis']]];
        yield 'an unknown setting' => [422, 'settings.colour', 'POST', '/children', ['name' => 'Wim', 'settings' => ['colour' => 'red']]];
        yield 'a setting of the house that is none' => [422, 'settings.answering', 'PUT', '/house', ['settings' => ['answering' => 'in song'], 'version' => 0]];
        yield 'a first look of nobody' => [404, 'childId', 'POST', '/children/0195a000-0000-7000-8000-000000000000/first-look', ['canAlready' => []]];
        yield 'evidence about a step that is not there' => [
            404,
            'childId',
            'POST',
            '/map/0195a000-0000-7000-8000-000000000000/fly@10/seen',
            [
                'id' => '0195a000-0000-4000-8000-000000000001',
                'outcome' => 'at-once',
                'note' => '',
                'deviceId' => '0195a000-0000-4000-8000-00000000dddd',
                'at' => 1000,
            ],
        ];
        yield 'a negative amount' => [422, 'amount', 'POST', '/cupboard', ['name' => 'corks', 'amount' => -1]];
        yield 'an absurd amount' => [422, 'amount', 'POST', '/cupboard', ['name' => 'corks', 'amount' => 10_000]];
        yield 'an amount in words' => [422, 'amount', 'POST', '/cupboard', ['name' => 'corks', 'amount' => 'many']];
        yield 'an absurd size' => [422, 'size.2', 'POST', '/cupboard', ['name' => 'corks', 'amount' => 4, 'size' => [25, 25, 90_000]]];
        yield 'HTML in the name of a thing' => [422, 'name', 'POST', '/cupboard', ['name' => '<script>', 'amount' => 4]];
        foreach ([
            'sides that are nothing' => ['size.0', ['size' => [null, null, null]]],
            'two sides' => ['size', ['size' => [25, 25]]],
            'sides by name' => ['size', ['size' => ['a' => 1, 'b' => 2, 'c' => 3]]],
            'a side in words' => ['size.1', ['size' => [25, '25', 25]]],
            'a side of nearly nothing' => ['size.0', ['size' => [0.9, 25, 25]]],
            'a side just too long' => ['size.2', ['size' => [1, 25, 3001]]],
            'an allergen that is a number' => ['allergens.1', ['allergens' => ['wheat', 3]]],
            'allergens by name' => ['allergens', ['allergens' => ['a' => 'wheat']]],
            'an allergen of forty-one letters' => ['allergens.0', ['allergens' => [str_repeat('w', 41)]]],
            'twenty-one allergens' => ['allergens', ['allergens' => array_fill(0, 21, 'wheat')]],
            'an allergen that is nothing' => ['allergens.0', ['allergens' => [null]]],
            'an empty trait' => ['traits.0', ['traits' => ['']]],
            'a weight of nearly nothing' => ['mass', ['mass' => 0.05]],
        ] as $what => [$field, $wrong]) {
            yield $what => [422, $field, 'POST', '/cupboard', $wrong + ['name' => 'corks', 'amount' => 4]];
        }
        foreach ([
            'liked things by name' => ['likedThings', ['likedThings' => ['a' => 1]]],
            'a liked thing that is a list' => ['likedThings.0', ['likedThings' => [['corks']]]],
            'an allergy with a line end' => ['allergies.0', ['allergies' => ["wheat\n"]]],
            'a sleep in words' => ['rests.0.1', ['rests' => [[700, '800']]]],
            'a sleep that is nothing' => ['rests.0', ['rests' => [null]]],
            'a sleep from nothing' => ['rests.0.0', ['rests' => [[null, 800]]]],
            'a sleep of three' => ['rests.0', ['rests' => [[700, 800, 900]]]],
            'a sleep past midnight' => ['rests.0.1', ['rests' => [[1400, 1441]]]],
            'five sleeps' => ['rests', ['rests' => array_fill(0, 5, [700, 800])]],
            'a name nobody sees' => ['name', ['name' => "\u{200b}\u{200b}"]],
            'a name of dots' => ['name', ['name' => '...']],
            'a name that turns round' => ['name', ['name' => "\u{202e}miW"]],
            'a name of sixty-one letters' => ['name', ['name' => str_repeat('a', 61)]],
        ] as $what => [$field, $wrong]) {
            yield $what => [422, $field, 'POST', '/children', $wrong + ['name' => 'Wim']];
        }
        yield 'a step that can be done already and is none' => [
            404, 'childId', 'POST', '/children/'.self::NOBODY.'/first-look', ['canAlready' => ['count-out@5']],
        ];
        yield 'nothing ticked' => [422, 'shipped', 'POST', '/cupboard/tick', ['shipped' => []]];
        yield 'something ticked that is a number' => [422, 'shipped.0', 'POST', '/cupboard/tick', ['shipped' => [7]]];
        yield 'an hour in words' => [422, 'windows.0.0', 'POST', '/today/plan', ['windows' => [['nine', 600]]]];
        yield 'hours that are one number' => [422, 'windows.0', 'POST', '/today/plan', ['windows' => [540]]];
        yield 'unknown set-up' => [404, 'setUpId', 'GET', '/table/'.self::NOBODY, null];
        yield 'a try for an unknown set-up' => [
            404,
            'setUpId',
            'POST',
            '/table/'.self::NOBODY.'/attempts',
            [
                'id' => self::NOBODY,
                'sittingId' => self::NOBODY,
                'questionId' => 'q',
                'outcome' => 'at-once',
                'help' => 'bare',
                'deviceId' => self::NOBODY,
                'at' => 1,
            ],
        ];
        yield 'an unknown outcome' => [
            422,
            'outcome',
            'POST',
            '/table/'.self::NOBODY.'/attempts',
            [
                'id' => self::NOBODY,
                'sittingId' => self::NOBODY,
                'questionId' => 'q',
                'outcome' => 'brilliant',
                'help' => 'bare',
                'deviceId' => self::NOBODY,
                'at' => 1,
            ],
        ];
        yield 'a try to take back that is not there' => [404, 'id', 'DELETE', '/table/attempts/'.self::NOBODY, null];
        yield 'no time to be there' => [422, 'windows', 'POST', '/today/plan', ['windows' => []]];
    }

    /** @param array<string, mixed>|null $body */
    #[DataProvider('requests')]
    public function test_it_is_refused_with_the_field_and_nothing_is_stored(int $status, string $field, string $method, string $path, ?array $body): void
    {
        $this->refuse($status, $field, $method, $path, $body);

        self::assertSame(['present' => [], 'archived' => []], $this->ask('GET', '/children'));
        self::assertSame([], $this->ask('GET', '/cupboard')['things']);
        self::assertFalse($this->ask('GET', '/today')['planned']);
    }

    public function test_a_step_that_does_not_exist(): void
    {
        $this->refuse(404, 'stepId', 'GET', '/map/'.$this->addChild('Wim', '2021-06-01').'/fly@10');
    }

    public function test_a_question_a_sitting_a_time_or_a_child_that_does_not_fit(): void
    {
        $setUp = $this->plannedHouse();
        $path = '/table/'.$setUp['id'].'/attempts';

        $this->refuse(422, 'questionId', 'POST', $path, ['questionId' => 'none'] + $this->tap($setUp, 0, 'at-once'));
        $this->refuse(422, 'sittingId', 'POST', $path, ['sittingId' => self::NOBODY] + $this->tap($setUp, 0, 'at-once'));
        $this->refuse(422, 'at', 'POST', $path, ['at' => 4_000_000_000_000] + $this->tap($setUp, 0, 'at-once'));
        $this->refuse(422, 'id', 'POST', $path, ['id' => 'one'] + $this->tap($setUp, 0, 'at-once'));
        // Begun, then the child moves out: the next tap is refused.
        $this->ask('POST', $path, $this->tap($setUp, 0, 'at-once'));
        $this->ask('POST', '/children/'.$setUp['sittings'][0]['childId'].'/archive');
        $this->refuse(404, 'childId', 'POST', $path, $this->tap($setUp, 1, 'at-once'));
    }

    /** @return iterable<string, array{int|null, int, int|null}> seconds ahead: the device's clock, the instant it wrote down, and what is made of that */
    public static function clocks(): iterable
    {
        yield 'a clock that is right' => [0, -60, -60];
        yield 'a clock that is right, and what was seen long ago' => [0, -9_000_000, -9_000_000];
        yield 'a clock a little ahead is taken as right' => [119, 110, 110];
        yield 'a clock hours ahead: as much earlier' => [7200, 7100, -100];
        yield 'a clock years behind: as much later' => [-94_608_000, -94_608_100, -100];
        yield 'in the future even by the device' => [7200, 7400, null];
        yield 'in the future' => [0, 130, null];
        yield 'an older release, a day ahead' => [null, 86_390, 86_390];
        yield 'an older release, more than that' => [null, 86_410, null];
    }

    #[DataProvider('clocks')]
    public function test_what_a_device_wrote_down_is_put_right_by_how_far_its_clock_is_off(?int $device, int $at, ?int $expected): void
    {
        $now = time();
        $requests = new RequestStack();
        $requests->push(Request::create('/', server: null === $device ? [] : ['HTTP_X_DEVICE_NOW' => (string) (1000 * ($now + $device))]));
        $time = new DeviceTime(new Clock('', 'UTC'), $requests);
        if (null === $expected) {
            $this->expectException(Refusal::class);
        }
        $seen = $time->seenAt(1000 * ($now + $at) + 250);

        self::assertEqualsWithDelta($now + ($expected ?? 0), (float) $seen->format('U.u'), 1.3);
    }

    public function test_screens_that_were_not_built_say_which_command_builds_them(): void
    {
        $this->expectExceptionMessage('run ./pindle start');
        (new BuiltFiles(sys_get_temp_dir().'/there-is-no-such-build'))->entry();
    }

    public function test_what_is_right_at_the_edge_is_taken(): void
    {
        $child = $this->ask('POST', '/children', [
            'name' => str_repeat('é', 60),
            'allergies' => [str_repeat('w', 40)],
            'rests' => [[0, 1], [1439, 1440]],
            'likedThings' => ['corks'],
        ], 201);
        self::assertSame([[0, 1], [1439, 1440]], $child['rests']);
        $this->ask('POST', '/cupboard', ['name' => "\u{632}\u{200c}\u{631}", 'amount' => 1000, 'size' => [1, 2.5, 3000], 'mass' => 0.1], 201);
        $this->ask('POST', '/children', json_decode('{"name": "Ada", "born": null, "settings": {}}', true), 201);
    }

    public function test_a_house_has_its_limits_and_says_so_kindly(): void
    {
        $connection = self::service(EntityManagerInterface::class)->getConnection();
        foreach (range(1, 12) as $i) {
            $id = $this->addChild('Child '.$i, null);
            if ($i < 12) {
                $this->ask('POST', '/children/'.$id.'/archive');
            }
        }
        $this->refuse(422, 'name', 'POST', '/children', ['name' => 'The thirteenth']);
        $this->ask('POST', '/children/'.$id.'/archive');
        $this->ask('POST', '/children/'.$id.'/restore');

        $connection->executeStatement(
            'INSERT INTO thing (id, name, single, amount, shape, traits, allergens, glyph, colours, put_away, version)'
            .' WITH RECURSIVE n(v) AS (SELECT 1 UNION ALL SELECT v + 1 FROM n LIMIT 998)'
            ." SELECT 'x' || v, 'x', 'x', 1, 'unknown', '[]', '[]', 'counter', 1, 0, 1 FROM n",
        );
        $this->refuse(422, 'name', 'POST', '/cupboard/tick', ['shipped' => ['corks', 'socks', 'cups']]);
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'socks']]);
        $this->refuse(422, 'name', 'POST', '/cupboard', ['name' => 'one more', 'amount' => 1]);
    }

    public function test_a_day_holds_five_hundred_things_seen_of_one_child(): void
    {
        $setUp = $this->plannedHouse();
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        $connection = self::service(EntityManagerInterface::class)->getConnection();
        $connection->executeStatement(
            'INSERT INTO note (id, child_id, step_id, note, outcome, at, day, device_id)'
            .' WITH RECURSIVE n(v) AS (SELECT 1 UNION ALL SELECT v + 1 FROM n LIMIT 498)'
            ." SELECT 'n' || v, a.child_id, a.step_id, '', 'at-once', a.at, a.day, a.device_id FROM n, attempt a",
        );
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 1, 'at-once'));
        $this->refuse(422, 'at', 'POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 2, 'at-once'));
        self::assertSame(2, (int) $connection->fetchOne('SELECT COUNT(*) FROM attempt'));
    }

    public function test_an_address_that_is_no_text_and_a_body_that_is_no_json_are_refused_before_anything_runs(): void
    {
        foreach (['/api/children/%00', '/api/find?q=%00', '/api/find?q=%ff', '/map/%ff'] as $address) {
            $this->browser->request('GET', $address);
            self::assertSame(400, $this->browser->getResponse()->getStatusCode(), $address);
            self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
        }
        foreach (['text/html', 'multipart/form-data; boundary=x', 'text/plain', 'application/zip', ''] as $type) {
            self::assertSame(415, $this->send('POST', '/children', '{"name":"Wim"}', 415, $type)['status'], $type);
        }
        self::assertSame([], $this->ask('GET', '/children')['present']);
    }

    public function test_a_log_says_where_it_failed_and_names_nobody(): void
    {
        $logger = new class extends AbstractLogger {
            public string $said = '';

            public function log(mixed $level, string|\Stringable $message, array $context = []): void
            {
                $this->said .= $message.json_encode($context);
            }
        };
        $event = new ExceptionEvent(
            new Kernel('test', false),
            Request::create('/api/children'),
            HttpKernelInterface::MAIN_REQUEST,
            new \RuntimeException('Wim is no number', 0, new \DomainException('Wim again')),
        );
        (new ProblemListener($logger))($event);

        self::assertStringContainsString('RuntimeException', $logger->said);
        self::assertStringContainsString('DomainException', $logger->said);
        self::assertStringContainsString('BadInputTest.php', $logger->said);
        self::assertStringNotContainsString('Wim', $logger->said);
        self::assertStringNotContainsString('Wim', (string) $event->getResponse()?->getContent());
    }

    public function test_every_answer_tells_the_browser_to_be_careful(): void
    {
        foreach (['/api/house' => "default-src 'none'", '/api/nowhere' => "default-src 'none'", '/map' => "default-src 'self'"] as $path => $policy) {
            $this->browser->request('GET', $path);
            $headers = $this->browser->getResponse()->headers;
            self::assertSame('nosniff', $headers->get('X-Content-Type-Options'), $path);
            self::assertSame('no-referrer', $headers->get('Referrer-Policy'));
            self::assertStringStartsWith($policy, (string) $headers->get('Content-Security-Policy'));
            self::assertStringContainsString("frame-ancestors 'none'", (string) $headers->get('Content-Security-Policy'));
            self::assertStringNotContainsString('script-src', (string) $headers->get('Content-Security-Policy'), 'no script but our own files');
        }
    }

    public function test_a_foreign_name_that_leads_to_this_machine_is_not_answered(): void
    {
        $ours = ['localhost', 'LOCALHOST:8317', '127.0.0.1:8317', '[::1]:8317'];
        $foreign = ['evil.example', 'localhost.evil.example', '127.0.0.1.evil.example:8317'];
        foreach (array_fill_keys($ours, 200) + array_fill_keys($foreign, 421) as $host => $status) {
            $this->browser->request('GET', '/api/children', server: ['HTTP_HOST' => (string) $host]);
            self::assertSame($status, $this->browser->getResponse()->getStatusCode(), (string) $host);
        }
        $this->browser->request('GET', '/map', server: ['HTTP_HOST' => 'evil.example']);
        self::assertSame(421, $this->browser->getResponse()->getStatusCode(), 'nor the page');
    }

    public function test_malformed_json_a_wrong_content_type_and_too_much_of_it(): void
    {
        self::assertSame(400, $this->send('POST', '/children', '{"name": ', 400)['status']);
        self::assertSame(415, $this->send('POST', '/children', 'name=Wim', 415, 'application/x-www-form-urlencoded')['status']);
        self::assertSame(
            413,
            $this->send('POST', '/children', json_encode(['name' => str_repeat('a', RequestGuard::LARGEST_BODY)], \JSON_THROW_ON_ERROR), 413)['status'],
        );
        self::assertSame([], $this->ask('GET', '/children')['present']);
    }

    /** @return iterable<string, array{int, array<string, string>}> */
    public static function origins(): iterable
    {
        yield 'our own page' => [201, ['HTTP_SEC_FETCH_SITE' => 'same-origin', 'HTTP_ORIGIN' => 'http://localhost']];
        yield 'our own page in a browser that says less' => [201, ['HTTP_ORIGIN' => 'http://localhost']];
        yield 'a page of another site' => [403, ['HTTP_SEC_FETCH_SITE' => 'cross-site']];
        yield 'a page of a sister site' => [403, ['HTTP_SEC_FETCH_SITE' => 'same-site']];
        yield 'an address typed in' => [403, ['HTTP_SEC_FETCH_SITE' => 'none']];
        yield 'another port of this machine' => [403, ['HTTP_ORIGIN' => 'http://localhost:99']];
        yield 'a page that says both' => [403, ['HTTP_SEC_FETCH_SITE' => 'same-origin', 'HTTP_ORIGIN' => 'http://evil.example']];
        yield 'a file on the disk' => [403, ['HTTP_ORIGIN' => 'null']];
        yield 'somebody who does not say' => [403, []];
    }

    /** @param array<string, string> $headers */
    #[DataProvider('origins')]
    public function test_only_our_own_pages_change_something(int $status, array $headers): void
    {
        $this->browser->request('POST', '/api/children', server: ['CONTENT_TYPE' => 'application/json'] + $headers, content: '{"name":"Wim"}');

        self::assertSame($status, $this->browser->getResponse()->getStatusCode());
        self::assertCount(201 === $status ? 1 : 0, $this->ask('GET', '/children')['present']);
    }

    public function test_an_unknown_path_below_api_is_a_problem_and_any_other_is_the_app(): void
    {
        self::assertSame(404, $this->ask('GET', '/nowhere', null, 404)['status']);
        $this->browser->request('GET', '/map');
        self::assertStringContainsString('<div id="pindle">', (string) $this->browser->getResponse()->getContent());
    }
}
