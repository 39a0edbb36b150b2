<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** A page of another site, open in the same browser, can neither read the house nor change it. */
final class ForeignPageTest extends BrowserTestCase
{
    public function test_another_sites_page_plants_nothing_archives_nothing_and_reads_nothing(): void
    {
        $this->server = new Server(self::TODAY, true);
        $house = substr($this->server->url, 17);
        $children = $this->api('/children');
        $site = sys_get_temp_dir().'/pindle-foreign-'.bin2hex(random_bytes(4));
        (new Filesystem())->dumpFile($site.'/index.html', '<!doctype html><title>A foreign page</title><iframe name="f"></iframe>');
        $port = Server::freePort();
        $foreign = new Process(['php', '-S', '127.0.0.1:'.$port, '-t', $site]);
        $foreign->setTimeout(null)->disableOutput()->start();
        try {
            usleep(500_000);
            $this->chrome->driver->get('http://page.evil.example:'.$port.'/');
            $this->chrome->driver->executeScript(
                <<<'JS'
                    const [house, child] = arguments;
                    window.read = [];
                    window.open = 0;
                    for (const host of ['127.0.0.1', 'localhost', 'house.evil.example']) {
                        const api = `http://${host}:${house}/api`;
                        // The browser itself may hold a request back until somebody allows it.
                        const attack = (path, options) => {
                            ++window.open;
                            fetch(api + path, { ...options, credentials: 'include', signal: AbortSignal.timeout(2000) })
                                .then(async (r) => window.read.push(await r.text()))
                                .catch(() => {})
                                .finally(() => --window.open);
                        };
                        for (const type of ['text/plain', 'application/x-www-form-urlencoded', 'application/json']) {
                            attack('/children', { method: 'POST', mode: 'no-cors', headers: { 'Content-Type': type }, body: '{"name":"Planted"}' });
                        }
                        attack('/children', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: '{"name":"Planted"}' });
                        attack(`/children/${child}/archive`, { method: 'POST', mode: 'no-cors' });
                        attack('/children', { mode: 'cors' });
                        const form = document.createElement('form');
                        Object.assign(form, { method: 'POST', enctype: 'text/plain', target: 'f', action: api + '/children' });
                        form.innerHTML = `<input name='{"name":"Planted", "x":"' value='"}'>`;
                        document.body.append(form);
                        form.submit();
                    }
                    JS,
                [$house, $children['present'][0]['id']],
            );
            $this->chrome->driver->wait(15)->until(fn (): bool => 0 === $this->chrome->driver->executeScript('return window.open'));
            usleep(500_000);
            $read = $this->chrome->driver->executeScript('return window.read');
            self::assertStringNotContainsString($children['present'][0]['name'], json_encode($read, \JSON_THROW_ON_ERROR));
            self::assertSame($children, $this->api('/children'), 'planted 0, archived 0');

            // The foreign name itself leads to the house: to no answer.
            $this->chrome->driver->get('http://house.evil.example:'.$house.'/');
            $this->chrome->waitForText('That is not the name of this house');
        } finally {
            $foreign->stop(1);
            (new Filesystem())->remove($site);
        }
    }
}
