<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\App\Plan\SetUpState;
use Pindle\App\Views\CautionView;
use Pindle\App\Views\LaidView;
use Pindle\Core\Activity\Part;

/** One activity in the plan of a day. */
final readonly class SetUpView
{
    /**
     * @param list<SittingView> $sittings
     * @param list<LaidView>    $laid
     * @param list<string>      $props
     * @param string            $picture  of one of the questions, as SVG
     * @param list<CautionView>      $cautions
     */
    public function __construct(
        public string $id,
        public SetUpState $state,
        public string $activityId,
        public string $name,
        public string $inShort,
        public string $place,
        public Part $part,
        public string $partWords,
        public int $start,
        public int $end,
        public array $sittings,
        public array $laid,
        public array $props,
        public string $picture,
        public array $cautions,
        public string $toddlerJob,
        public bool $held,
        public bool $isNew,
        /** Whether it went hard with the same step today, so that another may be offered. */
        public bool $wentHard,
        public ?string $note,
    ) {
    }
}
