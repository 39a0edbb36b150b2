<?php

declare(strict_types=1);

namespace Pindle\App\Content;

/** What a parent reads of one caution: the sentence, why, and where it is from. */
final readonly class CautionWords
{
    public function __construct(public string $say, public string $why, public string $source)
    {
    }
}
