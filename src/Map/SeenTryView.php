<?php

declare(strict_types=1);

namespace Pindle\App\Map;

/** A try as the history shows it. */
final readonly class SeenTryView
{
    /**
     * @param list<string> $things
     */
    public function __construct(
        public string $id,
        public string $day,
        public string $outcome,
        public ?string $method,
        public ?string $slip,
        public string $help,
        public ?string $form,
        public string $family,
        public array $things,
        public string $question,
        public bool $removed,
    ) {
    }
}
