<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Ability;

/** A part that things play in a lay-out: so many, able to do what is done with them, in some cases clearly different from earlier ones. */
final readonly class Role
{
    /**
     * @param string              $id       for example "things" or "others"
     * @param bool                $apart    whether it must look different from those of the roles before
     * @param float|null          $maxSide  longest side in millimetres that still fits where they lie; null if anything does
     * @param bool                $even     whether they must weigh about the same, for a balance
     * @param list<Form>          $forms    in which it is laid out; empty for all
     * @param list<list<Ability>> $wants    what its things must be able to do: one of each list
     * @param float|null          $minSide  least longest side in millimetres
     * @param bool                $colour   whether another colour of what lies there goes before another kind
     */
    public function __construct(
        public string $id,
        public Formula $count,
        public bool $apart = false,
        public ?float $maxSide = null,
        public array $forms = [],
        public bool $even = false,
        public array $wants = [],
        public ?float $minSide = null,
        public Sameness $sameness = Sameness::Alike,
        public bool $colour = false,
    ) {
    }

    /** @param list<Form|null> $forms of the sittings at the set-up */
    public function isWantedIn(array $forms): bool
    {
        return [] === $this->forms || [] !== array_filter($forms, fn (?Form $form): bool => \in_array($form, $this->forms, true));
    }
}
