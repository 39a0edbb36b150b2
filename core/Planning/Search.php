<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Looks for the set-ups with which a day is worth most: first one after the other, each time what lifts the goal most; then by small changes, of which
 * those that make the day worse are taken too, ever more seldom (simulated annealing; Kirkpatrick, Gelatt and Vecchi 1983), once from there and once
 * from an empty day. A fixed number of steps and a seed of the day: the same request gives the same plan.
 */
final class Search
{
    /** Small changes tried: so many, and so many more for each child who could sit. */
    public const STEPS = 300;
    public const STEPS_A_CHILD = 250;

    /** What a change may cost at first, and at last, to be taken about once in three times, in the unit of the goal. */
    private const WARM = 1.0;
    private const COOL = 0.03;

    /** Offers are drawn at least as freely: what they would bring is not known for sure. */
    private const DRAWN = 1.0;

    /**
     * While a plan is looked for, a minute in which a little one is too long without company costs so much at first, and at last, and even less while a
     * day is filled up to begin with; in a plan there is none.
     */
    private const FINE = 1.0;
    private const LAST_FINE = 3.0;
    private const FILLING_FINE = 0.3;
    private const NEVER = 1_000.0;

    /** Of a hundred changes so many are of each kind. */
    private const CHANGES = [
        'added' => 20,
        'replaced' => 28,
        'lengthened' => 8,
        'moved' => 8,
        'joined' => 4,
        'left' => 3,
        'merged' => 4,
        'removed' => 3,
        'two' => 10,
        'timed' => 12,
    ];

    /** So often of ten only what may come as the day is. */
    private const AS_IT_IS = 7;

    /** Of what is drawn so many are tried, and so many are laid out to find what lifts the goal most. */
    private const DRAWS = 3;
    private const TRIES = 12;

    /** So many companies are weighed each time, and so many things that one child does alone; so often of a hundred it is companies. */
    private const COMPANIES = 6;
    private const SOLOS = 30;
    private const MEET = 35;

    /** In a company is who brings so much to it, in the unit of the goal, give or take chance; a set-up of so many minutes is thought of. */
    private const BRINGS = 2.0;
    private const MINUTES = 6;

    private readonly Randomizer $random;
    private readonly Options $options;
    private readonly Gains $gains;

    /** @var array<string, non-empty-list<Candidate>> child id => best first */
    private readonly array $candidates;

    /** @var list<string> ids of the children who could sit */
    private readonly array $children;

    /** @var list<string> ids of activities at which children can meet */
    private readonly array $meeting;

    /** @var array<string, list<array{float, Option, int}>> by what a child has: what comes into question besides */
    private array $solos = [];

    /** @var list<int> starts on an empty day */
    private readonly array $times;

