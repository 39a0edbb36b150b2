<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Jobs;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** Work that takes longer than a page should wait: a console process carries it out, the room shows how far it is. */
#[ORM\Entity]
#[ORM\Table(name: 'job')]
class JobEntity
{
    #[ORM\Column(length: 10, enumType: JobState::class)]
    public JobState $state = JobState::Waiting;

    #[ORM\Column]
    public int $step = 0;

    /** What is being done, or how it ended. */
    #[ORM\Column(length: 300)]
    public string $said = 'Waits for its turn';

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $id,
        /** What it is about; empty where it is about no file. */
        #[ORM\Column(length: 300)]
        public readonly string $file,
        #[ORM\Column]
        public readonly int $steps,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $made,
        /** Which work it is. */
        #[ORM\Column(length: 10, options: ['default' => 'restore'])]
        public readonly string $kind = 'restore',
        /** Name of a file that came of it. */
        #[ORM\Column(length: 100, nullable: true)]
        public readonly ?string $madeFile = null,
    ) {
    }
}
