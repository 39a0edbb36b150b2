<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Content\Words;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Evidence\TakenAsKnown;
use Pindle\Core\Skill\Step;

/** Says where a step of one child stands, on the map and wherever a mark is shown. */
final readonly class Standings
{
    public function __construct(private Words $words)
    {
    }

    public function of(ChildRecord $record, string $stepId, LocalDate $on): StandingView
    {
        $state = $record->state($stepId);
        $look = $record->isWorthALook($stepId, $on);

        return new StandingView(
            $state->mark(),
            TakenAsKnown::is($stepId, $record),
            $look,
            $this->beside($record, $record->map->step($stepId), $state, $look, $on),
            null !== $state->standing->byHand,
            $state->standing->canDoSince?->toString(),
        );
    }

    private function beside(ChildRecord $record, Step $step, StepState $state, bool $look, LocalDate $on): ?string
    {
        $clock = $state->memory->clock;

        return match (true) {
            $look && $state->hasSlipped() => $this->words->say('standings', 'slipped'),
            $look && null !== $clock => $this->words->say('standings', 'last-seen', ['day' => $this->words->shortDay($clock, $on)]),
            $state->hasOneMiss() => $this->words->say('standings', 'one-miss'),
            Mark::Nearly === $state->mark() && CanDoClauses::isCheckDue($step, $state) => $this->words->say('standings', 'check-due'),
            Mark::Nearly === $state->mark() && $step->skill->isQuick()
                && CanDoClauses::isOnlyNotQuick($record->settings->canDoRule, $step, $state) => $this->words->say('standings', 'not-yet-quick'),
            default => null,
        };
    }
}
