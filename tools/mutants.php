<?php

declare(strict_types=1);

use Symfony\Component\Yaml\Yaml;

/*
 * php tools/mutants.php [number]: changes the guards on purpose, one at a time, and sees a test fail; tools/mutants.yaml says how. Each is put back,
 * whatever happens.
 */

require dirname(__DIR__).'/vendor/autoload.php';

chdir(dirname(__DIR__));
/** @var list<array{what: string, file: string, from: string, to: string, tests: string}> $mutants */
$mutants = Yaml::parseFile('tools/mutants.yaml');
$lived = 0;
foreach ($mutants as $i => ['what' => $what, 'file' => $file, 'from' => $from, 'to' => $to, 'tests' => $tests]) {
    if (isset($argv[1]) && (int) $argv[1] !== $i + 1) {
        continue;
    }
    $was = (string) file_get_contents($file);
    if (1 !== substr_count($was, $from)) {
        exit(sprintf("%d. %s: its text stands %d times in %s.\n", $i + 1, $what, substr_count($was, $from), $file));
    }
    $back = static fn () => file_put_contents($file, $was);
    register_shutdown_function($back);
    file_put_contents($file, str_replace($from, $to, $was));
    exec('php -l '.escapeshellarg($file).' 2>&1', $told, $isBroken);
    if (0 !== $isBroken) {
        exit(sprintf("%d. %s: changed so, %s cannot be read; that proves nothing.\n", $i + 1, $what, $file));
    }
    exec('vendor/bin/phpunit --testsuite app --stop-on-defect --filter '.escapeshellarg($tests).' 2>&1', $said, $code);
    $back();
    printf("%2d. %-58s %s\n", $i + 1, $what, 0 === $code ? 'LIVES' : 'killed');
    $lived += 0 === $code ? 1 : 0;
}
printf("%d of %d lived.\n", $lived, count($mutants));
exit(0 === $lived ? 0 : 1);
