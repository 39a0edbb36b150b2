<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Pindle\App\Platform\Clock;
use Symfony\Component\HttpFoundation\RequestStack;

/**
 * When something was seen, by the house's clock. Each request carries what the device's own clock says now; where the two are further apart
 * than is usual, what the device wrote down was off by as much.
 */
final readonly class DeviceTime
{
    /** The header with the device's present time in milliseconds since 1970. */
    public const HEADER = 'X-Device-Now';

    /** Clocks this far apart, in milliseconds, are taken as equal. */
    public const USUAL = 120_000;

    /** A device of an older release does not say its clock: it may be ahead by so many milliseconds. */
    public const UNSAID = 86_400_000;

    public function __construct(private Clock $clock, private RequestStack $requests)
    {
    }

    /**
     * @param int $milliseconds since 1970, as the device wrote it down
     *
     * @throws Refusal 422 when it is in the future, by the house's clock
     */
    public function seenAt(int $milliseconds): \DateTimeImmutable
    {
        $now = $this->clock->milliseconds();
        $said = $this->requests->getCurrentRequest()?->headers->get(self::HEADER);
        $device = null !== $said && 1 === preg_match('/^[1-9]\d{0,12}$/', $said) ? (int) $said : null;
        $ahead = null === $device || abs($device - $now) <= self::USUAL ? 0 : $device - $now;
        $at = $milliseconds - $ahead;
        if ($at < 1 || $at > $now + (null === $device ? self::UNSAID : self::USUAL)) {
            throw Refusal::invalid('at', 'That is in the future. Is the clock of this device right?');
        }

        return $this->clock->fromDevice($at);
    }
}
