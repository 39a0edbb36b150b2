<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Pindle\App\Platform\Lock\Device;
use Pindle\App\Platform\Lock\Lock;
use Pindle\App\Platform\Lock\SlowDown;
use Pindle\App\Platform\Lock\Who;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Routing\RouterInterface;

/** One passphrase for the house, a token for each device, and who may use which route. */
final class LockTest extends ApiTestCase
{
    private const PASSPHRASE = 'three wet mooring ropes';

    protected function tearDown(): void
    {
        $this->forget();
        parent::tearDown();
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->forget();
    }

    private function forget(): void
    {
        (new Filesystem())->remove(glob($_SERVER['PINDLE_DATA'].'/lock*') ?: []);
    }

    public function test_before_there_is_a_passphrase_this_machine_is_the_parents(): void
    {
        self::assertSame(['isSet' => false, 'who' => 'parent', 'demo' => false], $this->ask('GET', '/lock'));
        $this->ask('GET', '/children');
        $this->refuse(409, 'code', 'POST', '/lock/code', []);
        $this->refuse(409, 'passphrase', 'POST', '/lock/sign-in', ['name' => 'Phone', 'passphrase' => 'anything at all']);
    }

    public function test_once_there_is_one_it_is_asked_everywhere_and_signing_in_opens_everything(): void
    {
        $this->lock()->setPassphrase(self::PASSPHRASE);
        self::assertSame(['isSet' => true, 'who' => null, 'demo' => false], $this->ask('GET', '/lock'));
        foreach (['/children', '/today', '/house', '/house/copies', '/activities'] as $path) {
            self::assertSame(401, $this->ask('GET', $path, null, 401)['status'], $path);
        }
        self::assertSame(401, $this->ask('POST', '/children', ['name' => 'Wim'], 401)['status']);

        $this->refuse(422, 'passphrase', 'POST', '/lock/sign-in', ['name' => 'Phone', 'passphrase' => 'three wet mooring rope']);
        self::assertSame('parent', $this->ask('POST', '/lock/sign-in', ['name' => 'Laptop', 'passphrase' => self::PASSPHRASE])['who']);

        $cookie = $this->browser->getResponse()->headers->getCookies()[0];
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('strict', $cookie->getSameSite());
        self::assertSame('/', $cookie->getPath());
        self::assertEqualsWithDelta(time() + 90 * 86_400, $cookie->getExpiresTime(), 5);
        $this->ask('GET', '/children');
        [$device] = $this->ask('GET', '/lock/devices')['devices'];
        self::assertSame(['Laptop', 'parent', true], [$device['name'], $device['who'], $device['isThis']]);
        // Signed out, nothing opens any more.
        $this->ask('POST', '/lock/sign-out', [], 204);
        $this->ask('GET', '/children', null, 401);
    }

    public function test_on_https_the_cookie_is_one_that_no_plain_page_can_set(): void
    {
        $this->lock()->setPassphrase(self::PASSPHRASE);
        $this->browser->request(
            'POST',
            'https://localhost/api/lock/sign-in',
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_SEC_FETCH_SITE' => 'same-origin'],
            content: json_encode(['name' => 'Phone', 'passphrase' => self::PASSPHRASE]) ?: '',
        );
        $cookie = $this->browser->getResponse()->headers->getCookies()[0];
        self::assertSame('__Host-pindle', $cookie->getName());
        self::assertTrue($cookie->isSecure());
    }

    public function test_a_code_signs_one_table_device_in_once_within_ten_minutes(): void
    {
        $this->lock()->setPassphrase(self::PASSPHRASE);
        $now = 1_700_000_000;
        $code = $this->lock()->newCode($now);
        self::assertMatchesRegularExpression('/^[a-hjkmnp-z2-9]{4}-[a-hjkmnp-z2-9]{4}$/', $code);
        self::assertFalse($this->lock()->takeCode('aaaa-aaaa', $now));
        self::assertTrue($this->lock()->takeCode(strtoupper(str_replace('-', ' ', $code)), $now + 600), 'as it may be typed');
        self::assertFalse($this->lock()->takeCode($code, $now + 1), 'once');
        self::assertFalse($this->lock()->takeCode($this->lock()->newCode($now), $now + 601), 'ten minutes');

        self::assertSame('table', $this->ask('POST', '/lock/sign-in', ['name' => 'Phone', 'code' => $this->lock()->newCode(time())])['who']);
        $this->ask('GET', '/today');
        self::assertSame(403, $this->ask('GET', '/children', null, 403)['status']);
        self::assertSame(403, $this->ask('POST', '/lock/code', [], 403)['status']);
    }

