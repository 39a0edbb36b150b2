<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;

/** An attempt that was recorded, for showing and taking back. */
final readonly class DoneAttemptView
{
    /**
     * @param int      $at      milliseconds since 1970
     * @param int|null $guess   of a guessed amount
     * @param int|null $counted then
     */
    public function __construct(
        public string $id,
        public Outcome $outcome,
        public Help $help,
        public int $at,
        public ?int $guess,
        public ?int $counted,
        public bool $onFingers,
        public ?Slip $slip,
    ) {
    }
}
