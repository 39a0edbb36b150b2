<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\App\Household\Activities;
use Pindle\App\Record\Evidence;
use Pindle\App\Views\SheetsOf;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Step;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** The questions of a sheet that is printed by hand for one child: at the step that is under way, what is least sure first. */
final readonly class OwnQuestions
{
    private const COUNT = 8;

    public function __construct(private SheetsOf $sheets, private Activities $activities, private Evidence $evidence)
    {
    }

    /** @return list<Prompt> none where the child has nothing under way that such a sheet is for */
    public function of(Child $child, SheetKind $kind, int $reach, int $seed): array
    {
        $record = $this->evidence->record($child);
        $best = null;
        foreach ($this->activities->catalogue()->activities as $activity) {
            $isFor = \in_array($kind, $this->sheets->activity($activity), true);
            foreach ($isFor ? $activity->serves : [] as $skillId => $asks) {
                foreach ($record->map->steps as $step) {
                    if ($step->skill->id === $skillId && $step->offered && $step->size <= $reach && $asks->canAsk($step)) {
                        $worth = self::worth($record->mark($step->id), $step);
                        $best = null === $best || $worth > $best[0] ? [$worth, $step, $asks] : $best;
                    }
                }
            }
        }

        return null === $best ? [] : self::ask($best[2], $best[1], $record->state($best[1]->id)->window->questions, $seed);
    }

    /**
     * @param array<string, array{seen: int, unaided: int}> $asked
     *
     * @return list<Prompt>
     */
    private static function ask(Kind $kind, Step $step, array $asked, int $seed): array
    {
        $set = QuestionSet::choose($kind, $step, $asked, self::COUNT, null, null, new Randomizer(new Xoshiro256StarStar($seed)));

        return array_map(static fn (Question $question): Prompt => $question->prompt, $set->questions);
    }

    /** What is under way goes before what is known, and that before what was never met; among alike the larger numbers. */
    private static function worth(Mark $mark, Step $step): int
    {
        return 10_000 * match ($mark) {
            Mark::Nearly => 4,
            Mark::Begun => 3,
            Mark::CanDo => 2,
            Mark::NotMet => 1,
        } + (Mark::NotMet === $mark ? -$step->size : $step->size);
    }
}