    /** A table device: Today and its tables, and what the outbox carries. Public: the lock itself. Everything else is the parent's. */
    public function test_every_route_names_who_may_use_it(): void
    {
        $open = ['table' => [], 'public' => []];
        $names = [];
        foreach (self::service(RouterInterface::class)->getRouteCollection() as $name => $route) {
            if (str_starts_with($route->getPath(), '/api')) {
                $names[] = $name;
                $who = Who::from($route->getDefault('_who') ?? 'parent')->value;
                if ('parent' !== $who) {
                    $open[$who][] = $name;
                }
            }
        }
        self::assertSame(['lock_look', 'lock_root', 'lock_sign_in'], self::sorted($open['public']));
        self::assertSame([
            'journal_photograph_keep', 'lock_sign_out', 'table_advice', 'table_all_at_once', 'table_attempt', 'table_choose', 'table_close', 'table_correct',
            'table_finish', 'table_look', 'table_note', 'table_stand_ins', 'table_take_back', 'table_take_try_back', 'table_try',
            'today_arms_full', 'today_asleep', 'today_away', 'today_back', 'today_card_pdf', 'today_day_pdf', 'today_drop',
            'today_five_minutes', 'today_gathered', 'today_hold', 'today_ill', 'today_join', 'today_later', 'today_let_go',
            'today_look', 'today_moment', 'today_move', 'today_other_things', 'today_pile', 'today_refused', 'today_something_else',
            'today_something_else_back', 'today_swap', 'today_swaps', 'today_tomorrow', 'today_twenty', 'today_undo', 'today_woke',
        ], self::sorted($open['table']));
        self::assertGreaterThan(40, \count($names));
    }

    /** Nothing is answered to a device that is not signed in, whatever the route: asked of every one there is. */
    public function test_no_route_forgets_to_ask(): void
    {
        $this->lock()->setPassphrase(self::PASSPHRASE);
        $token = $this->lock()->signIn('Phone', Who::Table, time());
        foreach (self::service(RouterInterface::class)->getRouteCollection() as $route) {
            $who = Who::from($route->getDefault('_who') ?? 'parent');
            if (!str_starts_with($route->getPath(), '/api') || Who::Public === $who) {
                continue;
            }
            $path = (string) preg_replace('/\{\w+\}/', '0195a000-0000-7000-8000-000000000000', $route->getPath());
            $type = $route->getDefault('_takes') ?? 'application/json';
            foreach ([401 => null, 403 => $token] as $status => $cookie) {
                $this->browser->getCookieJar()->clear();
                if (null !== $cookie) {
                    if (Who::Table === $who) {
                        continue;
                    }
                    $this->browser->getCookieJar()->set(new Cookie('pindle', $cookie));
                }
                $headers = ['CONTENT_TYPE' => $type, 'HTTP_SEC_FETCH_SITE' => 'same-origin'];
                $this->browser->request($route->getMethods()[0], $path, server: $headers, content: '{}');
                self::assertSame($status, $this->browser->getResponse()->getStatusCode(), $path);
            }
        }
    }

    public function test_guessing_is_slow_for_one_address_and_never_hits_who_is_signed_in(): void
    {
        $this->lock()->setPassphrase(self::PASSPHRASE);
        $token = $this->lock()->signIn('Laptop', Who::Parent, time());
        foreach (range(1, SlowDown::PER_ADDRESS) as $i) {
            $this->refuse(422, 'passphrase', 'POST', '/lock/sign-in', ['name' => 'x', 'passphrase' => 'guess number '.$i]);
        }
        self::assertSame(429, $this->ask('POST', '/lock/sign-in', ['name' => 'x', 'passphrase' => self::PASSPHRASE], 429)['status']);
        $this->browser->getCookieJar()->set(new Cookie('pindle', $token));
        $this->ask('GET', '/children');
        // Another address still gets in.
        $this->browser->setServerParameter('REMOTE_ADDR', '192.168.1.20');
        $this->browser->getCookieJar()->clear();
        $this->ask('POST', '/lock/sign-in', ['name' => 'x', 'passphrase' => self::PASSPHRASE]);
        $this->browser->setServerParameter('REMOTE_ADDR', '127.0.0.1');
    }

