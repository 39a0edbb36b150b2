<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Skill\Step;
use Pindle\Core\Skill\Strand;

/** Where the steps of one strand stood then, and where they stand now. Never a sum that could be a score: the marks side by side. */
final readonly class ThenAndNow
{
    /**
     * @param list<array{step: Step, then: Mark, now: Mark}> $steps those met by now, in the order of the map
     * @param list<Step>                                     $since Can do now and not then, the furthest reach of each skill
     */
    private function __construct(public Strand $strand, public array $steps, public array $since)
    {
    }

    /**
     * @param array<string, Mark> $then by step id; those not met may be missing
     *
     * @return list<self> strand by strand; strands in which nothing was met are left out
     */
    public static function of(array $then, ChildRecord $now): array
    {
        $strands = [];
        foreach ($now->map->steps as $id => $step) {
            [$was, $is] = [$then[$id] ?? Mark::NotMet, $now->mark($id)];
            if (Mark::NotMet !== $was || Mark::NotMet !== $is) {
                $strands[$step->skill->strand->value][] = ['step' => $step, 'then' => $was, 'now' => $is];
            }
        }
        $own = [];
        foreach (Strand::cases() as $strand) {
            $steps = $strands[$strand->value] ?? [];
            if ([] !== $steps) {
                $since = [];
                foreach ($steps as $one) {
                    if (Mark::CanDo === $one['now'] && Mark::CanDo !== $one['then']) {
                        // Reaches of a skill come in order: the furthest says the others.
                        $since[$one['step']->skill->id] = $one['step'];
                    }
                }
                $own[] = new self($strand, $steps, array_values($since));
            }
        }

        return $own;
    }
}
