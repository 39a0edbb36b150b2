<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\LocalDate;
use Symfony\Component\Uid\Uuid;

/** The pages a parent wrote for the portfolio. */
final readonly class PortfolioPages
{
    public const MOST = 200;

    public function __construct(private EntityManagerInterface $entities, private Transactions $transactions)
    {
    }

    /** @return list<PageEntity> in order of their days */
    public function between(LocalDate $from, LocalDate $to): array
    {
        return array_values($this->entities->createQuery('SELECT p FROM '.PageEntity::class.' p WHERE p.day BETWEEN :from AND :to ORDER BY p.day, p.id')
            ->setParameter('from', $from->toString())->setParameter('to', $to->toString())->getResult());
    }

    /** @throws Refusal 404 when there is no such page, 422 when there are too many */
    public function keep(?string $id, PageInput $input): PageEntity
    {
        return $this->transactions->run(function () use ($id, $input): PageEntity {
            if (null === $id && $this->entities->getRepository(PageEntity::class)->count() >= self::MOST) {
                throw Refusal::invalid('title', \sprintf('At most %d pages are kept.', self::MOST));
            }
            $page = null === $id ? new PageEntity(Uuid::v7()->toRfc4122()) : $this->find($id);
            if (null !== $id) {
                $this->entities->lock($page, LockMode::OPTIMISTIC, $input->version);
            }
            [$page->day, $page->title, $page->text] = [$input->day, trim($input->title), trim($input->text)];
            $this->entities->persist($page);

            return $page;
        });
    }

    /** @throws Refusal 404 */
    public function remove(string $id): void
    {
        $this->transactions->run(function () use ($id): void {
            $this->entities->remove($this->find($id));
        });
    }

    /** @throws Refusal 404 */
    private function find(string $id): PageEntity
    {
        return $this->entities->find(PageEntity::class, $id) ?? throw Refusal::notFound('id', 'There is no such page.');
    }
}
