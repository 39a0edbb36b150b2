<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<TryEntity> */
final class TryRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, TryEntity::class);
    }

    /** @return list<TryEntity> those that count, in order of time */
    public function ofChild(string $childId): array
    {
        return $this->findBy(['childId' => $childId, 'removedAt' => null], ['at' => 'ASC', 'id' => 'ASC']);
    }

    /** @return list<TryEntity> of one step, those taken back included, newest first */
    public function ofStep(string $childId, string $stepId): array
    {
        return $this->findBy(['childId' => $childId, 'stepId' => $stepId], ['at' => 'DESC', 'id' => 'DESC']);
    }

    /**
     * @param list<string> $sittingIds
     *
     * @return list<TryEntity> those that count, in order of time
     */
    public function ofSittings(array $sittingIds): array
    {
        return $this->findBy(['sittingId' => $sittingIds, 'removedAt' => null], ['at' => 'ASC', 'id' => 'ASC']);
    }
}
