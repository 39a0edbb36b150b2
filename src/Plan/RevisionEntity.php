<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * The questions that a set-up had before they were changed: a device may still show them.
 *
 * @phpstan-import-type StoredQuestion from Stored
 * @phpstan-import-type StoredCourse from Stored
 */
#[ORM\Entity]
#[ORM\Table(name: 'revision')]
class RevisionEntity
{
    /** Old questions are kept so many days. */
    public const KEPT_DAYS = 14;

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public string $setUpId;

    #[ORM\Id]
    #[ORM\Column]
    public int $revision;

    #[ORM\Column(length: 10)]
    public string $date;

    /** @var array<string, array{courses: list<StoredCourse>, questions: list<StoredQuestion>, spares?: array<string, list<StoredQuestion>>}> by sitting id */
    #[ORM\Column(type: Types::JSON)]
    public array $sittings;
}
