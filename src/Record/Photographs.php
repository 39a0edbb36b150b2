<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\BadPhotograph;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Photograph;
use Pindle\App\Platform\PhotographFolder;
use Pindle\Core\Calendar\LocalDate;

/** The photographs of the household. They stay in its data folder. */
final readonly class Photographs
{
    public const MOST = 2000;

    public function __construct(private EntityManagerInterface $entities, private Transactions $transactions, private PhotographFolder $folder)
    {
    }

    /**
     * Keeps one; sending it twice keeps it once.
     *
     * @param list<string> $childIds
     *
     * @throws Refusal 422 when it is none, or the house is full
     */
    public function keep(
        string $id,
        string $bytes,
        LocalDate $day,
        ?string $setUpId,
        array $childIds,
        string $words,
        int $at,
        string $deviceId,
    ): PhotographEntity {
        $before = $this->find($id);
        if (null !== $before) {
            return $before;
        }
        try {
            $photograph = Photograph::of($bytes);
        } catch (BadPhotograph $e) {
            throw Refusal::invalid('photograph', $e->getMessage());
        }
        $name = $this->folder->put($photograph);
        try {
            return $this->transactions->run(function () use ($id, $photograph, $name, $day, $setUpId, $childIds, $words, $at, $deviceId): PhotographEntity {
                if (null !== $this->entities->find(ErasedEntity::class, $id)) {
                    throw Refusal::conflict('id', 'This photograph was taken away again. Nothing was stored.');
                }
                if ($this->entities->getRepository(PhotographEntity::class)->count() >= self::MOST) {
                    throw Refusal::invalid('photograph', \sprintf('Pindle keeps up to %d photographs. Take some away first.', self::MOST));
                }
                $kept = new PhotographEntity(
                    $id,
                    $name,
                    $day->toString(),
                    $setUpId,
                    $childIds,
                    $words,
                    $photograph->width,
                    $photograph->height,
                    \strlen($photograph->jpeg),
                    $at,
                    $deviceId,
                );
                $this->entities->persist($kept);

                return $kept;
            });
        } catch (\Throwable $e) {
            $this->folder->remove($name);
            throw $e;
        }
    }

    public function find(string $id): ?PhotographEntity
    {
        return $this->entities->find(PhotographEntity::class, $id);
    }

    /** Where the picture of one lies; null when it is gone. */
    public function file(PhotographEntity $photograph, bool $small = false): ?string
    {
        return $this->folder->find($photograph->file, $small);
    }

    /** @param list<string> $childIds */
    public function change(PhotographEntity $photograph, string $words, array $childIds): void
    {
        $this->transactions->run(static function () use ($photograph, $words, $childIds): void {
            [$photograph->words, $photograph->childIds] = [$words, $childIds];
        });
    }

    /** The row and the picture; it does not come back with a file that was taken away. */
    public function remove(PhotographEntity $photograph): void
    {
        $this->transactions->run(function () use ($photograph): void {
            $this->entities->persist(new ErasedEntity($photograph->id));
            $this->entities->remove($photograph);
        });
        $this->folder->remove($photograph->file);
    }

    /**
     * @return array<string, list<PhotographEntity>> by day, in the order they were taken
     */
    public function between(LocalDate $from, LocalDate $to): array
    {
        $photographs = $this->entities->createQuery('SELECT p FROM '.PhotographEntity::class.' p WHERE p.day BETWEEN :from AND :to ORDER BY p.day, p.at, p.id')
            ->setParameter('from', $from->toString())->setParameter('to', $to->toString())->getResult();
        $byDay = [];
        foreach ($photographs as $photograph) {
            $byDay[$photograph->day][] = $photograph;
        }

        return $byDay;
    }
}
