<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\Core\Evidence\Outcome;

/** A piece of evidence as the history shows it. */
final readonly class SeenView
{
    /**
     * @param list<string> $things
     */
    public function __construct(
        public string $id,
        public SeenKind $kind,
        public string $day,
        public string $what,
        public ?Outcome $outcome,
        public ?string $method,
        public ?string $slip,
        public ?string $help,
        public ?string $form,
        public ?string $activity,
        public array $things,
        public ?string $note,
        public bool $removed,
        public bool $corrected,
    ) {
    }
}
