<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

use Pindle\Core\Evidence\Attempt;

/** The facts of one child: how each is known, by what was tapped. */
final readonly class Facts
{
    /** @param array<string, non-empty-list<Attempt>> $tries key of the fact => tries at it, older first */
    private function __construct(private array $tries)
    {
    }

    /** @param iterable<Attempt> $attempts in order of time; those at anything else are passed over */
    public static function of(iterable $attempts): self
    {
        $tries = [];
        foreach ($attempts as $attempt) {
            $fact = Fact::of($attempt->question);
            if (null !== $fact) {
                $tries[$fact->key()][] = $attempt;
            }
        }

        return new self($tries);
    }

    public function standing(Fact $fact): FactStanding
    {
        return FactStanding::of($this->tries($fact));
    }

    /** @return list<Attempt> older first */
    public function tries(Fact $fact): array
    {
        return $this->tries[$fact->key()] ?? [];
    }

    /**
     * How many of these facts are known how well.
     *
     * @param list<Fact> $facts
     *
     * @return array<string, int> standing => how many, each standing once
     */
    public function count(array $facts): array
    {
        $counts = array_fill_keys(array_column(FactStanding::cases(), 'value'), 0);
        foreach ($facts as $fact) {
            ++$counts[$this->standing($fact)->value];
        }

        return $counts;
    }
}
