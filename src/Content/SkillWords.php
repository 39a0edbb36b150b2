<?php

declare(strict_types=1);

namespace Pindle\App\Content;

/** What a parent reads of one skill. */
final readonly class SkillWords
{
    /** @param array<string, string> $reaches name of a reach that is no number => what it is called */
    public function __construct(public string $name, public string $done, public array $reaches)
    {
    }
}
