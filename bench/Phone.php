<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Pindle\Tests\Browser\Chrome;
use Pindle\Tests\Browser\Server;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** The table on a slow phone, and what a device advises by itself beside what the house advises. */
final class Phone
{
    /** A day on which each child of the demo has games of their own. */
    private const TODAY = '2026-12-03';

    /** A phone of some years ago beside this machine. */
    private const THROTTLE = 6;

    /** A task that takes longer is felt. */
    private const LONG_MS = 100;

    private Server $server;

    public function __construct(private readonly Chrome $chrome)
    {
        $this->server = new Server(self::TODAY, true);
        // What the house answers to a tap is overheard, from before the page has its own way to ask.
        (new ChromeDevToolsDriver($chrome->driver))->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => 'const real = window.fetch;'
            .' window.fetch = async (...a) => { const r = await real(...a);'
            .' if (r.url.endsWith("/attempts")) { r.clone().json().then((d) => { window.said = d.advice; }); } return r; };']);
    }

    public function stop(): void
    {
        $this->server->stop();
    }

    /** @return array{taps: int, longest: int} the longest task in milliseconds while so many were tapped, one after the other */
    public function taps(int $taps): array
    {
        $this->chrome->size(390, 844, true, 2);
        $done = 0;
        $longest = 0;
        $devTools = new ChromeDevToolsDriver($this->chrome->driver);
        foreach ($this->tables() as $table) {
            $this->open($table['id']);
            // What the page still fetches when it opens is not what a tap takes.
            sleep(4);
            $devTools->execute('Emulation.setCPUThrottlingRate', ['rate' => self::THROTTLE]);
            $this->chrome->driver->executeScript(
                'window.longest = 0; new PerformanceObserver((l) => l.getEntries().forEach((e) => { window.longest = Math.max(window.longest, e.duration); }))'
                .'.observe({ type: "longtask" });',
            );
            foreach ($table['turns'] as $i => $turn) {
                if ($done < $taps && \count($table['turns']) - 1 > $i) {
                    $this->chrome->click('[data-outcome="'.['at-once', 'worked-it-out', 'not-yet'][$done % 3].'"]');
                    usleep(400_000);
                    ++$done;
                }
            }
            $longest = max($longest, (int) $this->chrome->driver->executeScript('return Math.round(window.longest)'));
            $devTools->execute('Emulation.setCPUThrottlingRate', ['rate' => 1]);
        }

        return ['taps' => $done, 'longest' => $longest];
    }

    public static function isLong(int $milliseconds): bool
    {
        return $milliseconds > self::LONG_MS;
    }

    /**
     * Random taps on one table after the other, each taken back at the end: after every tap the idea on the screen is the one the house says.
     *
     * @return array{sequences: int, taps: int, ideas: int, unequal: list<string>}
     */
    public function advice(int $sequences, int $seed = 11): array
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $found = ['sequences' => 0, 'taps' => 0, 'ideas' => 0, 'unequal' => []];
        $tables = $this->tables();
        while ($found['sequences'] < $sequences) {
            $table = $tables[$found['sequences'] % \count($tables)];
            $this->open($table['id']);
            for ($tap = $random->getInt(3, 6); $tap > 0 && $this->isAsking(); --$tap) {
                if ($random->getInt(0, 3) > 0) {
                    $help = ['bare', 'part-done', 'shown'][max(0, $random->getInt(-3, 2))];
                    foreach ($this->chrome->driver->findElements(WebDriverBy::cssSelector('[data-help="'.$help.'"]')) as $button) {
                        $this->chrome->driver->executeScript('arguments[0].click()', [$button]);
                    }
                }
                $outcome = ['at-once', 'at-once', 'worked-it-out', 'with-help', 'not-yet', 'not-yet'][$random->getInt(0, 5)];
                [$here, $there, $isAsking] = (array) $this->chrome->driver->executeAsyncScript(
                    'const done = arguments[1]; window.said = undefined; document.querySelector(`[data-outcome="${arguments[0]}"]`).click();'
                    .' const look = () => { if (window.said === undefined) { return setTimeout(look, 20); } setTimeout(() => done(['
                    .' document.querySelector("[data-advice] b")?.textContent ?? null, window.said?.ideas[0].words ?? null,'
                    .' !!document.querySelector("[data-outcome]")]), 60); }; look();',
                    [$outcome],
                );
                ++$found['taps'];
                $found['ideas'] += null === $there ? 0 : 1;
                // After the last question nothing is left to advise about.
                if ($isAsking && $here !== $there) {
                    $found['unequal'][] = \sprintf('%s: here "%s", there "%s"', $table['name'], $here ?? '', $there ?? '');
                }
                if (null !== $here && 1 === $random->getInt(0, 1)) {
                    $this->chrome->driver->executeScript('document.querySelector("[data-advice] button:not([aria-label])").click()');
                    usleep(300_000);
                    $asked = (string) $this->chrome->driver->executeScript('return document.querySelector("[data-ask]")?.textContent.trim() ?? ""');
                    $left = array_values(array_filter($this->ask('/table/'.$table['id'])['turns'], static fn (array $turn): bool => null === $turn['done']));
                    if ('' !== $asked && $asked !== ($left[0]['ask'] ?? '')) {
                        $found['unequal'][] = \sprintf('%s: asks "%s", the house "%s"', $table['name'], $asked, $left[0]['ask'] ?? '');
                    }
                }
            }
            while ([] !== array_filter(array_column($this->ask('/table/'.$table['id'])['turns'], 'done'))) {
                $this->chrome->driver->executeScript('window.dispatchEvent(new KeyboardEvent("keydown", { key: "u", bubbles: true }))');
                usleep(120_000);
            }
            ++$found['sequences'];
        }

        return $found;
    }

    /** Bytes of all the tables of the day, gzipped: what a device keeps to go on without the house. */
    public function kept(): int
    {
        return array_sum(array_map(
            fn (array $setUp): int => \strlen((string) gzencode((string) file_get_contents($this->server->url.'/api/table/'.$setUp['id']))),
            $this->ask('/today')['setUps'],
        ));
    }

    /** @return list<string> what axe finds in any room at three sizes, a dialog of keys and the table's stages included */
    public function barriers(): array
    {
        $axe = (string) file_get_contents(\dirname(__DIR__).'/node_modules/axe-core/axe.min.js');
        $setUp = $this->tables()[0]['id'];
        $child = $this->ask('/children')['present'][0]['id'];
        $stage = static fn (string $of): string => 'document.querySelector("[data-stage='.$of.']").click()';
        $rooms = [
            ['/', ''],
            ['/map/'.$child, ''],
            ['/children', ''],
            ['/children/'.$child.'/teaching', ''],
            ['/children/'.$child.'/first-look', ''],
            ['/cupboard', ''],
            ['/activities', ''],
            ['/house', ''],
            ['/journal', ''],
            ['/journal/year', ''],
            ['/journal/along', ''],
            ['/journal/letter', ''],
            ['/journal/portfolio', ''],
            ['/journal/in-and-out', ''],
            ['/stand-ins', ''],
            ['/table/'.$setUp, $stage('gather')],
            ['/table/'.$setUp, $stage('questions')],
            ['/table/'.$setUp, $stage('tidy-up')],
            ['/table/'.$setUp.'?read=1', ''],
            ['/table/'.$setUp, 'document.querySelector("[data-elsewhere]").click()'],
        ];
        $found = [];
        foreach ([[390, 844], [768, 1024], [1280, 800]] as [$width, $height]) {
            $this->chrome->size($width, $height, $width < 500);
            foreach ($rooms as [$path, $then]) {
                $this->chrome->driver->get($this->server->url.$path);
                usleep(1_500_000);
                $this->chrome->driver->executeScript($then);
                usleep(500_000);
                $this->chrome->driver->executeScript($axe);
                $violations = (array) $this->chrome->driver->executeAsyncScript(
                    'const done = arguments[0]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa", "best-practice"]})'
                    .'.then((r) => done(r.violations.map((v) => v.id + ": " + v.nodes.slice(0, 2).map((n) => n.html.slice(0, 120)).join(" | "))));',
                );
                foreach ($violations as $violation) {
                    $found[] = \sprintf('%s %s at %d: %s', $path, $then, $width, $violation);
                }
                if ((bool) $this->chrome->driver->executeScript('return document.documentElement.scrollWidth > window.innerWidth + 1')) {
                    $found[] = \sprintf('%s %s at %d: scrolls sideways', $path, $then, $width);
                }
            }
        }

        return $found;
    }

    private function isAsking(): bool
    {
        return (bool) $this->chrome->driver->executeScript('return !!document.querySelector("[data-outcome]")');
    }

    private function open(string $setUpId): void
    {
        $this->chrome->driver->get($this->server->url.'/table/'.$setUpId);
        $this->chrome->driver->wait(10)->until(fn (): bool => (bool) $this->chrome->driver->executeScript(
            'return !!document.querySelector("[data-stage=questions]")',
        ));
        $this->chrome->driver->executeScript('document.querySelector("[data-stage=questions]").click()');
        $this->chrome->driver->wait(10)->until(fn (): bool => $this->isAsking());
    }

    /** @return non-empty-list<array<mixed>> those of one child, without a guess */
    private function tables(): array
    {
        $tables = array_map(fn (array $setUp): array => $this->ask('/table/'.$setUp['id']), $this->ask('/today')['setUps']);
        $fine = array_filter(
            $tables,
            static fn (array $table): bool => 1 === \count($table['seats']) && [] === array_filter(array_column($table['turns'], 'isGuess')),
        );

        return array_values($fine) ?: throw new \RuntimeException('The demo plans nothing for one child.');
    }

    /** @return array<mixed> */
    private function ask(string $path): array
    {
        return (array) json_decode((string) file_get_contents($this->server->url.'/api'.$path), true, 32, \JSON_THROW_ON_ERROR);
    }
}
