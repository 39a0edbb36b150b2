<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;

/** Who the children are. */
final class Children
{
    /** As many as there are threads to tell them apart. */
    public const MOST = 6;

    /** So many are kept, those included who were planned for once. */
    public const MOST_EVER = 12;

    private const OLDEST_YEARS = 18;

    /** @var list<ChildEntity>|null as read in this request */
    private ?array $here = null;

    public function __construct(
        private readonly ChildRepository $children,
        private readonly House $house,
        private readonly AgeHint $ageHint,
        private readonly Changes $changes,
        private readonly EntityManagerInterface $entities,
    ) {
    }

    /** @throws Refusal 422 for a day to come, or one more than 18 years ago */
    public static function mustBeBirthDate(string $born, LocalDate $on, string $field): void
    {
        $date = LocalDate::parse($born);
        if ($date->isAfter($on)) {
            throw Refusal::invalid($field, 'A birth date can not be in the future.');
        }
        if ($date->monthsUntil($on) > self::OLDEST_YEARS * 12) {
            throw Refusal::invalid($field, 'That is more than 18 years ago.');
        }
    }

    /** @return list<Child> in the order they came into the house */
    public function present(LocalDate $on): array
    {
        [$settings, $coins] = [$this->house->settings(), $this->house->coins()];

        return array_map(static fn (ChildEntity $child): Child => $child->toCore($settings, $on, $coins), $this->here());
    }

    /** @throws Refusal 404 when there is no such child in the house now */
    public function child(string $id, LocalDate $on, string $field = 'childId'): Child
    {
        return $this->toCore($this->find($id, $field), $on);
    }

    /** @return array{present: list<ChildEntity>, archived: list<ChildEntity>} as they are kept */
    public function kept(): array
    {
        return ['present' => $this->here(), 'archived' => $this->children->archived()];
    }

    /**
     * @param callable(ChildEntity): void $fill
     *
     * @throws Refusal 422 when the house is full
     */
    public function add(string $name, LocalDate $on, callable $fill): ChildEntity
    {
        $child = new ChildEntity($name, 0);
        $fill($child);
        $this->write(function () use ($child, $on): void {
            if ($this->children->count() >= self::MOST_EVER) {
                throw Refusal::invalid(
                    'name',
                    \sprintf('Pindle keeps up to %d children, with those who were planned for once. Bring one of them back.', self::MOST_EVER),
                );
            }
            $child->thread = $this->freeThread(null) ?? throw Refusal::invalid('name', 'Pindle plans for up to six children. Archive one first.');
            $this->hint($child, $on);
            $this->entities->persist($child);
        });

        return $child;
    }

    /**
     * @param int                         $version the parent saw
     * @param callable(ChildEntity): void $fill
     *
     * @throws Refusal 404 when there is no such child
     */
    public function change(string $id, int $version, LocalDate $on, callable $fill): ChildEntity
    {
        $child = $this->ever($id);
        $this->entities->lock($child, LockMode::OPTIMISTIC, $version);
        $born = $child->born;
        $fill($child);
        $this->write(function () use ($child, $born, $on): void {
            if ($born !== $child->born && StartsFrom::Look !== $child->startsFrom) {
                $this->hint($child, $on);
            }
        });

        return $child;
    }

    /** @throws Refusal 404 */
    public function archive(string $id, \DateTimeImmutable $now): ChildEntity
    {
        $child = $this->ever($id);
        $this->write(static function () use ($child, $now): void {
            $child->archivedAt = $now;
        });

        return $child;
    }

    /** @throws Refusal 404, or 422 when the house is full */
    public function restore(string $id): ChildEntity
    {
        $child = $this->ever($id);
        $this->write(function () use ($child): void {
            $child->thread = $this->freeThread($child) ?? throw Refusal::invalid('id', 'Pindle plans for up to six children. Archive one first.');
            $child->archivedAt = null;
        });

        return $child;
    }

