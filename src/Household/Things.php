<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\LockMode;
use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Content\ThingFile;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Thing\Thing;

/** What the house has. */
final class Things
{
    /** A house counts no more of one kind. */
    public const MOST = 1000;

    /** So many kinds of things are kept, those included that were put away. */
    public const KINDS = 1000;

    /** @var list<ThingEntity>|null as read in this request */
    private ?array $ever = null;

    public function __construct(
        private readonly ThingRepository $things,
        private readonly Changes $changes,
        private readonly EntityManagerInterface $entities,
        private readonly ThingFile $ordinary,
    ) {
    }

    /** A thing as core knows it: what an ordinary one can do stands in the list of ordinary things. */
    public function thing(ThingEntity $thing): Thing
    {
        return $thing->toCore(null === $thing->shipped ? null : ($this->ordinary->things()[$thing->shipped] ?? null)?->can);
    }

    /** @return list<Thing> in stable order */
    public function present(): array
    {
        return array_map($this->thing(...), $this->kept());
    }

    /** @return list<ThingEntity> as they are kept, in stable order */
    public function kept(): array
    {
        return array_values(array_filter($this->all(), static fn (ThingEntity $thing): bool => !$thing->putAway));
    }

    /** @return array<string, Thing> by id, things put away included */
    public function ever(): array
    {
        $things = [];
        foreach ($this->all() as $thing) {
            $things[$thing->id] = $this->thing($thing);
        }

        return $things;
    }

    /** @return array<string, string> thing id => where it is kept, where that was said */
    public function keptAt(): array
    {
        return array_filter(array_column($this->all(), 'keptAt', 'id'));
    }

    /**
     * Several changes, all or none.
     *
     * @param callable(): void $changes
     */
    public function together(callable $changes): void
    {
        $this->write($changes);
    }

    /** @throws Refusal 422 when the cupboard is full */
    public function add(ThingEntity $thing): void
    {
        $this->write(function () use ($thing): void {
            $this->mustFit(1);
            $this->entities->persist($thing);
        });
    }

    /**
     * @param int                         $version the parent saw
     * @param callable(ThingEntity): void $fill
     *
     * @throws Refusal 404
     */
    public function change(string $id, int $version, callable $fill): ThingEntity
    {
        $thing = $this->find($id);
        $this->entities->lock($thing, LockMode::OPTIMISTIC, $version);
        $fill($thing);
        $this->write(static fn () => null);

        return $thing;
    }

    /**
     * So many more of a thing, or fewer, whatever other devices did meanwhile.
     *
     * @param int $by within MOST
     *
     * @throws Refusal 404
     */
    public function count(string $id, int $by): ThingEntity
    {
        $thing = $this->find($id);
        $this->write(function () use ($id, $by): void {
            $this->entities->getConnection()->executeStatement(
                'UPDATE thing SET amount = MAX(0, MIN(?, amount + ?)), version = version + 1 WHERE id = ?',
                [self::MOST, $by, $id],
                [ParameterType::INTEGER, ParameterType::INTEGER],
            );
        });
        $this->entities->refresh($thing);

        return $thing;
    }

    /** @throws Refusal 404 */
    public function putAway(string $id): void
    {
        $thing = $this->find($id);
        $this->write(static function () use ($thing): void {
            $thing->putAway = true;
        });
    }

    /**
     * Ordinary things of the shipped list, each with its usual amount; what is there already stays as it is.
     *
     * @param list<Thing> $shipped
     *
     * @throws Refusal 422 when the cupboard is full
     */
    public function tick(array $shipped): void
    {
        $this->write(function () use ($shipped): void {
            $here = array_map(static fn (ThingEntity $thing): ?string => $thing->shipped, $this->kept());
            $new = array_filter($shipped, static fn (Thing $thing): bool => !\in_array($thing->id, $here, true));
            $this->mustFit(\count($new));
            foreach ($new as $thing) {
                $this->entities->persist(ThingEntity::fromShipped($thing));
            }
        });
    }

    /** A thing that comes with its own id, as in the demo; the caller flushes. */
    public function stock(Thing $thing, string $shippedId): void
    {
        $this->entities->persist(ThingEntity::fromShipped($thing->identified($shippedId), $thing->amount, $thing->id));
    }

    /** @return list<ThingEntity> things put away included, in stable order */
    private function all(): array
    {
        return $this->ever ??= $this->things->findBy([], ['name' => 'ASC', 'id' => 'ASC']);
    }

    /** @param callable(): void $change */
    private function write(callable $change): void
    {
        $this->ever = null;
        $this->changes->make($change);
        $this->ever = null;
    }

    /** @throws Refusal 422 */
    private function mustFit(int $more): void
    {
        if ($this->things->count() + $more > self::KINDS) {
            throw Refusal::invalid('name', \sprintf('The cupboard keeps up to %d kinds of things. Count one that is there again, or change it.', self::KINDS));
        }
    }

    /** @throws Refusal 404 */
    private function find(string $id): ThingEntity
    {
        $thing = $this->things->find($id);

        return null === $thing || $thing->putAway ? throw Refusal::notFound('id', 'There is no such thing in the cupboard.') : $thing;
    }
}
