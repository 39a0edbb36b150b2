<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The record of one child as it was some evidence ago, from which late evidence is replayed. Follows from the evidence; see Records. */
#[ORM\Entity]
#[ORM\Table(name: 'checkpoint')]
class CheckpointEntity
{
    /**
     * @param list<mixed>           $newest       place of the newest piece of evidence in it
     * @param list<mixed>           $lastSittings as StateCodec writes them
     * @param array<string, string> $states       step id => state as StateCodec writes it
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public string $childId,
        /** Pieces of evidence that there were. */
        #[ORM\Id]
        #[ORM\Column]
        public int $slot,
        #[ORM\Column(type: Types::JSON)]
        public array $newest,
        #[ORM\Column(type: Types::JSON)]
        public array $lastSittings,
        #[ORM\Column(type: Types::JSON)]
        public array $states,
        /** How the looks at all steps went, added up, as StateCodec writes it. */
        #[ORM\Column(length: 60, options: ['default' => '[0,0,0]'])]
        public string $looks = '[0,0,0]',
    ) {
    }
}
