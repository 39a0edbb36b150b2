<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Calendar\LocalDate;

/**
 * One child's sitting as it was planned and, once it is done, how it ended and what followed.
 *
 * @phpstan-import-type StoredQuestion from Stored
 * @phpstan-import-type StoredCourse from Stored
 */
#[ORM\Entity]
#[ORM\Table(name: 'sitting')]
#[ORM\Index(name: 'sitting_of_child', fields: ['childId', 'date'])]
class SittingEntity implements Readable
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public string $id;

    #[ORM\ManyToOne(inversedBy: 'sittings')]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    public SetUpEntity $setUp;

    /** Whose turn comes first, from 0. */
    #[ORM\Column(options: ['default' => 0])]
    public int $turn = 0;

    #[ORM\Column(length: 36)]
    public string $childId;

    #[ORM\Column(length: 10)]
    public string $date;

    /** @var non-empty-list<StoredCourse> one or two, each with what followed */
    #[ORM\Column(type: Types::JSON)]
    public array $courses;

    /** @var list<StoredQuestion> */
    #[ORM\Column(type: Types::JSON)]
    public array $questions;

    /** @var array<string, list<StoredQuestion>> idea => questions made beforehand for it */
    #[ORM\Column(type: Types::JSON, options: ['default' => '{}'])]
    public array $spares = [];

    #[ORM\Column]
    public float $value;

    /** @var array<string, float>|null the parts of the value */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    public ?array $worth = null;

    #[ORM\Column(length: 20, nullable: true, enumType: Ending::class)]
    public ?Ending $ending = null;

    /** @var list<string> ids of the questions in the order they are asked, where advice changed it; empty for the order as made */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $turnOrder = [];

    /** @var list<array{idea: string, taken: bool, id?: string}> what was offered and what the parent did with it */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $advice = [];

    /** @return list<string> ids of the questions in the order they are asked */
    public function order(): array
    {
        return [] === $this->turnOrder ? array_column($this->questions, 'id') : $this->turnOrder;
    }

    public function mustRead(): void
    {
        LocalDate::parse($this->date);
        array_map(Stored::readCourse(...), $this->courses);
        array_map(Stored::readQuestion(...), array_merge($this->questions, ...array_values($this->spares)));
    }
}
