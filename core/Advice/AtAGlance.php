<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\TakenAsKnown;
use Pindle\Core\Skill\Step;
use Pindle\Core\Skill\Strand;

/** One strand of one child in a few steps: the furthest that is Can do, what they are on, what comes next, and what is worth a look. */
final readonly class AtAGlance
{
    /** With fewer tries and closing marks at a step, or in a strand, little was seen of it. */
    public const THIN = 4;

    /** Met lately is within so many days. */
    private const LATELY = 21;

    /**
     * @param Step|null  $can  the one that most children learn last of those that are Can do; null where nothing is
     * @param Step|null  $now  tried and not yet Can do: of those met in the last weeks the one that most children learn last
     * @param Step|null  $next ready and never tried, nor taken as known: the one worth most
     * @param list<Step> $look worth a look
     * @param bool       $thin whether little was seen of the strand
     */
    private function __construct(public ?Step $can, public ?Step $now, public ?Step $next, public array $look, public bool $thin)
    {
    }

    /** What was met lately goes before what was not; of two met lately the harder one is what the child is on, of two others the one met last. */
    private static function isFurther(Step $step, Step $than, ChildRecord $record, LocalDate $on): bool
    {
        [$a, $b] = [$record->state($step->id)->touched ?? $on, $record->state($than->id)->touched ?? $on];
        [$isLate, $wasLate] = [$a->daysUntil($on) <= self::LATELY, $b->daysUntil($on) <= self::LATELY];

        return match (true) {
            $isLate !== $wasLate => $isLate,
            $isLate => $step->reach->months >= $than->reach->months,
            default => $a->isAfter($b),
        };
    }

    /** @param list<RankedStep> $ranked what the child could do today, best first */
    public static function of(Strand $strand, ChildRecord $record, array $ranked, LocalDate $on): self
    {
        $can = $now = $next = null;
        $look = [];
        $seen = 0;
        foreach ($record->map->steps as $id => $step) {
            if ($step->skill->strand !== $strand) {
                continue;
            }
            $state = $record->state($id);
            $seen += $state->timesSeen();
            if (Mark::CanDo === $state->mark()) {
                $can = null === $can || $step->reach->months >= $can->reach->months ? $step : $can;
                $look = $record->isWorthALook($id, $on) ? [...$look, $step] : $look;
            } elseif ($state->isTried() && (null === $now || self::isFurther($step, $now, $record, $on))) {
                $now = $step;
            }
        }
        foreach ($ranked as $one) {
            if ($one->step->skill->strand === $strand && !$record->state($one->step->id)->isTried() && !TakenAsKnown::is($one->step->id, $record)) {
                $next = $one->step;
                break;
            }
        }

        return new self($can, $now, $next, $look, $seen < self::THIN);
    }
}
