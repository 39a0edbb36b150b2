<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lan;

/** What the house needs on the family's own network: its certificates and settings, in a folder beside the data that is in no copy. */
final readonly class LanFolder
{
    public string $path;

    public function __construct(string $dataDir)
    {
        $this->path = $dataDir.'/lan';
    }

    /** @return list<string> where it was reached when it was last started with --lan, best first; none when it was not */
    public function addresses(): array
    {
        $running = $this->path.'/addresses';

        if ('1' !== ($_SERVER['PINDLE_LAN'] ?? '') || !is_file($running)) {
            return [];
        }

        return array_values(array_filter(explode("\n", (string) file_get_contents($running))));
    }

    public function root(): ?string
    {
        $file = $this->path.'/root.pem';

        return is_file($file) ? (string) file_get_contents($file) : null;
    }

    /** As phones show it: SHA-256 in pairs. */
    public function fingerprint(): ?string
    {
        $root = $this->root();
        $print = null === $root ? false : openssl_x509_fingerprint($root, 'sha256');

        return false === $print ? null : strtoupper(implode(' ', str_split($print, 2)));
    }
}
