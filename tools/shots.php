<?php

declare(strict_types=1);

use Pindle\App\Platform\Lock\Lock;
use Pindle\App\Platform\Lock\Who;
use Pindle\Tests\Browser\Chrome;
use Pindle\Tests\Browser\Server;
use Symfony\Component\Process\Process;

/* Takes a picture of each main view from the demo data, on a fixed day: ./pindle shots [folder] [name of one] */

require __DIR__.'/taught.php';

$folder = $argv[1] ?? dirname(__DIR__).'/docs/screenshots';
$only = $argv[2] ?? null;
$server = new Server('2026-11-24', true, null, ['PINDLE_LAN' => '1']);
$chrome = new Chrome();
$today = json_decode((string) file_get_contents($server->url.'/api/today'), true);
$setUp = $today['setUps'][0]['id'];
$elder = $today['children'][0]['id'];
$little = $today['children'][2]['id'];
$things = array_column(json_decode((string) file_get_contents($server->url.'/api/make'), true)['things'], 'id', 'name');

$views = [
    'today' => ['/', 1280, 800, null],
    'table' => ["/table/$setUp", 1280, 800, static fn (Chrome $chrome) => $chrome->click('[data-stage="questions"]')],
    'table-phone' => ["/table/$setUp", 390, 844, static fn (Chrome $chrome) => $chrome->click('[data-stage="questions"]')],
    'map' => ["/map/$elder", 1280, 800, null],
    'make' => ['/make?sheet=frame&thingId='.$things['jar lids'], 1280, 800, static fn (Chrome $chrome) => $chrome->waitForText('Print it')],
    // With the little one nobody taps: its record rests on closing marks and checks.
    'evidence' => ["/map/$little", 1280, 800, static function (Chrome $chrome): void {
        // The grid is open still, from the picture before.
        $chrome->driver->executeScript('sessionStorage.clear()');
        $chrome->driver->navigate()->refresh();
        $chrome->clickText('Every step, as spindles');
        $chrome->click('[data-mark="can-do"]');
        $chrome->click('[role="dialog"] summary');
    }],
    'children' => ['/children', 1280, 800, null],
    'teaching' => ["/children/$elder/teaching", 1280, 800, static fn (Chrome $chrome) => $chrome->clickText('Why parents differ')],
    'journal' => ['/journal', 1280, 800, null],
    'journal-phone' => ['/journal', 390, 844, static fn (Chrome $chrome) => $chrome->driver->executeScript('window.scrollTo(0, 1130)')],
    'journal-along' => ["/journal/along?child=$elder", 1280, 1500, null],
    'cupboard' => ['/cupboard', 1280, 800, null],
    'activities' => ['/activities', 1280, 800, null],
    'today-phone' => ['/', 390, 844, null],
    'week' => ['/week', 1280, 800, static function (Chrome $chrome) use ($server, $little): void {
        foreach ([
            ['POST', '/week/away/'.$little, ['from' => '2026-11-26', 'to' => '2026-11-27', 'version' => 0]],
            ['POST', '/week/holidays', ['from' => '2026-11-28', 'to' => '2026-11-29', 'version' => 1]],
            ['POST', '/today/plan?day=2026-11-25', (object) []],
        ] as [$method, $path, $body]) {
            file_get_contents($server->url.'/api'.$path, false, stream_context_create(['http' => [
                'method' => $method,
                'header' => "Content-Type: application/json\r\nAccept: application/json\r\nSec-Fetch-Site: same-origin",
                'content' => json_encode($body, \JSON_THROW_ON_ERROR),
            ]]));
        }
        $chrome->driver->navigate()->refresh();
        $chrome->waitForText('What to have');
    }],
    // Last: from here on the house has a lock.
    'house' => ['/house', 1280, 800, static function (Chrome $chrome) use ($server): void {
        lock($server);
        $chrome->driver->navigate()->refresh();
        $chrome->clickText('Passphrase');
        $chrome->type('#passphrase', 'three wet mooring ropes');
        $chrome->clickText('Come in');
        $chrome->clickText('Make one now');
        $chrome->waitForText('Free on the disk');
        $chrome->clickText('Let a phone or tablet in');
        $chrome->waitForText('Another code');
        $chrome->driver->executeScript('document.querySelector("#copies").scrollIntoView()');
    }],
];

