<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Thing\Thing;

/** What the cautions say of each thing and each child on a day, asked once: a day is planned by laying the same things out again and again. */
final class Reach
{
    /** @var array<string, bool> thing id => whether it lies out for nobody */
    private array $refused = [];

    /** @var array<string, array<string, bool>> child id => thing id => whether it is blocked while the child may reach it */
    private array $blocked = [];

    /** @var array<string, array<string, bool>> child id => thing id => whether the parent stays with it then */
    private array $wantParent = [];

    public function __construct(private readonly Cautions $cautions, private readonly LocalDate $on)
    {
    }

    /**
     * Whether a thing may lie out with these children in reach, as Cautions has it.
     *
     * @param list<Child> $nearby
     * @param string|null $as     tells it from others where its id does not
     */
    public function allows(Thing $thing, array $nearby, bool $parentStays, ?string $as = null): bool
    {
        $id = $as ?? $thing->id;
        if ($this->refused[$id] ??= null !== $this->cautions->refusal($thing)) {
            return false;
        }
        foreach ($nearby as $child) {
            if ($this->blocked[$child->id][$id] ??= !$this->cautions->allow($thing, [$child], $this->on)) {
                return false;
            }
            if (!$parentStays && ($this->wantParent[$child->id][$id] ??= $this->cautions->wantParent($thing, [$child], $this->on))) {
                return false;
            }
        }

        return true;
    }
}
