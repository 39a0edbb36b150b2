<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Fingers;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Evidence\Tracing;

/** What follows from one sitting, with the evidence it stands on. */
final readonly class Decision
{
    /** Days a step rests after three "not yet" or after a child had enough. */
    public const REST_DAYS = 2;

    /**
     * @param int          $unaided tries of the step in the sitting that were right without help
     * @param int          $attempts   tries of the step in the sitting
     * @param int|null     $days    days to rest it
     * @param list<string> $opens   untouched steps that build on it and are ready now
     * @param string|null  $ground  id of what a step that does not get on may be missing, which comes meanwhile; null where it stands well
     * @param Slip|null    $remedy  the slip seen most often, whose remedy is for next time
     */
    private function __construct(
        public DecisionKind $kind,
        public DecisionReason $reason,
        public int $unaided,
        public int $attempts,
        public ?int $days,
        public array $opens,
        public ?Slip $remedy = null,
        public ?string $ground = null,
    ) {
    }

    /**
     * The first that holds: it became Can do; it rests; easier; further; again. Where nothing was tapped, a closing mark speaks.
     *
     * @param list<Attempt|Closing> $seen  of this child in this sitting, in order, any step
     * @param Mark                  $was   the mark of the step as the sitting began
     * @param ChildRecord           $after the record as it ended
     */
    public static function after(
        string $stepId,
        array $seen,
        Mark $was,
        ChildRecord $after,
        Ending $ending,
        LocalDate $on,
        Choosing $choosing = new Choosing(),
    ): self {
        $own = array_values(array_filter($seen, static fn (Attempt|Closing $one): bool => $one instanceof Attempt && $one->stepId === $stepId));
        $closed = array_values(array_filter($seen, static fn (Attempt|Closing $one): bool => $one instanceof Closing && $one->stepId === $stepId));
        $unaided = \count(array_filter($own, static fn (Attempt $attempt): bool => $attempt->isUnaided()));
        $notYet = \count(array_filter($own, static fn (Attempt $attempt): bool => Outcome::NotYet === $attempt->outcome));
        $lastFive = \array_slice($own, -5);
        $make = static fn (DecisionKind $kind, DecisionReason $reason, ?int $days = null): self => new self(
            $kind,
            $reason,
            $unaided,
            \count($own),
            $days,
            DecisionKind::MoveOn === $kind ? self::opened($stepId, $after) : [],
            DecisionKind::MoveOn === $kind ? null : self::remedy($own, $after->settings->fingers),
            \in_array($reason, [DecisionReason::NotMoving, DecisionReason::MetOften], true) ? Doubt::of($after->map->step($stepId), $after, $on) : null,
        );

        $is = $after->mark($stepId);
        if (Mark::CanDo === $is && Mark::CanDo !== $was) {
            return $make(DecisionKind::MoveOn, DecisionReason::BecameCanDo);
        }
        if ($notYet >= 3) {
            return $make(DecisionKind::RestIt, DecisionReason::ThreeNotYet, self::REST_DAYS);
        }
        if (Ending::HadEnough === $ending) {
            return $make(DecisionKind::RestIt, DecisionReason::HadEnough, self::REST_DAYS);
        }
        if (Mark::Nearly === $is && Mark::Nearly !== $was && $choosing->nearlyRests > 0) {
            return $make(DecisionKind::RestIt, DecisionReason::BecameNearly, $choosing->nearlyRests);
        }
        if ($after->state($stepId)->window->isNotMoving($on)) {
            return $make(DecisionKind::RestIt, DecisionReason::NotMoving, $choosing->stuckRests);
        }
        if (Mark::CanDo !== $is && $choosing->oftenRests > 0 && $after->state($stepId)->window->isMetOften($on)) {
            return $make(DecisionKind::RestIt, DecisionReason::MetOften, $choosing->oftenRests);
        }
        if ([] === $own && [] === $closed) {
            return $make(DecisionKind::RestIt, DecisionReason::NothingTried, $choosing->untoldRests);
        }
        if (Mark::CanDo === $is && $after->state($stepId)->window->endsWell()) {
            return $make(
                DecisionKind::RestIt,
                DecisionReason::LookPassed,
                max(1, $on->daysUntil($after->nextLook($stepId) ?? $on->plusDays(Tracing::daysToNextLook(Tracing::CAN_DO_HALF_LIFE)))),
            );
        }
        if ([] === $own) {
            return match ($closed[\count($closed) - 1]->mark) {
                ClosingMark::AllAlone => $make(DecisionKind::Further, DecisionReason::ClosedAllAlone),
                ClosingMark::MostlyAlone => $make(DecisionKind::Again, DecisionReason::ClosedMostlyAlone),
                ClosingMark::MostlyWithMe => $make(DecisionKind::Easier, DecisionReason::ClosedWithHelp),
                ClosingMark::NotYet => $make(DecisionKind::Easier, DecisionReason::ClosedNotYet),
            };
        }
        if (2 * $unaided < \count($own)) {
            return $make(DecisionKind::Easier, DecisionReason::UnderHalf);
        }
        $onFingers = \count(array_filter($own, static fn (Attempt $attempt): bool => $attempt->isUnaided() && $attempt->isOnFingers()));
        if (Fingers::BringThings === $after->settings->fingers && $onFingers > 0 && 2 * $onFingers >= $unaided) {
            return $make(DecisionKind::Again, DecisionReason::OnFingers);
        }
        if (5 === \count($lastFive) && [] === array_filter($lastFive, static fn (Attempt $attempt): bool => !$attempt->isUnaided())) {
            return $make(DecisionKind::Further, DecisionReason::LastFiveUnaided);
        }

        return $make(DecisionKind::Again, DecisionReason::StillMixed);
    }

    /**
     * The slip tagged most often, the later one of two; fingers count where they are read as a sign.
     *
     * @param list<Attempt> $attempts
     */
    private static function remedy(array $attempts, Fingers $fingers): ?Slip
    {
        $counts = [];
        foreach ($attempts as $attempt) {
            $slip = $attempt->isOnFingers() ? Slip::Fingers : $attempt->slip;
            if (null !== $slip && (Slip::Fingers !== $slip || Fingers::BringThings === $fingers)) {
                $counts[$slip->value] = ($counts[$slip->value] ?? 0) + 1;
            }
        }
        $most = [] === $counts ? null : array_search(max($counts), array_reverse($counts, true), true);

        return \is_string($most) ? Slip::from($most) : null;
    }

    /** @return list<string> */
    private static function opened(string $stepId, ChildRecord $record): array
    {
        return array_values(array_filter(
            $record->map->dependents($stepId),
            static fn (string $id): bool => Mark::NotMet === $record->mark($id) && [] === $record->missingNeeds($id),
        ));
    }
}
