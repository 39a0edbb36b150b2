<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Views\StepView;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Help;

/** One child at the table. */
final readonly class SeatView
{
    /**
     * @param StepView|null       $second  the other step of the sitting
     * @param array<string, Help> $helps   step => the help its next question is asked with
     * @param list<string>        $taught  what follows from how the child is taught, in sentences
     * @param list<string>        $sure    steps that are asked without help whatever came before
     * @param ClosingMark|null    $closing how it went on the whole, where that was said
     */
    public function __construct(
        public string $sittingId,
        public string $childId,
        public string $childName,
        public int $thread,
        public StepView $step,
        public ?string $form,
        public ?StepView $second,
        public array $helps,
        public array $sure,
        public bool $saysAlong,
        public array $taught,
        public ?ClosingMark $closing,
        public ScriptView $script,
    ) {
    }
}
