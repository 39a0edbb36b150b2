<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\Span;

/** One addition to a day: who comes to which activity, when, and with how many questions. */
final readonly class Move
{
    /**
     * @param non-empty-list<Candidate> $candidates of one activity, one a child
     * @param SetUp|null                $joined     a set-up that they come to; null for one of their own
     * @param array<string, int>        $counts     questions by child id, of all that sit there
     */
    public function __construct(
        public array $candidates,
        public ?SetUp $joined,
        public Span $span,
        public Part $part,
        public Place $place,
        public array $counts,
    ) {
    }

    /**
     * @param list<SetUp> $setUps
     *
     * @return list<SetUp> without the one that is joined
     */
    public function beside(array $setUps): array
    {
        return array_values(array_filter($setUps, fn (SetUp $other): bool => $other !== $this->joined));
    }
}
