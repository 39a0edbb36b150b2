<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Caution\Severity;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\LastTime;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Thing;

/**
 * Questions and courses as they are kept, and back.
 *
 * @phpstan-type StoredQuestion array{id: string, step: string, kind: string, prompt: array<string, int|string>, level: string}
 * @phpstan-type StoredDecision array{kind: string, reason: string, values: array<string, int|string>, opens: list<string>, remedy: string|null}
 * @phpstan-type StoredWarning array{rule: string, severity: string, thing: string, childId: string, child: string, what?: string}
 * @phpstan-type StoredLastTime array{day: string, alone: int, of: int, method: string|null}
 * @phpstan-type StoredCourse array{
 *     step: string, form: string|null, help: string, reason: string, values: array<string, int|string>, brandNew: bool,
 *     before: string, after: string|null, decision: StoredDecision|null, rests: string|null, chosen?: bool, last?: StoredLastTime|null, value?: float|int
 * }
 */
final class Stored
{
    /** @return StoredQuestion */
    public static function question(Question $question): array
    {
        return [
            'id' => $question->id,
            'step' => $question->stepId,
            'kind' => Kind::of($question->prompt)->id,
            'prompt' => Kind::stored($question->prompt),
            'level' => $question->level->value,
        ];
    }

    /** @param StoredQuestion $stored */
    public static function readQuestion(array $stored): Question
    {
        return new Question($stored['step'], Kind::named($stored['kind'])->read($stored['prompt']), Level::from($stored['level']), $stored['id']);
    }

    /** @return StoredCourse */
    public static function course(Course $course, ?Decision $decision = null, ?Mark $after = null, ?string $restsUntil = null): array
    {
        return [
            'step' => $course->stepId,
            'form' => $course->form?->value,
            'help' => $course->help->value,
            'reason' => $course->reason->value,
            'values' => $course->values,
            'brandNew' => $course->brandNew,
            'value' => $course->value,
            'last' => null === $course->last ? null : [
                'day' => $course->last->day->toString(),
                'alone' => $course->last->alone,
                'of' => $course->last->of,
                'method' => $course->last->method?->value,
            ],
            'before' => $course->before->value,
            'after' => $after?->value,
            'decision' => null === $decision ? null : [
                'kind' => $decision->kind->value,
                'reason' => $decision->reason->value,
                'values' => [
                    'unaided' => $decision->unaided,
                    'attempts' => $decision->attempts,
                ] + array_filter(['days' => $decision->days, 'ground' => $decision->ground], static fn (int|string|null $value): bool => null !== $value),
                'opens' => $decision->opens,
                'remedy' => $decision->remedy?->value,
            ],
            'rests' => $restsUntil,
        ];
    }

    /** @param StoredCourse $stored */
    public static function readCourse(array $stored): Course
    {
        return new Course(
            $stored['step'],
            null === $stored['form'] ? null : Form::from($stored['form']),
            Help::from($stored['help']),
            Reason::from($stored['reason']),
            $stored['values'],
            Mark::from($stored['before']),
            $stored['brandNew'],
            isset($stored['last']) ? self::readLastTime($stored['last']) : null,
            (float) ($stored['value'] ?? 0.0),
        );
    }

    /** @param StoredLastTime $stored */
    private static function readLastTime(array $stored): LastTime
    {
        $method = null === $stored['method'] ? null : Method::from($stored['method']);

        return new LastTime(LocalDate::parse($stored['day']), $stored['alone'], $stored['of'], $method);
    }

    /** @return non-empty-list<StoredCourse> */
    public static function courses(Sitting $sitting): array
    {
        return array_map(static fn (Course $course): array => self::course($course), $sitting->courses);
    }

    /** @return StoredWarning */
    public static function warning(Caution $caution): array
    {
        return [
            'rule' => $caution->rule,
            'severity' => $caution->severity->value,
            'thing' => $caution->thing,
            'childId' => $caution->childId,
            'child' => $caution->childName,
        ] + (null === $caution->what ? [] : ['what' => $caution->what]);
    }

    /** @param StoredWarning $stored */
    public static function readWarning(array $stored): Caution
    {
        [$rule, $severity] = [$stored['rule'], Severity::from($stored['severity'])];

        return new Caution($rule, $severity, $stored['thing'], $stored['childId'], $stored['child'], $stored['what'] ?? null);
    }

    /** @return array{role: string, thing: string, count: int, colour?: int} */
    public static function laid(Laid $laid): array
    {
        $colour = 0 === $laid->thing->colour ? [] : ['colour' => $laid->thing->colour];

        return ['role' => $laid->roleId, 'thing' => $laid->thing->id, 'count' => $laid->count] + $colour;
    }

    /**
     * @param array{role: string, thing: string, count: int, colour?: int} $stored
     * @param Thing                                                        $thing  as it is in the house now; it may have fewer colours
     */
    public static function readLaid(array $stored, Thing $thing): Laid
    {
        $colour = min($stored['colour'] ?? 0, $thing->colours - 1);

        return new Laid($stored['role'], 0 === $colour ? $thing : $thing->inColour($colour), $stored['count']);
    }
}
