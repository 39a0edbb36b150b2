<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Views\StepView;
use Pindle\Core\Evidence\Help;

/** One child at the table. */
final readonly class SeatView
{
    /** @param list<string> $taught what follows from how the child is taught, in sentences */
    public function __construct(
        public string $sittingId,
        public string $childId,
        public string $childName,
        public int $thread,
        public StepView $step,
        public ?string $form,
        public Help $help,
        public bool $saysAlong,
        public array $taught,
    ) {
    }
}
