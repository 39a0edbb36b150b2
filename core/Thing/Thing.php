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
    ) {
        if ($amount < 0) {
            throw InvalidThing::amount($name, $amount);
        }
        if ($colours < 1) {
            throw InvalidThing::colours($name, $colours);
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
        return new self(
            $id,
            $this->name,
            $this->single,
            $this->amount,
            $this->size,
            $this->shape,
            $this->traits,
            $this->allergens,
            $this->glyph,
            $this->mass,
            $this->massDeviation,
            $this->colours,
        );
    }

    /** The same thing, so many of it. */
    public function counted(int $amount): self
    {
        return new self(
            $this->id,
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
        );
    }

    /** Whether it is even enough for a balance; unknown counts as even, with a word of warning elsewhere. */
    public function isEven(): bool
    {
        return null === $this->mass
            || null === $this->massDeviation
            || (Evenness::isEven($this->mass, $this->massDeviation) && Evenness::isHeavyEnough($this->mass));
    }
}