    /** A step the parent wants next, or no longer. */
    public function pin(string $id, string $stepId, bool $on): void
    {
        $child = $this->find($id, 'childId');
        $this->write(static function () use ($child, $stepId, $on): void {
            $child->pins = self::put($child->pins, $stepId, $on);
        });
    }

    /** A strand the parent wants more of, or no longer. */
    public function focus(string $id, string $strand, bool $on): void
    {
        $child = $this->find($id, 'childId');
        $this->write(static function () use ($child, $strand, $on): void {
            $child->focus = self::put($child->focus, $strand, $on);
        });
    }

    /**
     * What a first look found: the belief in each step before the first try. Where nothing was found the age says what may be there.
     *
     * @param array<string, float>|null $priors null when the look has no answers any more
     */
    public function startFrom(string $id, ?array $priors, LocalDate $on): void
    {
        $child = $this->find($id, 'childId');
        $this->write(function () use ($child, $priors, $on): void {
            if (null === $priors) {
                $this->hint($child, $on);
            } else {
                $child->priors = $priors;
                $child->startsFrom = StartsFrom::Look;
            }
        });
    }

    /**
     * A child who comes with everything already known, as in the demo; the caller flushes.
     *
     * @param array<string, string> $settings chosen for this child
     */
    public function moveIn(Child $child, int $thread, array $settings): void
    {
        $entity = new ChildEntity($child->name, $thread, $child->id);
        $entity->born = $child->born?->toString();
        $entity->allergies = $child->allergies;
        $entity->likedThings = $child->likedThings;
        $entity->rests = array_map(static fn (Span $rest): array => [$rest->start, $rest->end], $child->rests);
        $entity->minutesADay = $child->minutesADay;
        $entity->longestSitting = $child->longestSitting;
        $entity->mayBeAlone = $child->mayBeAlone;
        $entity->settings = $settings;
        $entity->priors = $child->priors;
        $entity->startsFrom = StartsFrom::Look;
        $this->entities->persist($entity);
    }

    /** @return array<string, int> child id => which thread stands for the child, 0 to 5 */
    public function threads(): array
    {
        $threads = [];
        foreach ($this->here() as $child) {
            $threads[$child->id] = $child->thread;
        }

        return $threads;
    }

    public function toCore(ChildEntity $child, LocalDate $on): Child
    {
        return $child->toCore($this->house->settings(), $on, $this->house->coins());
    }

    /** @return list<ChildEntity> in the order they came into the house */
    private function here(): array
    {
        return $this->here ??= $this->children->present();
    }

    /** @param callable(): void $change */
    private function write(callable $change): void
    {
        $this->here = null;
        $this->changes->make($change);
        $this->here = null;
    }

    private function hint(ChildEntity $child, LocalDate $on): void
    {
        $child->priors = [];
        $child->priors = $this->ageHint->of($this->toCore($child, $on), $on);
        $child->startsFrom = [] === $child->priors ? StartsFrom::Nothing : StartsFrom::Age;
    }

    /** The child's own thread if nobody else has it, else the first free one; null when the house is full. */
    private function freeThread(?ChildEntity $for): ?int
    {
        $used = array_map(
            static fn (ChildEntity $other): int => $other->thread,
            array_filter($this->here(), static fn (ChildEntity $other): bool => $other !== $for),
        );
        $free = array_values(array_diff(range(0, self::MOST - 1), $used));

        return null !== $for && \in_array($for->thread, $free, true) ? $for->thread : $free[0] ?? null;
    }

    /** @throws Refusal 404 */
    private function ever(string $id): ChildEntity
    {
        return $this->children->find($id) ?? throw Refusal::notFound('id', 'There is no such child.');
    }

    /** @throws Refusal 404 */
    private function find(string $id, string $field): ChildEntity
    {
        $child = $this->children->find($id);

        return null !== $child && null === $child->archivedAt ? $child : throw Refusal::notFound($field, 'There is no such child in the house now.');
    }

    /**
     * @param list<string> $list
     *
     * @return list<string>
     */
    private static function put(array $list, string $id, bool $on): array
    {
        $without = array_values(array_diff($list, [$id]));

        return $on ? [...$without, $id] : $without;
    }
}
