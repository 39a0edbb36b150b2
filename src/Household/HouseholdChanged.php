<?php

declare(strict_types=1);

namespace Pindle\App\Household;

/** Something about the household changed that plans follow from. Said inside the transaction of the change. */
final readonly class HouseholdChanged
{
}
