<?php

declare(strict_types=1);

namespace Pindle\App\Table;

/** One idea: what to do, and the help the next question is asked with, where it says so. */
final readonly class IdeaView
{
    public function __construct(public string $idea, public string $words, public ?string $help)
    {
    }
}
