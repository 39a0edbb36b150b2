<?php

declare(strict_types=1);

use Pindle\Bench\Phone;
use Pindle\Tests\Browser\Chrome;

/*
 * ./pindle bench phone [sequences]: twelve taps on a phone six times as slow as this machine, what a device keeps of a day, and random taps after
 * which the device must advise what the house does (200 sequences), and what axe finds in any room at three sizes.
 */

require dirname(__DIR__).'/vendor/autoload.php';

$chrome = new Chrome();
$phone = new Phone($chrome);
register_shutdown_function(static function () use ($chrome, $phone): void {
    $phone->stop();
    $chrome->close();
});
$kept = $phone->kept();
printf("kept of a day for three children: %.1f kB gzipped (60)\n", $kept / 1000);
$advice = $phone->advice((int) ($argv[1] ?? 200));
printf("%d sequences of %d taps, %d ideas: %d unlike the house\n", $advice['sequences'], $advice['taps'], $advice['ideas'], count($advice['unequal']));
$taps = $phone->taps(12);
printf("%d taps at a sixth of the speed: the longest task takes %d ms (100)\n", $taps['taps'], $taps['longest']);
$barriers = $phone->barriers();
printf("every room at three sizes: %d barriers\n", count($barriers));
echo implode('', array_map(static fn (string $one): string => "  $one\n", [...$advice['unequal'], ...$barriers]));
exit($kept > 60_000 || Phone::isLong($taps['longest']) || [] !== $advice['unequal'] || [] !== $barriers ? 1 : 0);
