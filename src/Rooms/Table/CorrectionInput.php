<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Symfony\Component\Uid\Uuid;

/** What an attempt should have said; what is left out stays as it was. The old one stays in the history. */
final readonly class CorrectionInput
{
    public function __construct(
        public Uuid $id,
        public Outcome $outcome,
        public ?Help $help = null,
        public ?Method $method = null,
        public ?Slip $slip = null,
    ) {
    }
}
