<?php

declare(strict_types=1);

/*
 * No line of code over 160 characters. What is written by a command and migrations that have been stay as they are; content has sentences.
 */

const MOST = 160;

$root = dirname(__DIR__);
$wrong = [];
foreach (['core', 'src', 'tests', 'tools', 'bench', 'web'] as $folder) {
    foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder")), '/\.(php|ts|vue|yaml)$/') as $file) {
        $path = substr((string) $file, strlen($root) + 1);
        if (1 === preg_match('#^web/(generated/|api/types\.ts)#', $path)) {
            continue;
        }
        foreach (file((string) $file) ?: [] as $number => $line) {
            if (mb_strlen(rtrim($line)) > MOST) {
                $wrong[] = sprintf('%s:%d has %d characters.', $path, $number + 1, mb_strlen(rtrim($line)));
            }
        }
    }
}
fwrite(\STDERR, implode("\n", $wrong).([] === $wrong ? '' : "\n"));
exit([] === $wrong ? 0 : 1);
