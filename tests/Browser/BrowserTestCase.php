<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\TestCase;

/** Drives the real interface. One Chromium serves the whole run. */
abstract class BrowserTestCase extends TestCase
{
    protected const TODAY = '2026-03-04';

    protected static ?Chrome $sharedChrome = null;
    protected Chrome $chrome;
    protected Server $server;

    protected function setUp(): void
    {
        if (null === self::$sharedChrome) {
            self::$sharedChrome = new Chrome();
            register_shutdown_function(static fn () => self::$sharedChrome?->close());
        }
        $this->chrome = self::$sharedChrome;
        $this->chrome->size(1280, 800);
    }

    protected function tearDown(): void
    {
        // What waits in one test's browser must not reach another test's house.
        $this->chrome->driver->executeScript('try { localStorage.clear() } catch {}');
        $this->chrome->driver->get('about:blank');
        if (isset($this->server)) {
            $this->server->stop();
        }
    }

    protected function open(string $path): void
    {
        $this->chrome->driver->get($this->server->url.$path);
    }

    /** @return array<mixed> */
    protected function api(string $path): array
    {
        return (array) json_decode((string) file_get_contents($this->server->url.'/api'.$path), true, 512, \JSON_THROW_ON_ERROR);
    }

    /** No rule of axe-core at level A or AA, and none of its best practices, is broken on the page as it stands. */
    protected function assertAccessible(string $what): void
    {
        $this->chrome->driver->executeScript((string) file_get_contents(\dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        $found = $this->chrome->driver->executeAsyncScript(
            'const done = arguments[0]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa", "best-practice"]})'
            .'.then((r) => done(r.violations.map((v) => v.id + ": " + v.nodes.slice(0, 3).map((n) => n.html.slice(0, 160)).join(" | "))));',
        );
        self::assertSame([], $found, $what);
    }

    /** @return array<mixed> the table of a set-up for one child without a guess, opened on a phone */
    protected function atTheTable(): array
    {
        $this->server = new Server(self::TODAY, true);
        // Where nothing is planned for one child alone there are always five minutes.
        $eldest = $this->api('/today')['children'][0]['id'];
        $this->post('/today/five-minutes', ['childId' => $eldest, 'at' => 1000]);
        foreach ($this->api('/today')['setUps'] as $setUp) {
            $table = $this->table($setUp['id']);
            if (1 === \count($setUp['sittings']) && \count($table['turns']) > 4 && [] === array_filter(array_column($table['turns'], 'isGuess'))) {
                $this->chrome->size(390, 844, true, 2);
                $this->open('/table/'.$setUp['id']);
                $this->chrome->click('[data-to-questions]');
                $this->chrome->waitForText($table['turns'][0]['ask']);

                return $table;
            }
        }
        self::fail('The demo plans nothing for one child.');
    }

    /** @return list<RemoteWebElement> */
    protected function all(string $css): array
    {
        return array_values($this->chrome->driver->findElements(WebDriverBy::cssSelector($css)));
    }

    /** @return array<mixed> */
    protected function table(string $setUpId): array
    {
        return $this->api('/table/'.$setUpId);
    }

    /** @param array<string, mixed> $body */
    protected function post(string $path, array $body, string $method = 'POST'): void
    {
        $context = stream_context_create(['http' => [
            'method' => $method,
            'header' => "Content-Type: application/json\r\nAccept: application/json\r\nSec-Fetch-Site: same-origin",
            'content' => json_encode($body, \JSON_THROW_ON_ERROR),
        ]]);
        self::assertNotFalse(file_get_contents($this->server->url.'/api'.$path, false, $context));
    }
}
