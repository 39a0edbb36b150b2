<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

/** Something that was made once and is kept: printed from a sheet, or a prop that is made without one. */
final readonly class Made
{
    /**
     * @param string|null $propId of the prop it is; null where it was printed by hand and is any prop of that sheet
     * @param Fit|null    $fit    what it was drawn for; null where nobody said, or it is not printed
     */
    public function __construct(public ?string $propId, public ?Fit $fit, public MadeState $state)
    {
    }

    public function serves(Want $want): bool
    {
        return null === $this->fit || null === $want->fit ? $this->propId === $want->prop->id : $this->fit->serves($want->fit);
    }

    /**
     * How it stands with what is wanted: the best there is of it; null where nobody ever said.
     *
     * @param list<self> $all
     */
    public static function state(array $all, Want $want): ?MadeState
    {
        $states = array_map(static fn (self $made): MadeState => $made->state, array_filter($all, static fn (self $made): bool => $made->serves($want)));
        foreach (MadeState::cases() as $state) {
            if (\in_array($state, $states, true)) {
                return $state;
            }
        }

        return null;
    }
}
