<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Symfony\Component\Process\Process;

/** Work shared by processes of the same script: each does one share and prints its figures as JSON; the dots of all are passed on. */
final class Shares
{
    /**
     * @param list<list<string>> $arguments of the script, one list a share
     *
     * @return list<array<mixed>> what each printed
     *
     * @throws \RuntimeException when one of them fails, with what it said
     */
    public static function of(string $script, array $arguments): array
    {
        $shares = [];
        foreach ($arguments as $own) {
            $shares[] = $share = new Process([\PHP_BINARY, $script, ...$own], timeout: null);
            $share->start(static function (string $type, string $text): void {
                if (Process::ERR === $type) {
                    fwrite(\STDERR, $text);
                }
            });
        }

        return array_map(static function (Process $share): array {
            if (0 !== $share->wait()) {
                throw new \RuntimeException($share->getErrorOutput());
            }
            $figures = json_decode($share->getOutput(), true, 512, \JSON_THROW_ON_ERROR);

            return \is_array($figures) ? $figures : throw new \RuntimeException($share->getOutput());
        }, $shares);
    }
}
