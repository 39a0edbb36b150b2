<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** One answer to a question on which parents differ. */
final readonly class SettingAnswerView
{
    public function __construct(public string $id, public string $words, public string $note)
    {
    }
}
