<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

/** What a JSON column may hold, where the database cannot say it. */
final class Kept
{
    /**
     * @param array<array-key, mixed> ...$lists
     *
     * @throws \UnexpectedValueException when one of them is no list of texts
     */
    public static function texts(array ...$lists): void
    {
        foreach ($lists as $list) {
            if (!array_is_list($list) || [] !== array_filter($list, static fn (mixed $text): bool => !\is_string($text))) {
                throw new \UnexpectedValueException('A list of texts holds something else.');
            }
        }
    }
}
