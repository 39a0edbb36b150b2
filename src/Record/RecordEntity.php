<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The kept record of one child besides its steps. Follows from the evidence and can be made anew at any time; see Records. */
#[ORM\Entity]
#[ORM\Table(name: 'record')]
class RecordEntity
{
    /**
     * @param list<mixed>|null $newest
     * @param list<mixed>      $lastSittings as StateCodec writes them
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public string $childId,
        /** What it was made by besides the evidence: map, settings, prior. When that changes it is made anew. */
        #[ORM\Column(length: 40)]
        public string $basis,
        /** Place in the order of evidence of the newest piece in it: instant in milliseconds, device, id. */
        #[ORM\Column(type: Types::JSON, nullable: true)]
        public ?array $newest,
        #[ORM\Column(type: Types::JSON)]
        public array $lastSittings,
        /** How the looks at all steps went, added up, as StateCodec writes it. */
        #[ORM\Column(length: 60, options: ['default' => '[0,0,0]'])]
        public string $looks = '[0,0,0]',
        /** Pieces of evidence since the last checkpoint. */
        #[ORM\Column(options: ['default' => 0])]
        public int $since = 0,
    ) {
    }
}
