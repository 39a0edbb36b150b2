<?php

declare(strict_types=1);

namespace Pindle\App\Today;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Planning\SetUp;

/** A set-up as other rooms see it. */
final readonly class StoredSetUp
{
    /**
     * @param array<string, string>         $sittingIds child id => sitting id
     * @param array<string, StoredDecision> $decisions  child id => what followed, once done
     */
    public function __construct(public SetUp $setUp, public LocalDate $date, public bool $isDone, public array $sittingIds, public array $decisions)
    {
    }
}
