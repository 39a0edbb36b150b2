<?php

declare(strict_types=1);

namespace Pindle\App\Content;

/** What a parent reads of one question on which parents differ. */
final readonly class SettingWords
{
    /** @param array<string, array{words: string, note: string}> $answers by answer */
    public function __construct(public string $question, public string $views, public array $answers)
    {
    }
}
