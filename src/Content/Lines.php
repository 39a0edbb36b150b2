<?php

declare(strict_types=1);

namespace Pindle\App\Content;

/** Finds the line of a text on which a field stands. */
final class Lines
{
    /** The line on which a field stands, by its path with dots between; null when it is not there. */
    public static function of(string $text, string $place): ?int
    {
        $lines = explode("\n", $text);
        $found = null;
        $from = 0;
        foreach (explode('.', $place) as $field) {
            $entry = ctype_digit($field) ? (int) $field : null;
            for ($i = $from; $i < \count($lines); ++$i) {
                $isHere = null === $entry
                    ? 1 === preg_match('/(^|[\s{,-])"?'.preg_quote($field, '/').'"?\s*:/', $lines[$i])
                    // An entry of a list has no name: the lines that begin with a dash are counted.
                    : 1 === preg_match('/^\s*-\s/', $lines[$i]) && -1 === --$entry;
                if ($isHere) {
                    [$found, $from] = [$i + 1, $i];
                    break;
                }
            }
        }

        return $found;
    }
}