/** What the room waits for has come, and has been painted. */
function settled(Chrome $chrome): void
{
    $waits = 'return document.body.innerText.trim() === "" || document.querySelector("[data-wait]") !== null';
    usleep(300_000);
    $chrome->driver->wait(20)->until(static fn (): bool => !$chrome->driver->executeScript($waits));
    usleep(500_000);
}

/** A passphrase, two devices and an address on a network of the sample household's own. */
function lock(Server $server): void
{
    $lock = new Lock($server->data);
    if (!$lock->isSet()) {
        $console = ['php', 'bin/console', 'pindle:lan', '--addresses', '192.168.1.20'];
        (new Process($console, dirname(__DIR__), ['APP_ENV' => 'prod', 'PINDLE_DATA' => $server->data]))->mustRun();
        file_put_contents($server->data.'/lan/addresses', "https://narrowboat.local:8318\nhttps://192.168.1.20:8318\n");
        $lock->setPassphrase('three wet mooring ropes');
        $lock->signIn('Kitchen tablet', Who::Table, time() - 90_000);
    }
}

/** Letter, record, portfolio and the log of a year, side by side as they leave the printer. */
function papers(string $file, Server $server, string $child): void
{
    $pages = [];
    $portfolio = '/journal/portfolio.pdf?from=2026-11-08&to=2026-11-24&child='.$child;
    foreach (["/journal/children/$child/letter.pdf?month=2026-10", "/map/$child/record.pdf?evidence=1", $portfolio, '/journal/year.pdf'] as $path) {
        $pdf = (string) file_get_contents($server->url.'/api'.$path);
        $drawn = new Process(['pdftoppm', '-r', '72', '-png', '-f', '1', '-l', '1', '-'], null, null, $pdf);
        $page = imagecreatefromstring($drawn->mustRun()->getOutput());
        assert($page instanceof GdImage);
        $pages[] = $page;
    }
    $all = imagecreatetruecolor(array_sum(array_map(imagesx(...), $pages)) + 20 * (count($pages) - 1), max(array_map(imagesy(...), $pages)));
    assert($all instanceof GdImage);
    imagefill($all, 0, 0, (int) imagecolorallocate($all, 200, 195, 182));
    $x = 0;
    foreach ($pages as $page) {
        imagecopy($all, $page, $x, 0, 0, 0, imagesx($page), imagesy($page));
        $x += imagesx($page) + 20;
    }
    imagepng($all, $file);
}

// Before the house has its lock.
if (null === $only || 'journal-papers' === $only) {
    papers("$folder/journal-papers.png", $server, $elder);
    echo "  journal-papers\n";
}
foreach ($views as $name => [$path, $width, $height, $act]) {
    if (null !== $only && $only !== $name) {
        continue;
    }
    $chrome->size($width, $height, $width < 500);
    $chrome->driver->get($server->url.$path);
    settled($chrome);
    if (null !== $act) {
        $act($chrome);
        usleep(500_000);
    }
    $chrome->shot("$folder/$name.png");
    echo "  $name\n";
}
$server->stop();
// A house that begins: the proposal of its first evening.
if (null === $only || 'first-evening-phone' === $only) {
    $server = new Server('2026-11-24', false);
    $chrome->size(390, 844, true);
    $chrome->driver->get($server->url.'/');
    $chrome->type('#name-0', 'Maren');
    $chrome->driver->executeScript(
        'const born = document.querySelector("#born-0"); born.value = "2022-05-01"; born.dispatchEvent(new Event("input"));',
    );
    $chrome->clickText('Next');
    $chrome->click('[data-thing="jar-lids"]');
    $chrome->clickText('Next');
    $chrome->clickText('Skip this');
    $chrome->waitForText('Tomorrow, five minutes');
    settled($chrome);
    $chrome->shot("$folder/first-evening-phone.png");
    $server->stop();
    echo "  first-evening-phone\n";
}
// What each way of teaching changes, side by side.
if (null === $only || 'taught' === $only) {
    $page = sys_get_temp_dir().'/pindle-taught-'.bin2hex(random_bytes(4)).'.html';
    file_put_contents($page, taught());
    $chrome->size(1280, 1750, false);
    $chrome->driver->get('file://'.$page);
    $chrome->shot("$folder/taught.png");
    unlink($page);
    echo "  taught\n";
}
$chrome->close();
