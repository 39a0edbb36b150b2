<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** The devices of the house, and where it is reached. */
final readonly class DevicesView
{
    /**
     * @param list<DeviceView> $devices
     * @param list<string>     $addresses   best first; none where only this machine is answered
     * @param string|null      $fingerprint of the root certificate, to compare with what a phone shows
     */
    public function __construct(public bool $isSet, public array $devices, public array $addresses, public ?string $fingerprint)
    {
    }
}
