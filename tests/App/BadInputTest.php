<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\DeviceTime;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Http\RequestGuard;
use Pindle\App\Platform\Shell\BuiltFiles;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;

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

    /** @return iterable<string, array{int|null, int, int|null}> how far ahead the device's clock says it is, how far ahead the instant is, and what is made of it, in seconds */
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

    public function test_a_page_of_another_site_changes_nothing(): void
    {
        $this->browser->request(
            'POST',
            '/api/children',
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_SEC_FETCH_SITE' => 'cross-site'],
            content: '{"name":"Wim"}',
        );

        self::assertSame(403, $this->browser->getResponse()->getStatusCode());
    }

    public function test_an_unknown_path_below_api_is_a_problem_and_any_other_is_the_app(): void
    {
        self::assertSame(404, $this->ask('GET', '/nowhere', null, 404)['status']);
        $this->browser->request('GET', '/map');
        self::assertStringContainsString('<div id="pindle">', (string) $this->browser->getResponse()->getContent());
    }
}
