<?php

declare(strict_types=1);

namespace Pindle\App\Content;

/** An ICU message taken apart as far as checking it takes: which values it wants, and how each is used. */
final class Pattern
{
    /**
     * The values a message wants.
     *
     * @return array<string, list<string>>|null name => how it is used ("plain", "plural", "select", …); null where the braces do not match
     */
    public static function read(string $message): ?array
    {
        $found = [];
        $at = 0;

        return self::text($message, $at, $found, false) && $at === \strlen($message) ? $found : null;
    }

    /** @param array<string, list<string>> $found */
    private static function text(string $message, int &$at, array &$found, bool $inside): bool
    {
        for (; $at < \strlen($message); ++$at) {
            if ('}' === $message[$at]) {
                return $inside;
            }
            if ('{' === $message[$at] && !self::argument($message, $at, $found)) {
                return false;
            }
        }

        return !$inside;
    }

    /**
     * From an opening brace to the one that closes it.
     *
     * @param array<string, list<string>> $found
     */
    private static function argument(string $message, int &$at, array &$found): bool
    {
        if (!preg_match('/\G\{\s*(\w+)\s*(?:,\s*(\w+)\s*)?/A', $message, $parts, 0, $at)) {
            return false;
        }
        $at += \strlen($parts[0]);
        $how = $parts[2] ?? 'plain';
        if (!\in_array($how, $found[$parts[1]] ?? [], true)) {
            $found[$parts[1]][] = $how;
        }
        // A style of its own: spelled out as first, second, third.
        if (preg_match('/\G,?\s*%[\w-]+\s*/A', $message, $style, 0, $at)) {
            $at += \strlen($style[0]);
        }
        if ('}' === ($message[$at] ?? '')) {
            return true;
        }
        // The cases of a plural or a choice: each a name and a message in braces.
        while (preg_match('/\G\s*,?\s*(?:=?\w+|offset:\d+)\s*\{/A', $message, $case, 0, $at)) {
            $at += \strlen($case[0]);
            if (!self::text($message, $at, $found, true)) {
                return false;
            }
            ++$at;
        }
        if (!preg_match('/\G\s*\}/A', $message, $end, 0, $at)) {
            return false;
        }
        $at += \strlen($end[0]) - 1;

        return true;
    }
}
