<?php

declare(strict_types=1);

namespace Pindle\App\Map;

/** A piece of evidence as the history shows it. */
final readonly class SeenView
{
    /**
     * @param string       $kind   try, witness or hand-mark
     * @param list<string> $things
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $day,
        public string $what,
        public ?string $outcome,
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
