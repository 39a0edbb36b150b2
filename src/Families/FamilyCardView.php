<?php

declare(strict_types=1);

namespace Pindle\App\Families;

use Pindle\App\Platform\View\SceneView;
use Pindle\App\Platform\View\StepView;

/** One activity in the list. */
final readonly class FamilyCardView
{
    /**
     * @param list<StepView> $steps   it serves
     * @param list<string>   $strands
     * @param list<string>   $places
     * @param list<string>   $waysIn
     * @param list<string>   $forms
     * @param string|null    $lacks   what keeps it from being laid out now, with the nearest way out
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $inShort,
        public array $steps,
        public array $strands,
        public array $places,
        public string $part,
        public array $waysIn,
        public array $forms,
        public bool $together,
        public bool $needsNothing,
        public bool $own,
        public ?string $lacks,
        public SceneView $scene,
    ) {
    }
}
