<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Tracing;

/** What follows from one sitting, with the evidence it stands on. */
final readonly class Decision
{
    /** Days a step rests after three "not yet" or after a child had enough. */
    public const REST_DAYS = 2;

    /**
     * @param int          $unaided tries of the step in the sitting that were right without help
     * @param int          $tries   tries of the step in the sitting
     * @param int|null     $days    days to rest it
     * @param list<string> $opens   untouched steps that build on it and are ready now
     */
    private function __construct(
        public DecisionKind $kind,
        public DecisionReason $reason,
        public int $unaided,
        public int $tries,
        public ?int $days,
        public array $opens,
    ) {
    }

    /**
     * The first that holds: it became Secure; it rests; easier; further; again.
     *
     * @param list<OneTry> $tries  of this child in this sitting, in order, any step
     * @param ChildRecord  $before the record as the sitting began
     * @param ChildRecord  $after  the record as it ended
     */
    public static function after(string $stepId, array $tries, ChildRecord $before, ChildRecord $after, Ending $ending, LocalDate $on): self
    {
        $own = array_values(array_filter($tries, static fn (OneTry $try): bool => $try->stepId === $stepId));
        $unaided = \count(array_filter($own, static fn (OneTry $try): bool => $try->isUnaided()));
        $notYet = \count(array_filter($own, static fn (OneTry $try): bool => Outcome::NotYet === $try->outcome));
        $lastFive = \array_slice($own, -5);
        $make = static fn (DecisionKind $kind, DecisionReason $reason, ?int $days = null): self => new self($kind, $reason, $unaided, \count($own), $days, DecisionKind::MoveOn === $kind ? self::opened($stepId, $after, $on) : []);

        $was = $before->mark($stepId, $on);
        $is = $after->mark($stepId, $on);
        if (Mark::Secure === $is && Mark::Secure !== $was && Mark::LookAgain !== $was) {
            return $make(DecisionKind::MoveOn, DecisionReason::BecameSecure);
        }
        if ($notYet >= 3) {
            return $make(DecisionKind::RestIt, DecisionReason::ThreeNotYet, self::REST_DAYS);
        }
        if (Ending::HadEnough === $ending) {
            return $make(DecisionKind::RestIt, DecisionReason::HadEnough, self::REST_DAYS);
        }
        if ([] === $own) {
            return $make(DecisionKind::Again, DecisionReason::NothingTried);
        }
        if (Mark::Secure === $is) {
            return $make(DecisionKind::RestIt, DecisionReason::LookPassed, Tracing::daysToNextLook($after->state($stepId)->halfLife ?? Tracing::SECURE_HALF_LIFE));
        }
        if (2 * $unaided < \count($own)) {
            return $make(DecisionKind::Easier, DecisionReason::UnderHalf);
        }
        if (5 === \count($lastFive) && [] === array_filter($lastFive, static fn (OneTry $try): bool => !$try->isUnaided())) {
            return $make(DecisionKind::Further, DecisionReason::LastFiveUnaided);
        }

        return $make(DecisionKind::Again, DecisionReason::StillMixed);
    }

    /** @return list<string> */
    private static function opened(string $stepId, ChildRecord $record, LocalDate $on): array
    {
        return array_values(array_filter(
            $record->map->dependents($stepId),
            static fn (string $id): bool => Mark::Fresh === $record->mark($id, $on) && [] === $record->missingNeeds($id, $on),
        ));
    }
}
