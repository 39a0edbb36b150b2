<?php

declare(strict_types=1);

namespace Pindle\App\Content;

/** What a parent reads of one skill. */
final readonly class SkillWords
{
    public function __construct(public string $name, public string $done)
    {
    }
}
