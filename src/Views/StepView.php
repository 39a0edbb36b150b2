<?php

declare(strict_types=1);

namespace Pindle\App\Views;

/** A step in words. */
final readonly class StepView
{
    public function __construct(public string $id, public string $name, public string $reach)
    {
    }
}
