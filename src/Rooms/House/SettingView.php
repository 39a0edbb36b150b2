<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** One question on which parents differ, with both views. */
final readonly class SettingView
{
    /** @param list<SettingAnswerView> $answers the default first */
    public function __construct(
        public string $id,
        public string $question,
        public string $views,
        public array $answers,
    ) {
    }
}
