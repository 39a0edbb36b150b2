<?php

declare(strict_types=1);

namespace Pindle\App\Children;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\House\HouseRoom;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;

/** The door of this room: who the children are. */
final readonly class ChildrenRoom
{
    public function __construct(private ChildRepository $children, private HouseRoom $house, private Clock $clock, private EntityManagerInterface $entities)
    {
    }

    /** @return list<Child> */
    public function present(): array
    {
        return array_map($this->toCore(...), $this->children->present());
    }

    /** @throws Refusal 404 when there is no such child in the house now */
    public function child(string $id, string $field = 'childId'): Child
    {
        return $this->toCore($this->find($id, $field));
    }

    /** A step the parent wants next, or no longer. */
    public function pin(string $id, string $stepId, bool $on): void
    {
        $child = $this->find($id);
        $child->pins = self::put($child->pins, $stepId, $on);
        $this->entities->flush();
    }

    /** A strand the parent wants more of, or no longer. */
    public function focus(string $id, string $strand, bool $on): void
    {
        $child = $this->find($id);
        $child->focus = self::put($child->focus, $strand, $on);
        $this->entities->flush();
    }

    /**
     * What a first look found: the belief in each step before the first try.
     *
     * @param array<string, float> $priors
     */
    public function place(string $id, array $priors): void
    {
        $this->find($id)->priors = $priors;
        $this->entities->flush();
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
        $this->entities->persist($entity);
    }

    /** A first look that is over, as in the demo; the caller flushes. */
    public function looked(string $lookId, string $childId, LocalDate $on): void
    {
        $look = new FirstLookEntity($lookId, $childId, $on->toString(), []);
        $look->endedOn = $on->toString();
        $this->entities->persist($look);
    }

    /** @return array<string, int> child id => which thread stands for the child, 0 to 5 */
    public function threads(): array
    {
        $threads = [];
        foreach ($this->children->present() as $child) {
            $threads[$child->id] = $child->thread;
        }

        return $threads;
    }

    public function toCore(ChildEntity $child): Child
    {
        return $child->toCore($this->house->settings(), $this->clock->today());
    }

    /** @throws Refusal 404 */
    private function find(string $id, string $field = 'childId'): ChildEntity
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
