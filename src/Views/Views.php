<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Content\Words;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Skill\SkillMap;

/** What several rooms write out alike: a step, what lies out, what to take care of, why. */
final readonly class Views
{
    public function __construct(private Words $words, private SkillMap $map, private Pictures $pictures)
    {
    }

    public function step(string $stepId): StepView
    {
        $step = $this->map->step($stepId);

        return new StepView($stepId, $this->words->skill($step), $this->words->reach($step));
    }

    /** @return list<LaidView> what lies out; of a kind that lies there for another role already, another colour is meant */
    public function laid(SetUp $setUp): array
    {
        $roles = [];

        return array_map(function (Laid $laid) use (&$roles): LaidView {
            $name = 1 === $laid->count ? $laid->thing->single : $laid->thing->name;
            $again = $laid->roleId !== ($roles[$laid->thing->id] ??= $laid->roleId);

            return new LaidView(
                $laid->thing->id,
                $again ? $this->words->say('laid', 'other-colour', ['thing' => $name]) : $name,
                $laid->count,
                $this->pictures->thing($laid->thing),
            );
        }, $setUp->laid);
    }

    /** @return list<string> words of care for a set-up, each once */
    public function cautions(SetUp $setUp): array
    {
        return array_values(array_unique(array_map(fn (Caution $caution): string => $this->words->caution($caution), $setUp->warnings)));
    }

    /** Why a course was chosen. */
    public function reason(Course $course): string
    {
        $values = $course->values;

        return $this->words->say('reasons', $course->reason, $values + (match (true) {
            isset($values['clause']) => ['what' => $this->words->say('reason_wants', (string) $values['clause'])],
            isset($values['stuck']) => ['what' => $this->words->step($this->map->step((string) $values['stuck']))],
            default => [],
        }));
    }
}
