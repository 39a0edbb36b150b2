<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** What a sitting with a step would be worth, every part of it readable: value = gain × push × freshness × liking × suits. */
final readonly class Worth
{
    /**
     * @param float $learning  what the attempts would add to the belief, 0 to 1
     * @param float $nearly    for being on the way to Secure, 0 to 1
     * @param float $opening   for steps that wait for this one alone, 0 and up
     * @param float $fading    of a look again: what has faded, 0 to 1
     * @param float $push      1, or more where the parent wants it or its strand was left alone
     * @param float $freshness 1, or less for a step, activity or thing just used
     * @param float $liking    Liking::LEAST to Liking::MOST, from how sittings with the activity ended
     * @param float $suits     1, or a little more where the activity brings variety or is the child's way in
     *
     * @throws InvalidWorth
     */
    public function __construct(
        public float $learning,
        public float $nearly,
        public float $opening,
        public float $fading,
        public float $push,
        public float $freshness,
        public float $liking = 1.0,
        public float $suits = 1.0,
    ) {
        foreach ([
            'learning' => [$learning, 0.0, 1.0], 'nearly' => [$nearly, 0.0, 1.0], 'fading' => [$fading, 0.0, 1.0], 'freshness' => [$freshness, 0.0, 1.0],
            'opening' => [$opening, 0.0, \INF], 'push' => [$push, 0.0, \INF], 'suits' => [$suits, 0.0, \INF],
            'liking' => [$liking, Liking::LEAST, Liking::MOST],
        ] as $name => [$value, $least, $most]) {
            if ($value < $least || $value > $most) {
                throw InvalidWorth::part($name, $value);
            }
        }
    }

    public function gain(): float
    {
        return $this->learning + $this->nearly + $this->opening + $this->fading;
    }

    public function value(): float
    {
        return $this->gain() * $this->push * $this->freshness * $this->liking * $this->suits;
    }

    /** The same step by an activity: how fresh, liked and suitable that is. */
    public function by(float $freshness, float $liking, float $suits): self
    {
        return new self(
            $this->learning,
            $this->nearly,
            $this->opening,
            $this->fading,
            $this->push,
            $this->freshness * $freshness,
            $this->liking * $liking,
            $this->suits * $suits,
        );
    }
}
