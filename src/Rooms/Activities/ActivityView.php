<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

use Pindle\App\Views\CautionView;

/** One activity written out. */
final readonly class ActivityView
{
    /**
     * @param string                $layOutFor the step the counts are for
     * @param list<string>          $layOut   how many of what, with what the house has; empty when something lacks
     * @param list<string>          $props
     * @param list<SheetNameView>   $sheets that go with it
     * @param list<string>          $show
     * @param array<string, string> $say      what is asked, by form
     * @param array<string, string> $helps
     * @param list<string>          $lookFor
     * @param list<CautionView>          $cautions
     * @param array<string, mixed>  $data     as it is written, to begin another with
     */
    public function __construct(
        public ActivityCardView $card,
        public string $layOutWords,
        public string $layOutFor,
        public array $layOut,
        public array $props,
        public array $sheets,
        public array $show,
        public array $say,
        public string $predict,
        public array $helps,
        public array $lookFor,
        public string $easier,
        public string $further,
        public string $twist,
        public string $toddlerJob,
        public string $childTurn,
        public string $check,
        public ?string $waiting,
        public string $tidy,
        public array $cautions,
        public array $data,
        public ?int $version,
    ) {
    }
}
