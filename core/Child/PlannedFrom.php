<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** From what age on there are sittings for a child. Before that they are beside the parent or on the lap. */
enum PlannedFrom: string
{
    case TwentyMonths = '20-months';
    case EighteenMonths = '18-months';
    case TwoYears = '24-months';
    case TwoAndAHalf = '30-months';

    public function months(): int
    {
        return (int) $this->value;
    }
}
