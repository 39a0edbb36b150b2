<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

/** The folder beside the data where safe copies lie. It can be looked into also where the data itself cannot be opened. */
final readonly class CopyFolder
{
    public string $path;

    public function __construct(string $dataDir)
    {
        $this->path = $dataDir.'/copies';
    }

    /** @return list<Copy> newest first */
    public function all(): array
    {
        $copies = [];
        foreach (glob($this->path.'/*.zip') ?: [] as $file) {
            if (1 === preg_match('/^pindle-(\d{8}T\d{6})-(daily|asked|renewal|restore)\.zip$/', basename($file), $found)) {
                $made = \DateTimeImmutable::createFromFormat('Ymd\THis', $found[1], new \DateTimeZone('UTC'));
                if (false !== $made) {
                    $copies[] = new Copy(basename($file), $made, $found[2], (int) filesize($file));
                }
            }
        }
        usort($copies, static fn (Copy $a, Copy $b): int => $b->made <=> $a->made ?: strcmp($b->name, $a->name));

        return $copies;
    }

    /** Where a copy of this name lies; null when there is none. */
    public function find(string $name): ?string
    {
        $is = array_filter($this->all(), static fn (Copy $copy): bool => $copy->name === $name);

        return [] === $is ? null : $this->path.'/'.$name;
    }
}