    public function test_many_addresses_together_wait_and_are_never_refused(): void
    {
        $slow = new SlowDown((string) $_SERVER['PINDLE_DATA']);
        $started = microtime(true);
        foreach (range(1, SlowDown::PER_MINUTE) as $i) {
            $slow->beforeGuess('10.0.0.'.$i);
        }
        self::assertLessThan(1.5, microtime(true) - $started);
        $started = microtime(true);
        $slow->beforeGuess('10.0.1.1');
        self::assertEqualsWithDelta(2.0, microtime(true) - $started, 0.6);
    }

    public function test_a_device_stays_signed_in_ninety_days_from_its_last_use(): void
    {
        $this->lock()->setPassphrase(self::PASSPHRASE);
        $day = 86_400;
        $token = $this->lock()->signIn('Tablet', Who::Table, 1_000_000);
        self::assertNotNull($this->lock()->device($token, 1_000_000 + 89 * $day), 'slides');
        self::assertNotNull($this->lock()->device($token, 1_000_000 + 178 * $day));
        self::assertNull($this->lock()->device($token, 1_000_000 + 178 * $day + 90 * $day + 1));
        self::assertNull($this->lock()->device(str_repeat('0', 64), 1_000_000));
        self::assertSame(Device::DAYS, 90);
    }

    public function test_a_new_passphrase_signs_everyone_out_and_signing_one_out_leaves_the_others(): void
    {
        $this->lock()->setPassphrase(self::PASSPHRASE);
        $now = time();
        [$phone, $tablet] = [$this->lock()->signIn('Phone', Who::Table, $now), $this->lock()->signIn('Tablet', Who::Table, $now)];
        $ids = [];
        foreach ($this->lock()->devices() as $device) {
            $ids[$device->name] = $device->id;
        }
        self::assertTrue($this->lock()->signOut($ids['Phone']));
        self::assertFalse($this->lock()->signOut($ids['Phone']));
        self::assertNull($this->lock()->device($phone, $now));
        self::assertNotNull($this->lock()->device($tablet, $now));
        $this->lock()->setPassphrase(self::PASSPHRASE.' more');
        self::assertNull($this->lock()->device($tablet, $now));
        self::assertFalse($this->lock()->opens(self::PASSPHRASE));
        self::assertTrue($this->lock()->opens(self::PASSPHRASE.' more'));
    }

    public function test_nothing_secret_lies_in_the_file_and_nobody_else_can_read_it(): void
    {
        $this->lock()->setPassphrase(self::PASSPHRASE);
        $token = $this->lock()->signIn('Phone', Who::Table, time());
        $code = $this->lock()->newCode(time());
        $file = $_SERVER['PINDLE_DATA'].'/lock.json';
        $text = (string) file_get_contents($file);
        foreach ([self::PASSPHRASE, $token, $code, str_replace('-', '', $code)] as $secret) {
            self::assertStringNotContainsString($secret, $text);
        }
        self::assertSame('0600', substr(\sprintf('%o', fileperms($file)), -4));
    }

    #[DataProvider('lengths')]
    public function test_a_passphrase_has_eight_letters_or_more(string $passphrase, bool $is): void
    {
        if (!$is) {
            $this->expectException(\InvalidArgumentException::class);
        }
        $this->lock()->setPassphrase($passphrase);
        self::assertTrue($this->lock()->isSet());
    }

    /** @return iterable<array{string, bool}> */
    public static function lengths(): iterable
    {
        yield [str_repeat('é', 7), false];
        yield [str_repeat('é', 8), true];
        yield [str_repeat('a', 200), true];
        yield [str_repeat('a', 201), false];
    }

    private function lock(): Lock
    {
        return new Lock((string) $_SERVER['PINDLE_DATA']);
    }

    /**
     * @param list<string> $names
     *
     * @return list<string>
     */
    private static function sorted(array $names): array
    {
        sort($names);

        return $names;
    }
}
