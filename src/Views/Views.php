<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Content\ActivityWords;
use Pindle\App\Content\Words;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Skill\Form;
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

    /** @return list<LaidView> what lies out */
    public function laid(SetUp $setUp): array
    {
        return array_map(function (Laid $laid): LaidView {
            $name = $laid->called();

            return new LaidView(
                $laid->thing->id,
                0 === $laid->thing->colour ? $name : $this->words->say('laid', 'other-colour', ['thing' => $name]),
                $laid->count,
                $this->pictures->thing($laid->thing),
            );
        }, $setUp->laid);
    }

    /** What to lay out, in the words of the activity. */
    public function layOut(ActivityWords $words, SetUp $setUp): string
    {
        return ucfirst(null === $words->withoutThings || [] !== $setUp->laid
            ? $this->words->fill($words->layOut, $this->firstRole($setUp))
            : $words->withoutThings);
    }

    /**
     * Words of care, each once, what is kept off the table first.
     *
     * @param list<Caution> $cautions
     *
     * @return list<CautionView>
     */
    public function cautions(array $cautions): array
    {
        $views = [];
        foreach ($cautions as $caution) {
            $say = $this->words->caution($caution);
            $short = $this->words->cautionShort($caution);
            $views[$say] ??= new CautionView(
                $caution->blocks() ? $this->words->say('stand_ins', 'kept-from', ['child' => $caution->childName, 'what' => $short]) : ucfirst($short),
                $say,
                $this->words->cautionWhy($caution)[0],
                $this->words->cautionWhy($caution)[1],
                $caution->blocks(),
            );
        }
        usort($views, static fn (CautionView $a, CautionView $b): int => $b->blocked <=> $a->blocked);

        return $views;
    }

    /**
     * How many of what lie out for the first role: one role may be of several kinds, and where drawings stand for things nothing does.
     *
     * @return array{count: int|string, things: string}
     */
    public function firstRole(SetUp $setUp): array
    {
        $first = array_values(array_filter($setUp->laid, static fn (Laid $laid): bool => $laid->roleId === $setUp->laid[0]->roleId));
        $names = array_map(static fn (Laid $laid): string => $laid->called(), $first);

        return [
            'count' => array_sum(array_map(static fn (Laid $laid): int => $laid->count, $first)) ?: $this->words->say('stand_ins', 'a-few'),
            'things' => match (\count($names)) {
                0 => Form::Pictures === $setUp->sittings[0]->course()->form
                    ? $this->words->say('stand_ins', 'dots', ['count' => 2])
                    : $this->words->say('stand_ins', 'things'),
                1 => $names[0],
                2 => $this->words->say('stand_ins', 'two', ['one' => $names[0], 'other' => $names[1]]),
                default => $this->words->say('stand_ins', 'things'),
            },
        ];
    }
}
