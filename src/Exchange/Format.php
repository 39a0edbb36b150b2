<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

/**
 * A household as it is taken away: one zip with household.json, a file of JSON lines for each table that grows, and the photographs. What follows from
 * these, what a device still shows, safe copies and the lock stay behind.
 */
final class Format
{
    public const WHAT = 'A Pindle household';

    /** Raised with every change of the schema; files of all versions from OLDEST on are read. */
    public const VERSION = 2;
    public const OLDEST = 1;

    public const HEAD = 'household.json';
    public const PHOTOGRAPHS = 'photographs/';

    /** Name in the file => table, of what is small: all of it stands in household.json. */
    public const SMALL = [
        'children' => 'child',
        'things' => 'thing',
        'activities' => 'own_activity',
        'house' => 'house',
        'week' => 'week',
        'evening' => 'evening',
        'firstLooks' => 'first_look',
        'madeProps' => 'made',
        'calendar' => 'filed',
        'letters' => 'letter',
        'pages' => 'portfolio_page',
        'erased' => 'erased',
    ];

    /** Name in the file => table, of what grows: a line a row. What others refer to comes first. */
    public const GROWING = [
        'days' => 'day',
        'setUps' => 'set_up',
        'sittings' => 'sitting',
        'attempts' => 'attempt',
        'closings' => 'closing',
        'notes' => 'note',
        'photographs' => 'photograph',
    ];

    /** Names that came with a later version than the first => that version; in an older file they may be missing. */
    public const SINCE = ['letters' => 2, 'pages' => 2, 'erased' => 2, 'photographs' => 2];

    /** Table => field => version it came with, and what stands in an older file's place. */
    public const FIELDS_SINCE = ['house' => ['yearStarts' => [2, '09-01']]];

    public static function lines(string $name): string
    {
        return $name.'.jsonl';
    }

    /** @return array<string, string> name => table, of all */
    public static function all(): array
    {
        return self::SMALL + self::GROWING;
    }
}
