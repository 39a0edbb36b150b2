<?php

declare(strict_types=1);

namespace Pindle\App\Content;

/** What a parent reads of one caution: a word or two for a chip, the sentence, why, and where it is from. */
final readonly class CautionWords
{
    public function __construct(public string $short, public string $say, public string $why, public string $source)
    {
    }
}
