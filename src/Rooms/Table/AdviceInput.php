<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Advice\Idea;
use Symfony\Component\Uid\Uuid;

/** What the parent did with an idea: took it, or let it pass. */
final readonly class AdviceInput
{
    public function __construct(
        public Uuid $sittingId,
        public Idea $idea,
        public bool $taken,
        /** Of what was done with it: sending it twice does it once. */
        public ?Uuid $id = null,
        /** Of the question more, as the device asks it already: one made beforehand, or the same once more under a new name. */
        public ?Uuid $questionId = null,
    ) {
    }
}
