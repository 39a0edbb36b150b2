<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Kept;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\CoinSet;
use Pindle\Core\Journal\YearStart;
use Pindle\Core\Planning\Repertoire;

/** What holds for the whole house. There is one row. */
#[ORM\Entity]
#[ORM\Table(name: 'house')]
class HouseEntity implements Readable
{
    public const ID = 1;

    #[ORM\Id]
    #[ORM\Column]
    public readonly int $id;

    /** @var array<string, string> setting => answer, where the house has chosen one */
    #[ORM\Column(type: Types::JSON)]
    public array $settings = [];

    /** @var list<string> what it does without */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $rules = [];

    /** The coins it pays with, as they were typed; null for play coins. */
    #[ORM\Column(length: 200, nullable: true)]
    public ?string $coins = null;

    /** The time zone the household lives in; null for the machine's own. A change never rewrites stored days. */
    #[ORM\Column(length: 60, nullable: true)]
    public ?string $zone = null;

    /** @var list<string> ids of activities of which the parent says that they know them */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $knownGames = [];

    /** New activities a week at most, 0 to 5. */
    #[ORM\Column(options: ['default' => Repertoire::NEW_A_WEEK])]
    public int $newWeekly = Repertoire::NEW_A_WEEK;

    /** The last day of a low week; null where there is none. */
    #[ORM\Column(length: 10, nullable: true)]
    public ?string $lowUntil = null;

    /** The day its year begins, as month and day. */
    #[ORM\Column(length: 5, options: ['default' => '09-01'])]
    public string $yearStarts = '09-01';

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 1;

    public function __construct()
    {
        $this->id = self::ID;
    }

    /** @throws \Pindle\Core\Journal\InvalidYear when no year begins so */
    public function yearStart(): YearStart
    {
        [$month, $day] = explode('-', $this->yearStarts) + ['', ''];

        return new YearStart((int) $month, (int) $day);
    }

    public function mustRead(): void
    {
        Kept::texts(array_values($this->settings), $this->rules);
        Kept::texts($this->knownGames);
        null === $this->lowUntil || LocalDate::parse($this->lowUntil);
        $this->yearStart();
        null === $this->coins || CoinSet::parse($this->coins);
        null === $this->zone || new \DateTimeZone($this->zone);
    }
}
