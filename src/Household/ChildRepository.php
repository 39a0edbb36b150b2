<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<ChildEntity> */
final class ChildRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ChildEntity::class);
    }

    /** @return list<ChildEntity> in the order they came into the house */
    public function present(): array
    {
        return $this->findBy(['archivedAt' => null], ['id' => 'ASC']);
    }

    /** @return list<ChildEntity> */
    public function archived(): array
    {
        return array_values(array_filter($this->findBy([], ['id' => 'ASC']), static fn (ChildEntity $child): bool => null !== $child->archivedAt));
    }
}
