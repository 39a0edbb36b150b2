<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Pindle\Core\Evidence\HelpLevel;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Symfony\Component\Validator\Constraints as Assert;

/** What a try should have said. The old one stays in the history. */
final readonly class CorrectionInput
{
    public function __construct(
        #[Assert\Uuid(message: 'The id of a try is a UUID.')]
        public string $id,
        public Outcome $outcome,
        public HelpLevel $help,
        public ?Method $method = null,
        public ?Slip $slip = null,
    ) {
    }
}
