<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Skill\Form;

/** A try: one question put to one child, and what was seen. The only raw evidence there is. */
final readonly class OneTry
{
    /**
     * @param string       $id       made by the device, so that sending twice records once
     * @param list<string> $thingIds the things used
     * @param string       $question key of the exact question, for example "join:6,2"
     * @param float        $guess    chance to be right without knowing: 1/k for k answers laid out, 0.05 for an open answer
     */
    public function __construct(
        public string $id,
        public string $stepId,
        public string $sittingId,
        public string $familyId,
        public ?Form $form,
        public HelpLevel $help,
        public array $thingIds,
        public string $question,
        public float $guess,
        public Outcome $outcome,
        public ?Method $method,
        public ?Slip $slip,
        public \DateTimeImmutable $at,
        public LocalDate $day,
        public string $deviceId,
    ) {
    }

    /** Right without any help. */
    public function isUnaided(): bool
    {
        return HelpLevel::Bare === $this->help && $this->outcome->isSuccess();
    }

    /** The order in which tries are replayed, whatever order they arrived in. */
    public static function compare(self $a, self $b): int
    {
        return [$a->at, $a->deviceId, $a->id] <=> [$b->at, $b->deviceId, $b->id];
    }
}
