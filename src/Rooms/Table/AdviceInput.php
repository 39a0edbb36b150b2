<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Advice\Idea;
use Symfony\Component\Validator\Constraints as Assert;

/** What the parent did with an idea: took it, or let it pass. */
final readonly class AdviceInput
{
    public function __construct(
        #[Assert\Uuid(message: 'The id of a sitting is a UUID.')]
        public string $sittingId,
        public Idea $idea,
        public bool $taken,
    ) {
    }
}
