<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

use Pindle\App\Views\StepView;
use Pindle\Core\Activity\Occasion;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Strand;

/** One activity in the list. */
final readonly class ActivityCardView
{
    /**
     * @param list<StepView> $steps   it serves
     * @param list<Strand>   $strands
     * @param list<Place>    $places
     * @param list<WayIn>    $waysIn
     * @param list<Form>     $forms
     * @param string|null    $lacks   what keeps it from being laid out now, with the nearest way out
     * @param string|null    $lacksShort the same in a few words
     * @param list<Occasion> $occasions
     * @param string         $picture of one of its questions, as SVG
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $inShort,
        public array $steps,
        public array $strands,
        public array $places,
        public Part $part,
        public array $waysIn,
        public array $forms,
        public bool $together,
        public bool $needsNothing,
        public bool $own,
        public ?string $lacks,
        public ?string $lacksShort,
        public string $picture,
        public array $occasions,
    ) {
    }
}
