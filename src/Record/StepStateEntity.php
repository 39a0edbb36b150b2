<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;

/** The kept state of one step of one child, as StateCodec writes it. */
#[ORM\Entity]
#[ORM\Table(name: 'step_state')]
class StepStateEntity implements Readable
{
    /** @param array<array-key, mixed> $state */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public string $childId,
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public string $stepId,
        #[ORM\Column(type: Types::JSON)]
        public array $state,
    ) {
    }

    public function mustRead(): void
    {
        StateCodec::read(json_encode($this->state, \JSON_THROW_ON_ERROR));
    }
}
