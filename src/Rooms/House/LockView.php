<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** What a device may know of the lock before it is signed in. */
final readonly class LockView
{
    /**
     * @param bool        $isSet whether there is a passphrase
     * @param string|null $who   "parent" or "table" for a device that is signed in, or that needs not be
     * @param bool        $demo  whether this is the sample household
     */
    public function __construct(public bool $isSet, public ?string $who, public bool $demo)
    {
    }
}
