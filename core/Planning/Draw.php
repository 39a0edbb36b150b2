<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** What comes into question for a day that is being filled, drawn by what it would gain and by chance. */
final class Draw
{
    /** Drawn at least so freely, in the unit of the goal: what an option would bring is not known for sure. */
    private const FREELY = 1.0;

    /** So many are drawn at once. */
    private const DRAWS = 3;

    /** So often of ten only what may come as the day is. */
    private const AS_IT_IS = 7;

    /** So often of ten what comes instead is for a child of what went out: what one has gives way to what another needs, too. */
    private const SAME = 5;

    /** So many companies are weighed each time, and so many things that one child does alone; so often of a hundred it is companies. */
    private const COMPANIES = 6;
    private const SOLOS = 15;
    private const MEET = 50;

    /** In a company is who brings so much to it, in the unit of the goal, give or take chance; a set-up of so many minutes is thought of. */
    private const BRINGS = 2.0;
    private const MINUTES = 6;

    private readonly Options $options;
    private readonly Gains $gains;

    /** @var array<string, non-empty-list<Candidate>> child id => best first */
    private readonly array $candidates;

    /** @var list<string> ids of activities at which children can meet */
    private readonly array $meeting;

    /** @var array<string, list<array{float, Option, int}>> by what a child has: what comes into question besides */
    private array $solos = [];

    /** @var array<string, list<Option>> child id => what they can do by themselves, best first */
    private array $usual = [];

    /** @param non-empty-list<string> $children ids of those who could sit */
    public function __construct(private readonly Filling $filling, private readonly Chance $chance, private readonly array $children)
    {
        $this->options = $filling->options;
        $this->gains = $filling->gains;
        $this->candidates = $this->options->candidates;
        $this->meeting = array_keys($this->options->meeting);
    }

    /**
     * A few of what comes into question, the likelier the more the day gains by it: the Gumbel-max way of drawing from a Boltzmann distribution.
     *
     * @param list<Placed> $rest
     * @param float        $need what the day has to gain at least
     *
     * @return list<array{float, Option, int}> what the day would gain, option and length
     */
    public function some(array $rest, ?Placed $instead, float $warmth, float $need = -\INF): array
    {
        $this->filling->look($rest);
        $offers = $this->offers($rest, $instead);
        $chances = [];
        // Mostly of what may come as it is; now and then of what something would have to give way to.
        $asItIs = $this->chance->inTen(self::AS_IT_IS);
        $freely = max(self::FREELY, $warmth);
        foreach ($offers as $i => [$gain]) {
            if ($gain >= $need) {
                $chances[$i] = $gain - $freely * log(-log($this->chance->share()));
            }
        }
        arsort($chances);
        $drawn = [];
        foreach ($chances as $i => $chance) {
            if (!$asItIs || $this->filling->mayCome($rest, $offers[$i][1])) {
                $drawn[] = $offers[$i];
                if (self::DRAWS === \count($drawn)) {
                    break;
                }
            }
        }

        return $drawn;
    }

    /**
     * What comes into question for one child, or for some who meet.
     *
     * @param list<Placed> $rest
     *
     * @return list<array{float, Option, int}> what the day would gain, the option and its length
     */
    private function offers(array $rest, ?Placed $instead): array
    {
        if ([] !== $this->meeting && $this->chance->upTo(100) <= self::MEET) {
            $offers = [];
            for ($i = 0; $i < self::COMPANIES; ++$i) {
                $company = $this->company($this->chance->one($this->meeting));
                $length = null === $company ? null : $this->filling->room->length($company, $this->filling->room->left($rest, $company->who));
                if (null !== $company && null !== $length) {
                    $offers[] = [$this->gains->of($company, $length), $company, $length];
                }
            }

            return $offers;
        }
        $same = $this->chance->inTen(self::SAME) ? $instead?->option?->candidates : null;
        $of = $same ?? $this->candidates[$this->chance->one($this->children)];
        $childId = $this->chance->one($of)->childId;

        return $this->solos[$this->gains->has($childId)] ??= $this->solos($rest, $childId);
    }

    /**
     * The best for one child by themselves, as they stand.
     *
     * @param list<Placed> $rest
     *
     * @return list<array{float, Option, int}>
     */
    private function solos(array $rest, string $childId): array
    {
        $solos = $gains = [];
        $left = $this->filling->room->left($rest, $this->filling->hands->bits[$childId]);
        $this->usual[$childId] ??= array_values(array_filter(array_map($this->options->usual(...), $this->candidates[$childId])));
        foreach ($this->usual[$childId] as $i => $option) {
            $length = $this->filling->room->length($option, $left);
            if (null !== $length) {
                $gains[$i] = $this->gains->of($option, $length);
                $solos[$i] = [$gains[$i], $option, $length];
            }
        }
        arsort($gains);

        return array_map(static fn (int $i): array => $solos[$i], \array_slice(array_keys($gains), 0, self::SOLOS));
    }

    /** Those of the children who can meet at an activity whom it brings most, and some by chance. */
    private function company(string $activityId): ?Option
    {
        $company = [];
        foreach ($this->options->meeting[$activityId] as $own) {
            $candidate = $this->chance->oneEarly($own);
            $chance = $this->chance->share();
            $brings = $this->filling->bringsToCompany($candidate, self::MINUTES) + self::FREELY * log($chance / (1 - $chance));
            if ($brings > self::BRINGS) {
                $company[] = $candidate;
            }
        }

        return \count($company) > 1 ? $this->options->together($company) : null;
    }
}
