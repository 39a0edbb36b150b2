<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Calendar\LocalDate;

/** The letter of one child and month, as the parent left it. */
#[ORM\Entity]
#[ORM\Table(name: 'letter')]
class LetterEntity implements Readable
{
    #[ORM\Column(type: Types::TEXT)]
    public string $text = '';

    #[ORM\Column(length: 36, nullable: true)]
    public ?string $photographId = null;

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 1;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $childId,
        /** As 2026-03. */
        #[ORM\Id]
        #[ORM\Column(length: 7)]
        public readonly string $month,
    ) {
    }

    public function mustRead(): void
    {
        LocalDate::parse($this->month.'-01');
    }
}
