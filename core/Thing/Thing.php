<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/** A kind of thing in the house and how many there are. Its amount is 0 or more. */
final readonly class Thing
{
    /**
     * @param string       $name      as counted, for example "corks"
     * @param string       $single    one of them, for example "cork"
     * @param Size|null    $size      null when nobody has measured it
     * @param list<string> $traits    what cautions ask about, for example "mouth-sized" or "string"
     * @param list<string> $allergens for example "wheat"
     * @param string       $glyph     which drawing stands for it
     * @param float|null   $mass      grams of one, above 0; null when nobody has weighed it
     * @param float|null   $massDeviation standard deviation in grams, at least 0
     * @param int          $colours   how many clearly different colours or kinds there are of it, 1 and up
     * @param list<Ability> $can
     * @param int          $colour    which of its colours is meant, 0 to one below their number
     *
     * @throws InvalidThing
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $single,
        public int $amount,
        public ?Size $size = null,
        public Shape $shape = Shape::Unknown,
        public array $traits = [],
        public array $allergens = [],
        public string $glyph = 'counter',
        public ?float $mass = null,
        public ?float $massDeviation = null,
        public int $colours = 1,
        public array $can = [],
        public int $colour = 0,
    ) {
        if ($amount < 0) {
            throw InvalidThing::amount($name, $amount);
        }
        if ($colours < 1) {
            throw InvalidThing::colours($name, $colours);
        }
        foreach ($can as $ability) {
            if ($ability->isAgainst($shape)) {
                throw InvalidThing::ability($name, $ability, $shape);
            }
        }
        if ($colour < 0 || $colour >= $colours) {
            throw InvalidThing::colour($name, $colour);
        }
        if (null !== $mass && $mass <= 0.0) {
            throw InvalidThing::mass($name, $mass);
        }
        if (null !== $massDeviation && $massDeviation < 0.0) {
            throw InvalidThing::deviation($name, $massDeviation);
        }
    }

    /** The longest side in millimetres; 30 where nobody has measured it, so that it can still be drawn. */
    public function longSide(): float
    {
        return $this->size->long ?? 30.0;
    }

    /** The same thing under another id. */
    public function identified(string $id): self
    {
        return $this->but($id, $this->amount, $this->colour);
    }

    /** The same thing, so many of it. */
    public function counted(int $amount): self
    {
        return $this->but($this->id, $amount, $this->colour);
    }

    /** The same thing in another of its colours, as many as there usually are of one. */
    public function inColour(int $colour): self
    {
        return $this->but($this->id, intdiv($this->amount, $this->colours), $colour);
    }

    /** @param list<Ability> $anyOf */
    public function canAny(array $anyOf): bool
    {
        foreach ($anyOf as $ability) {
            if (\in_array($ability, $this->can, true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether it is even enough for a balance; unknown counts as even, with a word of warning elsewhere. */
    public function isEven(): bool
    {
        return null === $this->mass
            || null === $this->massDeviation
            || (Evenness::isEven($this->mass, $this->massDeviation) && Evenness::isHeavyEnough($this->mass));
    }

    private function but(string $id, int $amount, int $colour): self
    {
        return new self(
            $id,
            $this->name,
            $this->single,
            $amount,
            $this->size,
            $this->shape,
            $this->traits,
            $this->allergens,
            $this->glyph,
            $this->mass,
            $this->massDeviation,
            $this->colours,
            $this->can,
            $colour,
        );
    }
}
