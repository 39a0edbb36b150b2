<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Printable\Fit;
use Pindle\Core\Printable\Made;
use Pindle\Core\Printable\Want;
use Symfony\Contracts\Service\ResetInterface;

/** What was made once and is kept. */
final class MadeProps implements ResetInterface
{
    /** So many are kept. */
    public const MOST = 300;

    /** @var list<MadeEntity>|null as read in this request */
    private ?array $kept = null;

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly Changes $changes,
        private readonly Clock $clock,
    ) {
    }

    public function reset(): void
    {
        $this->kept = null;
    }

    /** @return list<MadeEntity> as they were made */
    public function kept(): array
    {
        return $this->kept ??= $this->entities->getRepository(MadeEntity::class)->findBy([], ['id' => 'ASC']);
    }

    /** @return list<Made> */
    public function all(): array
    {
        return array_map(static fn (MadeEntity $made): Made => $made->toCore(), $this->kept());
    }

    /**
     * How it stands with what is wanted, and where it is; null where nobody ever said.
     *
     * @param list<MadeEntity> $kept
     */
    public static function for(Want $want, array $kept): ?MadeEntity
    {
        $state = Made::state(array_map(static fn (MadeEntity $made): Made => $made->toCore(), $kept), $want);
        foreach (null === $state ? [] : $kept as $made) {
            if ($made->state === $state && $made->toCore()->serves($want)) {
                return $made;
            }
        }

        return null;
    }

    /**
     * Notes that something is made, or how far it is; one that is alike and was noted before is the same.
     *
     * @param callable(MadeEntity): void $fill
     *
     * @throws Refusal 422 when there are too many
     */
    public function keep(?string $propId, ?Fit $fit, callable $fill): MadeEntity
    {
        foreach ($this->kept() as $made) {
            // A Fit is a value: equal in all its parts is the same.
            if ($made->propId === $propId && $made->fit() == $fit) {
                return $this->write($made, $fill);
            }
        }
        if (\count($this->kept()) >= self::MOST) {
            throw Refusal::invalid('state', \sprintf('Pindle keeps up to %d things that were made. Throw some away that are worn out.', self::MOST));
        }
        $made = new MadeEntity($this->clock->today()->toString());
        [$made->propId, $made->kind, $made->variant, $made->reach, $made->side, $made->way] = [
            $propId, $fit?->kind, $fit?->variant, $fit?->reach, $fit?->side, $fit->way ?? '',
        ];

        return $this->write($made, $fill);
    }

    /**
     * @param int                        $version the parent saw
     * @param callable(MadeEntity): void $fill
     *
     * @throws Refusal 404
     */
    public function change(string $id, int $version, callable $fill): MadeEntity
    {
        $made = $this->find($id);
        $this->entities->lock($made, LockMode::OPTIMISTIC, $version);

        return $this->write($made, $fill);
    }

    /** @throws Refusal 404 */
    public function throwAway(string $id): void
    {
        $made = $this->find($id);
        $this->changes->make(function () use ($made): void {
            $this->entities->remove($made);
        });
        $this->reset();
    }

    /** @param callable(MadeEntity): void $fill */
    private function write(MadeEntity $made, callable $fill): MadeEntity
    {
        $this->changes->make(function () use ($made, $fill): void {
            $fill($made);
            $this->entities->persist($made);
        });
        $this->reset();

        return $made;
    }

    /** @throws Refusal 404 */
    private function find(string $id): MadeEntity
    {
        return $this->entities->find(MadeEntity::class, $id) ?? throw Refusal::notFound('id', 'That is not kept any more.');
    }
}
