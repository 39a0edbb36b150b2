<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

/** How it stands with something that is made once and kept. */
enum MadeState: string
{
    case Made = 'made';
    /** Some of it is still to be cut out or glued. */
    case HalfMade = 'half-made';
    /** To be made again. */
    case WornOut = 'worn-out';

    /**
     * Whether it must be made before it can be used. Of what nobody ever spoke of it is there when its game was played before.
     *
     * @param self|null $said null where nobody ever said
     */
    public static function isLacking(?self $said, bool $isNewGame): bool
    {
        return null === $said ? $isNewGame : self::Made !== $said;
    }
}
