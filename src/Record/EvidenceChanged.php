<?php

declare(strict_types=1);

namespace Pindle\App\Record;

/** What was seen of a child changed. Said inside the transaction of the change. */
final readonly class EvidenceChanged
{
    /**
     * @param string|null $sittingId the sitting it happened in, if any
     * @param bool        $isTap     one more attempt in a sitting that goes on: nothing follows from it before the sitting is over
     */
    public function __construct(public string $childId, public ?string $sittingId, public bool $isTap = false)
    {
    }
}
