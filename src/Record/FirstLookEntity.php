<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A first look of one child, or a look round. Its answers are tries with its id as their sitting. */
#[ORM\Entity]
#[ORM\Table(name: 'first_look')]
#[ORM\Index(name: 'look_of_child', fields: ['childId'])]
class FirstLookEntity
{
    /** The day it was over, or stopped for good. */
    #[ORM\Column(length: 10, nullable: true)]
    public ?string $endedOn = null;

    /**
     * @param list<string>      $canAlready step ids the parent ticked
     * @param list<string>|null $steps      that a look round asks about; null for a first look
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\Column(length: 36)]
        public readonly string $childId,
        #[ORM\Column(length: 10)]
        public readonly string $startedOn,
        #[ORM\Column(type: Types::JSON)]
        public readonly array $canAlready,
        #[ORM\Column(type: Types::JSON, nullable: true)]
        public readonly ?array $steps = null,
    ) {
    }
}
