<?php

declare(strict_types=1);

namespace Pindle\Core\Simulation;

use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Outcome;
use Random\Randomizer;

/** How a simulated parent notes what was seen in a sitting. */
enum SimulatedParent: string
{
    case TapsAll = 'taps all';
    case ThreeInTen = 'taps three in ten';
    case OnlyCloses = 'only closes';
    case OnlyGoodDays = 'only on good days';
    case TooKindly = 'fifteen points too kindly';

    /** Of ten answers so many are noted by one who taps now and then. */
    private const NOW_AND_THEN = 3;

    /** About a third of all answers are not given alone; of those so many in a hundred are taken for alone by one who sees fifteen in a hundred too kindly. */
    private const TAKEN_FOR_ALONE = 45;

    /** A sitting is worth writing down on a good day: so large a share was done alone. */
    private const GOOD = 0.6;

    /** What is tapped while the child is at it; null where nothing is. */
    public function tap(Outcome $seen, Randomizer $random): ?Outcome
    {
        return match ($this) {
            self::TapsAll => $seen,
            self::ThreeInTen => $random->getInt(1, 10) <= self::NOW_AND_THEN ? $seen : null,
            self::OnlyCloses, self::OnlyGoodDays => null,
            self::TooKindly => !$seen->isSuccess() && $random->getInt(1, 100) <= self::TAKEN_FOR_ALONE ? Outcome::WorkedItOut : $seen,
        };
    }

    /**
     * The closing mark for what was not tapped; null where there is none. One who taps now and then answers the question at the end every other time.
     *
     * @param list<Outcome> $untapped what came of the questions that were not tapped
     */
    public function closes(array $untapped, Randomizer $random): ?ClosingMark
    {
        if ([] === $untapped || !(self::OnlyCloses === $this || (self::ThreeInTen === $this && 0 === $random->getInt(0, 1)))) {
            return null;
        }
        $alone = \count(array_filter($untapped, static fn (Outcome $outcome): bool => $outcome->isSuccess()));
        $mark = ClosingMark::ofTally($alone, \count($untapped));

        // Asked for all at once one says "mostly" or "mixed", no finer.
        return self::OnlyCloses === $this ? $mark : ($mark->isAlone() ? ClosingMark::MostlyAlone : ClosingMark::MostlyWithMe);
    }

    /**
     * Whether all of a sitting is written down when it is over.
     *
     * @param list<Outcome> $seen
     */
    public function writesDown(array $seen): bool
    {
        $alone = array_filter($seen, static fn (Outcome $outcome): bool => $outcome->isSuccess());

        return self::OnlyGoodDays === $this && [] !== $seen && \count($alone) >= self::GOOD * \count($seen);
    }
}
