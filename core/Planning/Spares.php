<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Advice\Idea;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;

/**
 * Questions made before a sitting begins, for what the parent may want more of: smaller numbers, bigger ones, a taste of the next reach. All can be
 * asked with what lies out.
 */
final readonly class Spares
{
    /** So many an idea. */
    public const MOST = 3;

    public function __construct(private SkillMap $map)
    {
    }

    /** @return array<string, list<Question>> idea => questions, the smallest first; ideas without any are left out */
    public function of(SetUp $setUp, Sitting $sitting): array
    {
        $course = $sitting->course();
        $step = $this->map->step($course->stepId);
        $own = array_values(array_filter($sitting->questions, static fn (Question $question): bool => $question->stepId === $step->id));
        $loads = array_map(static fn (Question $question): int => $question->prompt->load(), $own);
        if ([] === $loads) {
            return [];
        }
        $all = $this->prompts($setUp, $sitting, $step);
        $smaller = self::spread(self::unasked($all, $sitting, static fn (Prompt $prompt): bool => $prompt->load() < max($loads)), false);
        $bigger = self::spread(self::unasked($all, $sitting, static fn (Prompt $prompt): bool => $prompt->load() > min($loads)), true);
        $next = $this->map->higherReaches($step->id)[0] ?? null;
        // A taste is of what is new there.
        $known = array_map(static fn (Prompt $prompt): string => $prompt->key(), $setUp->activity->serves[$step->skill->id]->prompts($step));
        $taste = null !== $next && $setUp->activity->shows($this->map->step($next), $course->form)
            ? \array_slice(self::unasked(
                $this->prompts($setUp, $sitting, $this->map->step($next)),
                $sitting,
                static fn (Prompt $prompt): bool => $prompt->load() > max($loads) && !\in_array($prompt->key(), $known, true),
            ), 0, 1)
            : [];

        return array_filter([
            Idea::SmallerNumbers->value => self::questions($step->id, $smaller, Level::Easier),
            Idea::BiggerNumbers->value => self::questions($step->id, $bigger, Level::Harder),
            Idea::NextReach->value => self::questions($next ?? '', $taste, Level::Harder),
        ], static fn (array $questions): bool => [] !== $questions);
    }

    /**
     * Of those that are left the nearest to the last one: smaller for smaller numbers, bigger else.
     *
     * @param list<Question> $left of one idea
     * @param int            $load of the question that was asked last
     */
    public static function nearest(Idea $idea, array $left, int $load): ?Question
    {
        $fits = array_values(array_filter($left, static fn (Question $question): bool => Idea::SmallerNumbers === $idea
            ? $question->prompt->load() < $load
            : $question->prompt->load() > $load));
        usort($fits, static fn (Question $a, Question $b): int => abs($a->prompt->load() - $load) <=> abs($b->prompt->load() - $load));

        return $fits[0] ?? null;
    }

    /** @return list<Prompt> open ones of a step that can be asked with what lies out, the smallest first */
    private function prompts(SetUp $setUp, Sitting $sitting, Step $step): array
    {
        $kind = $setUp->activity->serves[$step->skill->id] ?? null;
        // What waits for another step is asked on only where it was asked before.
        $needs = array_map(static fn (Question $question): ?string => $question->prompt->needs(), $sitting->questions);
        $size = $this->reach($sitting);
        $kind = $kind?->where(static fn (Prompt $prompt): bool => $setUp->activity->canAsk($prompt, $size)
            && (null === $prompt->needs() || \in_array($prompt->needs(), $needs, true))
            // Which amounts can be paid depends on the coins of the child.
            && !$prompt instanceof Kind\MakeAmount);
        if (!$kind instanceof Kind || !$kind->canAsk($step)) {
            return [];
        }
        $sets = array_map(fn (Sitting $one): array => [QuestionSet::ofStored($one->questions), $this->reach($one)], $setUp->sittings);
        $forms = array_map(static fn (Sitting $one) => $one->course()->form, $setUp->sittings);
        $prompts = array_values(array_filter(
            $kind->prompts($step),
            // A nought is asked at its rate, in a set; never besides.
            static fn (Prompt $prompt): bool => $prompt->isOpen() && !$prompt->hasNought() && LayOut::isEnough($setUp->activity, [
                ...$sets,
                [QuestionSet::ofStored([...$sitting->questions, new Question($step->id, $prompt, Level::At)]), max($size, $step->size)],
            ], $forms, $setUp->laid),
        ));
        usort($prompts, static fn (Prompt $a, Prompt $b): int => $a->load() <=> $b->load() ?: $a->key() <=> $b->key());

        return $prompts;
    }

    /**
     * @param list<Prompt> $prompts
     *
     * @return list<Question>
     */
    private static function questions(string $stepId, array $prompts, Level $level): array
    {
        return array_map(static fn (Prompt $prompt): Question => new Question($stepId, $prompt, $level), $prompts);
    }

    private function reach(Sitting $sitting): int
    {
        return $this->map->step($sitting->course()->stepId)->size;
    }

    /**
     * @param list<Prompt>           $prompts
     * @param callable(Prompt): bool $are
     *
     * @return list<Prompt> what is not asked in the sitting already
     */
    private static function unasked(array $prompts, Sitting $sitting, callable $are): array
    {
        $asked = array_map(static fn (Question $question): string => $question->prompt->key(), $sitting->questions);

        return array_values(array_filter($prompts, static fn (Prompt $prompt): bool => $are($prompt) && !\in_array($prompt->key(), $asked, true)));
    }

    /**
     * A few of them from end to end, so that there is one a little smaller or bigger than any: the very smallest among the smaller, the very
     * biggest among the bigger.
     *
     * @param list<Prompt> $prompts the smallest first
     *
     * @return list<Prompt>
     */
    private static function spread(array $prompts, bool $toTheEnd): array
    {
        $count = \count($prompts);
        $most = min(self::MOST, $count);
        $taken = [];
        for ($i = 0; $i < $most; ++$i) {
            $taken[] = $prompts[$toTheEnd ? $count - 1 - intdiv($i * $count, $most) : intdiv($i * $count, $most)];
        }

        return $toTheEnd ? array_reverse($taken) : $taken;
    }
}
