<?php

declare(strict_types=1);

use Pindle\Tests\Browser\Chrome;
use Pindle\Tests\Browser\Server;

/* Takes a picture of each main view from the demo data, on a fixed day: ./pindle shots [folder] [name of one] */

require dirname(__DIR__).'/vendor/autoload.php';

$folder = $argv[1] ?? dirname(__DIR__).'/docs/screenshots';
$only = $argv[2] ?? null;
$server = new Server('2026-11-24', true);
$chrome = new Chrome();
$today = json_decode((string) file_get_contents($server->url.'/api/today'), true);
$setUp = $today['setUps'][0]['id'];
$together = array_values(array_filter($today['setUps'], static fn (array $one): bool => count($one['sittings']) > 1))[0]['id'] ?? $setUp;
$elder = $today['children'][0]['id'];

$views = [
    'today' => ['/', 1280, 800, null],
    'table' => ["/table/$setUp", 1280, 800, null],
    'table-phone' => ["/table/$setUp", 390, 844, null],
    'table-together-phone' => ["/table/$together", 390, 844, null],
    'map' => ["/map/$elder", 1280, 800, null],
    'evidence' => ["/map/$elder", 1280, 800, static fn (Chrome $chrome) => $chrome->click('[data-mark="steady"], [data-mark="secure"]')],
    'children' => ['/children', 1280, 800, null],
    'teaching' => ["/children/$elder/teaching", 1280, 800, static fn (Chrome $chrome) => $chrome->clickText('Why parents differ')],
    'first-look-phone' => ["/children/$elder/first-look", 390, 844, static function (Chrome $chrome): void {
        $chrome->clickText('Look once more');
        usleep(900_000);
    }],
    'cupboard' => ['/cupboard', 1280, 800, null],
    'activities' => ['/activities', 1280, 800, null],
    'activity' => ['/activities?open=two-colour-tray', 1280, 800, null],
    'ends' => ["/table/$setUp", 1280, 800, static function (Chrome $chrome): void {
        while (!str_contains($chrome->text(), 'That was the last question.')) {
            $chrome->click('[data-outcome="worked-it-out"]');
            usleep(60_000);
        }
        $chrome->clickText('Finish');
        $chrome->waitForText('Back to Today');
    }],
    'today-phone' => ['/', 390, 844, null],
];
foreach ($views as $name => [$path, $width, $height, $act]) {
    if (null !== $only && $only !== $name) {
        continue;
    }
    $chrome->size($width, $height, $width < 500);
    $chrome->driver->get($server->url.$path);
    usleep(700_000);
    if (null !== $act) {
        $act($chrome);
        usleep(500_000);
    }
    $chrome->shot("$folder/$name.png");
    echo "  $name\n";
}
$server->stop();
// Two more days of the same household, whole.
foreach (['second-day' => '2026-12-02', 'third-day' => '2026-12-10'] as $name => $date) {
    if (null !== $only && $only !== $name) {
        continue;
    }
    $server = new Server($date, true);
    $chrome->size(1280, 1700, false);
    $chrome->driver->get($server->url.'/');
    usleep(900_000);
    $chrome->shot("$folder/$name.png");
    $server->stop();
    echo "  $name\n";
}
$chrome->close();
