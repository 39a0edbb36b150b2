<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Skill\Skill;
use Pindle\Core\Skill\Strand;

/** How a child got there: an optional tap. */
enum Method: string
{
    case SawIt = 'saw-it';
    case CountedOn = 'counted-on';
    case CountedAll = 'counted-all';
    case ThroughTen = 'through-ten';
    case ThroughFives = 'through-fives';
    case DrewIt = 'drew-it';
    case Fingers = 'fingers';
    case KnownFact = 'known-fact';

    /**
     * The way a child may find next, of those that can be seen at a question; null where this one is as good as any.
     *
     * @param list<self> $possible
     */
    public function next(array $possible, Skill $skill): ?self
    {
        $known = $skill->isQuick() ? [self::KnownFact] : [];
        $better = match ($this) {
            self::SawIt, self::KnownFact => [],
            self::CountedAll, self::Fingers, self::DrewIt => Strand::Seeing === $skill->strand ? [self::SawIt] : [self::CountedOn],
            self::CountedOn => Strand::Seeing === $skill->strand ? [self::SawIt] : [self::ThroughTen, self::ThroughFives, ...$known],
            self::ThroughTen, self::ThroughFives => $known,
        };

        foreach ($better as $one) {
            if (\in_array($one, $possible, true)) {
                return $one;
            }
        }

        return null;
    }
}
