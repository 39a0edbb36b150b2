<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\App\Views\StepView;
use Pindle\Core\Skill\Strand;

/** One strand of one child in a line: what they can do, what they are on, what comes next, and what is worth a look. */
final readonly class GlanceView
{
    /**
     * @param string|null    $can  what they can do furthest, in words; null where nothing is Can do yet
     * @param StepView|null  $now  begun or nearly, met last
     * @param StepView|null  $next ready and not begun
     * @param list<StepView> $look worth a look
     * @param string|null    $canSince the day it became Can do, dated
     * @param string|null    $evidence how often and when the strand was seen last, in words; null where it was not
     * @param bool           $thin whether little was seen of the strand
     */
    public function __construct(
        public Strand $strand,
        public string $name,
        public ?string $can,
        public ?StepView $now,
        public ?StepView $next,
        public array $look,
        public bool $thin,
        public ?string $canSince = null,
        public ?string $evidence = null,
    ) {
    }
}