    /** @param int $seed tells days and houses apart */
    public function __construct(private readonly Filling $filling, int $seed)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
        $this->options = $filling->options;
        $this->gains = $filling->gains;
        $this->candidates = $this->options->candidates;
        $this->children = array_keys($this->candidates);
        $this->meeting = array_keys($this->options->meeting);
        $this->times = $filling->starts([], 1);
    }

    /**
     * The set-ups with which the day is worth most, besides what stays.
     *
     * @param int|null $steps changes tried; null for as many as are usual
     *
     * @return list<SetUp>
     */
    public function best(?int $steps = null): array
    {
        if ([] === $this->children || [] === $this->times) {
            return [];
        }
        $steps ??= self::STEPS + self::STEPS_A_CHILD * \count($this->children);
        $best = $this->filled(self::NEVER);
        $worth = $this->filling->worth($best);
        foreach ([$this->filled(self::FILLING_FINE), []] as $from) {
            [$found, $is] = $this->annealed($from, intdiv($steps, 2));
            [$best, $worth] = $is > $worth + 1e-9 ? [$found, $is] : [$best, $worth];
        }

        return array_map(static fn (Placed $one): SetUp => $one->setUp, $best);
    }

    /**
     * @param list<Placed> $now
     *
     * @return array{list<Placed>, float} the best day met that breaks no rule, and what it is worth
     */
    private function annealed(array $now, int $steps): array
    {
        [$goal, $excess] = [$this->filling->worth($now), $this->filling->excess($now)];
        [$best, $most] = 0 === $excess ? [$now, $goal] : [[], -\INF];
        for ($step = 0; $step < $steps; ++$step) {
            $done = $step / $steps;
            $warmth = self::WARM * (self::COOL / self::WARM) ** $done;
            $fine = self::FINE * (self::LAST_FINE / self::FINE) ** $done;
            $least = $goal - $fine * $excess + $warmth * log($this->chance());
            $next = $this->changed($now, $least, $warmth);
            $is = null === $next ? -\INF : $this->filling->worth($next);
            if (null === $next || $is < $least) {
                continue;
            }
            $without = $this->filling->excess($next);
            if ($is - $fine * $without >= $least) {
                [$now, $goal, $excess] = [$next, $is, $without];
                if ($is > $most && 0 === $without) {
                    [$best, $most] = [$next, $is];
                }
            }
        }

        return [$best, $most];
    }

    /**
     * The day after one small change; null where it cannot be, or is not worth it for sure.
     *
     * @param list<Placed> $now
     * @param float        $least what the day has to be worth then
     *
     * @return list<Placed>|null
     */
    private function changed(array $now, float $least, float $warmth): ?array
    {
        $change = [] === $now ? 'added' : $this->change();
        if ('added' === $change) {
            return $this->drawn($now, null, $least, $warmth);
        }
        $i = $this->random->getInt(0, \count($now) - 1);
        $one = $now[$i];
        $rest = $now;
        array_splice($rest, $i, 1);
        $option = $one->option ?? throw new \LogicException('What stays is never changed.');
        $start = $one->stint->start;

        return match ($change) {
            'replaced' => $this->drawn($rest, $one, $least, $warmth),
            'lengthened' => $this->with($rest, $option, $least, $start),
            'moved' => $this->with($rest, $option, $least, null, $one->length),
            'joined' => $this->with($rest, $this->joined($option), $least, $start),
            'left' => $this->with($rest, $this->withoutOne($option), $least, $start),
            'merged' => $this->merged($rest, $option, $least, $start),
            'removed' => $rest,
            'two' => $this->twoOut($rest, $one, $least, $warmth),
            default => $this->timed($now, 0 === $this->random->getInt(0, 1) ? $this->offer($now, $warmth) : null),
        };
    }

    private function change(): string
    {
        $of = $this->random->getInt(1, 100);
        foreach (self::CHANGES as $change => $often) {
            $of -= $often;
            if ($of <= 0) {
                return $change;
            }
        }

        return 'timed';
    }

    /**
     * With one more in, or in the place of one that went out.
     *
     * @param list<Placed> $rest
     *
     * @return list<Placed>|null
     */
    private function drawn(array $rest, ?Placed $instead, float $least, float $warmth): ?array
    {
        foreach ($this->draw($rest, $instead, $warmth) as [, $option, $length]) {
            if (1 === \count($option->candidates)) {
                $option = $this->oneOf($this->options->alone($option->candidates[0]) ?: [$option]);
            }
            // One game that is new to the parent gives way to another.
            $beside = $this->filling->mayCome($rest, $option) || !$option->isNew ? $rest : self::withoutNew($rest);
            if (!$this->filling->mayCome($beside, $option)) {
                continue;
            }
            $length -= $this->random->getInt(0, 9) < 3 ? $this->few($length + 1) : 0;
            $near = $instead?->stint->start ?? $this->anyTime();
            [$length, $start] = $this->fitted($beside, $option, $length, $near, 0 === $this->random->getInt(0, 1));
            $next = match (true) {
                null !== $start => $this->filling->with($beside, $option, $length, $start, $least),
                $this->random->getInt(0, 9) < 3 => $this->timed($beside, [$option, $length]),
                default => $this->instead($beside, $option, $length, $least),
            };
            if (null !== $next) {
                return $next;
            }
        }

        return null;
    }

    /**
     * The longest of the lengths up to one for which there is a time, and that time; null for it where there is none.
     *
     * @param list<Placed> $rest
     *
     * @return array{int, int|null}
     */
    private function fitted(array $rest, Option $option, int $length, ?int $from, bool $company): array
    {
        for ($fits = $length; $fits >= 0; --$fits) {
            $start = $this->filling->start($rest, $option, $fits, $from, $company);
            if (null !== $start) {
                return [$fits, $start];
            }
        }

        return [$length, null];
    }

    /**
     * @param list<Placed> $placed
     *
     * @return list<Placed>
     */
    private static function withoutNew(array $placed): array
    {
        return array_values(array_filter($placed, static fn (Placed $one): bool => !$one->counted->isNew));
    }

    /**
     * A few of what comes into question, the likelier the more the day gains by it: the Gumbel-max way of drawing from a Boltzmann distribution.
     *
     * @param list<Placed> $rest
     *
     * @return list<array{float, Option, int}> option and length
     */
    private function draw(array $rest, ?Placed $instead, float $warmth): array
    {
        $this->filling->look($rest);
        $offers = $this->offers($rest, $instead);
        $chances = [];
        // Mostly of what may come as it is; now and then of what something would have to give way to.
        $asItIs = $this->random->getInt(0, 9) < self::AS_IT_IS;
        foreach ($offers as $i => [$gain, $option]) {
            if ($asItIs && !$this->filling->mayCome($rest, $option)) {
                continue;
            }
            $chances[$i] = $gain - max(self::DRAWN, $warmth) * log(-log($this->chance()));
        }
        arsort($chances);

        return array_map(static fn (int $i): array => $offers[$i], \array_slice(array_keys($chances), 0, self::DRAWS));
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
        if ([] !== $this->meeting && $this->random->getInt(0, 99) < self::MEET) {
            $offers = [];
            for ($i = 0; $i < self::COMPANIES; ++$i) {
                $company = $this->company($this->oneAsWellAs($this->meeting));
                $length = null === $company ? null : $this->filling->length($rest, $company);
                if (null !== $company && null !== $length) {
                    $offers[] = [$this->gains->of($company, $length), $company, $length];
                }
            }

            return $offers;
        }
        $of = $instead->option->candidates ?? $this->candidates[$this->anyone()];
        $childId = $this->oneAsWellAs($of)->learner->child->id;

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
        $solos = [];
        foreach ($this->candidates[$childId] as $candidate) {
            $option = $this->options->alone($candidate)[0] ?? null;
            $length = null === $option ? null : $this->filling->length($rest, $option);
            if (null !== $option && null !== $length) {
                $solos[] = [$this->gains->of($option, $length), $option, $length];
            }
        }
        usort($solos, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return \array_slice($solos, 0, self::SOLOS);
    }

    /** Those of the children who can meet at an activity whom it brings most, and some by chance. */
    private function company(string $activityId): ?Option
    {
        $company = [];
        foreach ($this->options->meeting[$activityId] as $own) {
            $candidate = $this->oneOf($own);
            $chance = $this->chance();
            $brings = $this->filling->bringsToCompany($candidate, self::MINUTES) + self::DRAWN * log($chance / (1 - $chance));
            if ($brings > self::BRINGS) {
                $company[] = $candidate;
            }
        }
        $options = \count($company) > 1 ? $this->options->together($company) : [];

        return [] === $options ? null : $this->oneOf($options);
    }

    /**
     * @param list<Placed> $rest
     * @param int|null     $from   when it had better begin; null for any time
     * @param int|null     $length of the option; null for any
     *
     * @return list<Placed>|null
     */
    private function with(array $rest, ?Option $option, float $least, ?int $from = null, ?int $length = null): ?array
    {
        if (null === $option || !$this->filling->mayCome($rest, $option)) {
            return null;
        }
        $length ??= \count($option->lengths) - 1 - $this->few(\count($option->lengths));
        $start = $this->filling->start($rest, $option, $length, $from ?? $this->anyTime());

        return match (true) {
            null !== $start => $this->filling->with($rest, $option, $length, $start, $least),
            0 === $this->random->getInt(0, 1) => $this->timed($rest, [$option, $length]),
            default => null,
        };
    }

    /** With one child more. */
    private function joined(Option $option): ?Option
    {
        $of = $this->options->meeting[$option->activity->id] ?? [];
        $company = self::byChild($option);
        $more = array_keys(array_diff_key($of, $company));
        if ([] === $more) {
            return null;
        }
        $childId = $this->oneAsWellAs($more);
        $company[$childId] = $this->oneOf($of[$childId]);

        return $this->ofCompany($company, $option);
    }

    /** With one child less. */
    private function withoutOne(Option $option): ?Option
    {
        $company = self::byChild($option);
        unset($company[$this->oneAsWellAs($option->candidates)->learner->child->id]);

        return $this->ofCompany($company, $option);
    }

    /**
     * One set-up out of two, for all who sat at them.
     *
     * @param list<Placed> $rest
     *
     * @return list<Placed>|null
     */
    private function merged(array $rest, Option $option, float $least, int $start): ?array
    {
        $i = [] === $rest ? 0 : $this->random->getInt(0, \count($rest) - 1);
        $other = $rest[$i]->option ?? null;
        if (null === $other || 0 !== ($other->who & $option->who)) {
            return null;
        }
        $start = min($start, $rest[$i]->stint->start);
        array_splice($rest, $i, 1);
        $all = self::byChild($option) + self::byChild($other);
        $where = array_values(array_filter($this->meeting, fn (string $id): bool => [] === array_diff_key($all, $this->options->meeting[$id])));
        if ([] === $where) {
            return null;
        }
        $of = $this->options->meeting[$this->oneAsWellAs($where)];
        $company = array_map($this->oneOf(...), array_intersect_key($of, $all));

        return $this->with($rest, $this->ofCompany($company, $option), $least, $start);
    }

    /**
     * Two out, or one, and two in.
     *
     * @param list<Placed> $rest with one out already
     *
     * @return list<Placed>|null
     */
    private function twoOut(array $rest, Placed $one, float $least, float $warmth): ?array
    {
        $other = null;
        if ([] !== $rest && 0 === $this->random->getInt(0, 1)) {
            $i = $this->random->getInt(0, \count($rest) - 1);
            $other = $rest[$i];
            array_splice($rest, $i, 1);
        }
        $next = $this->drawn($rest, $one, -\INF, $warmth);

        return null === $next ? null : $this->drawn($next, $other, $least, $warmth);
    }

    /**
     * In the place of all that its children have.
     *
     * @param list<Placed> $rest
     *
     * @return list<Placed>|null
     */
    private function instead(array $rest, Option $option, int $length, float $least): ?array
    {
        $left = array_values(array_filter($rest, static fn (Placed $one): bool => 0 === ($one->stint->who & $option->who)));
        if (\count($left) === \count($rest) || !$this->filling->mayCome($left, $option)) {
            return null;
        }
        [$length, $start] = $this->fitted($left, $option, $length, null, true);

        return null === $start ? $this->timed($left, [$option, $length]) : $this->filling->with($left, $option, $length, $start, $least);
    }

    /**
     * The whole day at new times, one after the other: in their order, or in any.
     *
     * @param list<Placed>            $now
     * @param array{Option, int}|null $more one more, and its length
     *
     * @return list<Placed>|null
     */
    private function timed(array $now, ?array $more): ?array
    {
        $inOrder = 0 === $this->random->getInt(0, 1);
        if ($inOrder) {
            usort($now, static fn (Placed $a, Placed $b): int => $a->stint->start <=> $b->stint->start);
        }
        $all = [];
        foreach ($now as $one) {
            $all[] = [$one->option ?? throw new \LogicException('What stays is never changed.'), $one->length];
        }
        if (null !== $more) {
            array_splice($all, $this->random->getInt(0, \count($all)), 0, [$more]);
        }
        $next = [];
        foreach ($inOrder ? $all : $this->random->shuffleArray($all) as [$option, $length]) {
            $start = $this->filling->start($next, $option, $length, null, true);
            $next = null === $start ? null : $this->filling->with($next, $option, $length, $start);
            if (null === $next) {
                return null;
            }
        }

        return $next;
    }

    /**
     * One more that may come.
     *
     * @param list<Placed> $now
     *
     * @return array{Option, int}|null
     */
    private function offer(array $now, float $warmth): ?array
    {
        $drawn = $this->draw($now, null, $warmth)[0] ?? null;

        return null !== $drawn && $this->filling->mayCome($now, $drawn[1]) ? [$drawn[1], $drawn[2]] : null;
    }

    /**
     * The same activity for other children, at the same place where it can be.
     *
     * @param array<string, Candidate> $company by child id
     */
    private function ofCompany(array $company, Option $like): ?Option
    {
        $inOrder = array_values(array_filter(array_map(static fn (string $childId): ?Candidate => $company[$childId] ?? null, $this->children)));
        if ([] === $inOrder) {
            return null;
        }
        $options = 1 === \count($inOrder) ? $this->options->alone($inOrder[0]) : $this->options->together($inOrder);
        foreach ($options as $option) {
            if ($option->place === $like->place) {
                return $option;
            }
        }

        return $options[0] ?? null;
    }

    /** @return array<string, Candidate> by child id */
    private static function byChild(Option $option): array
    {
        $company = [];
        foreach ($option->candidates as $candidate) {
            $company[$candidate->learner->child->id] = $candidate;
        }

        return $company;
    }

    /**
     * The day filled up: again and again with what lifts the goal most, until nothing does.
     *
     * @return list<Placed>
     */
    private function filled(float $fine): array
    {
        $all = $this->everything();
        $placed = [];
        while (null !== $next = $this->lifted($placed, $all, $fine)) {
            $placed = $next;
        }

        return $placed;
    }

    /**
     * @param list<Placed> $placed
     * @param list<Option> $all
     *
     * @return list<Placed>|null
     */
    private function lifted(array $placed, array $all, float $fine): ?array
    {
        $now = $this->filling->worth($placed) - $fine * $this->filling->excess($placed);
        $this->filling->look($placed);
        $found = [];
        foreach ($all as $option) {
            $length = $this->filling->mayCome($placed, $option) ? $this->filling->length($placed, $option) : null;
            $gain = null === $length ? 0.0 : $this->gains->of($option, $length);
            if (null !== $length && $gain > 0.0) {
                $found[] = [$gain, $option, $length];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach (\array_slice($found, 0, self::TRIES) as [, $option, $length]) {
            [$length, $start] = $this->fitted($placed, $option, $length, null, true);
            $next = null === $start ? null : $this->filling->with($placed, $option, $length, $start);
            if (null !== $next && $this->filling->worth($next) - $fine * $this->filling->excess($next) > $now) {
                return $next;
            }
        }

        return null;
    }

    /** @return list<Option> every candidate alone, and of each activity at which children meet all of them and every two */
    private function everything(): array
    {
        $all = [];
        foreach ($this->candidates as $own) {
            foreach ($own as $candidate) {
                array_push($all, ...$this->options->alone($candidate));
            }
        }
        foreach ($this->options->meeting as $of) {
            $best = array_values(array_map(static fn (array $own): Candidate => $own[0], $of));
            foreach ($best as $i => $one) {
                foreach (\array_slice($best, $i + 1) as $other) {
                    array_push($all, ...$this->options->together([$one, $other]));
                }
            }
            array_push($all, ...\count($best) > 2 ? $this->options->together($best) : []);
        }

        return $all;
    }

    /**
     * One of these, the first ones more often.
     *
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    private function oneOf(array $of): mixed
    {
        return $of[$this->few(\count($of))];
    }

    /**
     * One of these, each as well as another.
     *
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    private function oneAsWellAs(array $of): mixed
    {
        return $of[$this->random->getInt(0, \count($of) - 1)];
    }

    /** One of so many, the first ones more often. */
    private function few(int $of): int
    {
        return (int) ($of * ($this->random->getInt(0, 9_999) / 10_000) ** 2);
    }

    /** Between 0 and 1, neither of them. */
    private function chance(): float
    {
        return $this->random->getInt(1, 999_999) / 1_000_000;
    }

    private function anyone(): string
    {
        return $this->children[$this->random->getInt(0, \count($this->children) - 1)];
    }

    private function anyTime(): int
    {
        return $this->times[$this->random->getInt(0, \count($this->times) - 1)];
    }
}
