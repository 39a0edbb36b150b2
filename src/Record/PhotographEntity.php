<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Kept;
use Pindle\App\Platform\Database\Readable;
use Pindle\App\Platform\PhotographFolder;
use Pindle\Core\Calendar\LocalDate;

/** A photograph of a day; the picture itself is a file of its own. */
#[ORM\Entity]
#[ORM\Table(name: 'photograph')]
#[ORM\Index(name: 'photograph_of_day', fields: ['day'])]
class PhotographEntity implements Readable
{
    /** @param list<string> $childIds who it is of; none for the things alone */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $id,
        /** What the file is called, without its ending. */
        #[ORM\Column(length: 36)]
        public readonly string $file,
        /** The household's own day. */
        #[ORM\Column(length: 10)]
        public readonly string $day,
        #[ORM\Column(length: 36, nullable: true)]
        public readonly ?string $setUpId,
        #[ORM\Column(type: Types::JSON)]
        public array $childIds,
        #[ORM\Column(length: 200)]
        public string $words,
        #[ORM\Column]
        public readonly int $width,
        #[ORM\Column]
        public readonly int $height,
        #[ORM\Column]
        public readonly int $bytes,
        /** Milliseconds since 1970, UTC. */
        #[ORM\Column(type: Types::BIGINT)]
        public readonly int $at,
        #[ORM\Column(length: 36)]
        public readonly string $deviceId,
    ) {
    }

    public function mustRead(): void
    {
        LocalDate::parse($this->day);
        Kept::texts($this->childIds);
        1 === preg_match(PhotographFolder::NAME, $this->file) || throw new \UnexpectedValueException('A photograph lies elsewhere.');
    }
}
