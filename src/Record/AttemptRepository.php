<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<AttemptEntity> */
final class AttemptRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, AttemptEntity::class);
    }

    /**
     * @param list<string> $sittingIds
     *
     * @return list<AttemptEntity> those that count, in order of time
     */
    public function ofSittings(array $sittingIds): array
    {
        return [] === $sittingIds ? [] : $this->findBy(['sittingId' => $sittingIds, 'removedAt' => null], ['at' => 'ASC', 'id' => 'ASC']);
    }

    /** @return list<AttemptEntity> those of a sitting that count, in order of time, and the one of this id */
    public function around(string $sittingId, string $id): array
    {
        return $this->createQueryBuilder('a')
            ->where('(a.sittingId = :sitting AND a.removedAt IS NULL) OR a.id = :id')
            ->orderBy('a.at, a.id')
            ->setParameter('sitting', $sittingId)
            ->setParameter('id', $id)
            ->getQuery()->getResult();
    }
}
