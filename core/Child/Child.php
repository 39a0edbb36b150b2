<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

use Pindle\Core\Calendar\DayUse;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;

/** One child of the house and how they like to work. A child without a birth date is treated as the youngest there can be. */
final readonly class Child
{
    /** Three years in months. */
    private const THREE = 36;

    /** A child younger than this many months is not left alone, unless the parent says otherwise. */
    public const ALONE_FROM_MONTHS = 48;

    /** What a parent may choose for minutes of maths a day and for the longest sitting. */
    public const FEWEST_MINUTES = DayUse::FEWEST_MINUTES;
    public const MOST_MINUTES = DayUse::MOST_MINUTES;
    public const SHORTEST_SITTING = 3;
    public const LONGEST_SITTING = 40;

    /**
     * @param list<string> $allergies      allergen words as used in the cupboard, for example "wheat"
     * @param list<string> $likedThings    ids of things the child likes to work with
     * @param list<Span>   $rests          when the child sleeps on a usual day
     * @param int|null     $minutesADay    minutes of maths a day, 5 to 60; null for the usual of the age
     * @param int|null     $longestSitting minutes of the longest sitting, 3 to 40; null for the usual of the age
     * @param bool|null    $mayBeAlone     null for the usual of the age
     * @param array<string, float> $priors step id => belief before the first try, for what is known of the child beforehand
     * @param list<string>   $pins           ids of steps the parent wants next
     * @param list<string>   $focus          strands the parent wants more of
     *
     * @throws InvalidChild
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?LocalDate $born,
        public array $allergies = [],
        public array $likedThings = [],
        public array $rests = [],
        public ?int $minutesADay = null,
        public ?int $longestSitting = null,
        public ?bool $mayBeAlone = null,
        public Settings $settings = new Settings(),
        public array $priors = [],
        public array $pins = [],
        public array $focus = [],
    ) {
        if (null !== $minutesADay && ($minutesADay < self::FEWEST_MINUTES || $minutesADay > self::MOST_MINUTES)) {
            throw InvalidChild::minutesADay($minutesADay);
        }
        if (null !== $longestSitting && ($longestSitting < self::SHORTEST_SITTING || $longestSitting > self::LONGEST_SITTING)) {
            throw InvalidChild::longestSitting($longestSitting);
        }
    }

    /** @param array<string, float> $priors */
    public function knowing(array $priors): self
    {
        return $this->but($this->rests, $this->settings, $priors);
    }

    public function taught(Settings $settings): self
    {
        return $this->but($this->rests, $settings, $this->priors);
    }

    /**
     * The same child on a day on which they sleep at other times.
     *
     * @param list<Span> $rests
     */
    public function resting(array $rests): self
    {
        return $this->but($rests, $this->settings, $this->priors);
    }

    /** The same child on a day with so many minutes of maths, 5 to 60. */
    public function spending(int $minutes): self
    {
        return $this->but($this->rests, $this->settings, $this->priors, $minutes);
    }

    /**
     * @param list<Span>           $rests
     * @param array<string, float> $priors
     */
    private function but(array $rests, Settings $settings, array $priors, ?int $minutes = null): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->born,
            $this->allergies,
            $this->likedThings,
            $rests,
            $minutes ?? $this->minutesADay,
            $this->longestSitting,
            $this->mayBeAlone,
            $settings,
            $priors,
            $this->pins,
            $this->focus,
        );
    }

    /** Age in whole months; 0 when the birth date is not known or still to come. */
    public function ageInMonths(LocalDate $on): int
    {
        return null === $this->born ? 0 : max(0, $this->born->monthsUntil($on));
    }

    /** Whether small parts are kept from them; so it is where nobody said when they were born. */
    public function isUnderThree(LocalDate $on): bool
    {
        return $this->ageInMonths($on) < self::THREE;
    }

    /** Minutes of one sitting at most: about two and a half a year of age, where the parent has not said. */
    public function longestSittingOn(LocalDate $on): int
    {
        return $this->longestSitting ?? max(5, min(20, (int) round($this->ageInMonths($on) / 12 * 2.5)));
    }

    /** How many questions a sitting has. */
    public function setSizeOn(LocalDate $on): SetSize
    {
        return SetSize::atAge($this->ageInMonths($on));
    }

    /** Minutes of maths on one day: 10 for the youngest to 30, where the parent has not said. */
    public function minutesOn(LocalDate $on): int
    {
        return $this->minutesADay ?? max(10, min(30, (int) round($this->ageInMonths($on) / 12 * 4.5)));
    }

    /** Whether there are sittings for the child: not before the age is reached, and never where nobody knows it. */
    public function isPlannedOn(LocalDate $on): bool
    {
        return $this->ageInMonths($on) >= $this->settings->plannedFrom->months();
    }

    public function mayBeAloneOn(LocalDate $on): bool
    {
        return $this->mayBeAlone ?? $this->ageInMonths($on) >= self::ALONE_FROM_MONTHS;
    }

    public function isAsleepDuring(Span $span): bool
    {
        foreach ($this->rests as $rest) {
            if ($rest->holds($span)) {
                return true;
            }
        }

        return false;
    }
}
