<?php

declare(strict_types=1);

namespace Pindle\App\Today;

use Pindle\App\Platform\View\SceneView;

/** One activity in the plan of a day. */
final readonly class SetUpView
{
    /**
     * @param list<SittingView> $sittings
     * @param list<LaidView>    $laid
     * @param list<string>      $props
     * @param list<string>      $cautions
     */
    public function __construct(
        public string $id,
        public string $state,
        public string $familyId,
        public string $name,
        public string $inShort,
        public string $place,
        public string $part,
        public string $partWords,
        public int $start,
        public int $end,
        public array $sittings,
        public array $laid,
        public array $props,
        public SceneView $scene,
        public array $cautions,
        public string $toddlerJob,
    ) {
    }
}
