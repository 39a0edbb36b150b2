<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Calendar\LocalDate;

/** A page of the portfolio in the parent's own words. */
#[ORM\Entity]
#[ORM\Table(name: 'portfolio_page')]
class PageEntity implements Readable
{
    /** The day it stands at. */
    #[ORM\Column(length: 10)]
    public string $day = '';

    #[ORM\Column(length: 100)]
    public string $title = '';

    #[ORM\Column(type: Types::TEXT)]
    public string $text = '';

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 1;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $id,
    ) {
    }

    public function mustRead(): void
    {
        LocalDate::parse($this->day);
    }
}
