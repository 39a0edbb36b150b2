<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Content\ThingFile;
use Pindle\App\Content\Words;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Role;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\CoinSet;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\Lack;
use Pindle\Core\Planning\LackReason;
use Pindle\Core\Planning\LayOut;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Activities laid out with what the house has, and in words what keeps one from it. */
final readonly class Lacks
{
    /** Questions of the sample set that an activity is drawn and laid out from. */
    private const QUESTIONS = 7;

    /** So many things that would do are named. */
    private const WOULD_DO = 3;

    public function __construct(private SkillMap $map, private Cautions $cautions, private Words $words, private ThingFile $ordinary)
    {
    }

    /**
     * In words what keeps an activity from being laid out, and the nearest way out.
     *
     * @param list<Child> $children who may reach it
     */
    public function words(Lack $lack, array $children, LocalDate $on): string
    {
        $said = $this->words->say('lacks', $lack->reason, [
            'wanted' => $lack->wanted,
            'more' => $lack->more,
            'thing' => $lack->nearest->name ?? $this->words->say('stand_ins', 'things'),
            'what' => $this->wanted($lack),
        ]);
        $nearest = $lack->nearest;
        if (null !== $nearest && \in_array($lack->reason, [LackReason::Unsafe, LackReason::PropUnsafe], true)) {
            $said .= ' '.$this->because($nearest, $children, $on);
        }
        $would = null === $lack->role || LackReason::TooFew === $lack->reason ? [] : $this->wouldDo($lack->role, $children, $on);

        return ucfirst($said.([] === $would ? '' : ' '.$this->words->say('stand_ins', 'would-do', ['things' => implode(', ', $would)])));
    }

    /**
     * The same in a few words, for a list.
     *
     * @param list<Child> $children
     */
    public function short(Lack $lack, array $children, LocalDate $on): string
    {
        $nearest = $lack->nearest;
        $for = null === $nearest ? [] : array_map(
            static fn (Child $child): string => $child->name,
            array_filter($children, fn (Child $child): bool => !$this->cautions->allow($nearest, [$child], $on)),
        );

        return ucfirst($this->words->say('lacks_short', $lack->reason, [
            'more' => $lack->more,
            'thing' => $nearest->name ?? '',
            'who' => implode(', ', $for),
            'what' => $this->wanted($lack),
        ]));
    }

    /** What the things of a role must be able to do, in words. */
    private function wanted(Lack $lack): string
    {
        return implode(' and ', array_map(
            fn (array $anyOf): string => implode(' or ', array_map(fn (Ability $ability): string => $this->words->say('abilities', $ability), $anyOf)),
            $lack->role->wants ?? [],
        )) ?: $this->words->say('stand_ins', 'will-do');
    }

    /**
     * For whom a thing is not, why, and when it may lie out all the same.
     *
     * @param list<Child> $children
     */
    private function because(Thing $thing, array $children, LocalDate $on): string
    {
        $said = [];
        foreach ($children as $child) {
            $blocks = array_filter($this->cautions->about($thing, [$child], $on), static fn (Caution $caution): bool => $caution->blocks());
            if ([] !== $blocks) {
                $rest = $child->rests[0] ?? null;
                $said[] = $this->words->say('stand_ins', null === $rest ? 'not-for' : 'not-for-until', [
                    'child' => $child->name,
                    'why' => implode(', ', array_unique(array_map($this->words->cautionShort(...), $blocks))),
                    'time' => null === $rest ? '' : \sprintf('%d:%02d', intdiv($rest->start, 60), $rest->start % 60),
                ]);
            }
        }

        return implode(' ', $said);
    }

    /**
     * Ordinary things that could play a role with these children in reach, those of which a house has most first.
     *
     * @param list<Child> $children
     *
     * @return list<string> their names
     */
    private function wouldDo(Role $role, array $children, LocalDate $on): array
    {
        $would = array_filter(
            $this->ordinary->things(),
            fn (Thing $thing): bool => LayOut::fits($role, $thing) && $this->cautions->allow($thing, $children, $on),
        );
        usort($would, static fn (Thing $a, Thing $b): int => $b->amount <=> $a->amount);

        return array_map(static fn (Thing $thing): string => $thing->name, \array_slice($would, 0, self::WOULD_DO));
    }

    /**
     * The activity laid out with what the house has, for a step in the middle of what it serves where none is named, in its first form.
     *
     * @param list<Thing> $things
     * @param list<Child> $children
     */
    public function sample(Activity $activity, array $things, array $children, LocalDate $on, ?Step $step = null): Sample
    {
        $steps = $this->served($activity);
        $first = array_key_first($activity->serves);
        $ofFirst = array_values(array_filter($steps, static fn (Step $step): bool => $step->skill->id === $first));
        $step ??= ($ofFirst[intdiv(\count($ofFirst), 2)] ?? $steps[0] ?? throw new \LogicException(\sprintf('"%s" serves nothing.', $activity->id)));
        $form = self::forms($activity, $step)[0];
        $set = $this->questions($activity, $step, crc32($activity->id));
        $laid = (new LayOut($this->cautions, $on))->choose($activity, $activity->props, [[$set, $step->size]], [$form], $things, $children, [], []);
        $sitting = new Sitting('', [new Course($step->id, $form, Help::Bare, Reason::Ready)], $set->questions);
        $found = $laid instanceof Lack ? [] : $laid;
        $setUp = new SetUp('sample', $activity, Place::Table, $activity->part, new Span(0, 10), [$sitting], $found, [], $activity->propsIn([$form]));

        return new Sample($setUp, $laid instanceof Lack ? $laid : null);
    }

    /** A set for somebody who never met the step. */
    public function questions(Activity $activity, Step $step, int $seed): QuestionSet
    {
        $coins = CoinSet::play();
        $kind = $activity->serves[$step->skill->id]->where(
            static fn (Prompt $prompt): bool => $activity->canAsk($prompt, $step->size) && (!$prompt instanceof Kind\MakeAmount || $prompt->fits($coins)),
        );

        return QuestionSet::choose($kind, $step, [], self::QUESTIONS, null, null, new Randomizer(new Xoshiro256StarStar($seed)));
    }

    /** @return list<Step> */
    public function served(Activity $activity): array
    {
        return array_values(array_filter($this->map->steps, static fn (Step $step): bool => [] !== self::forms($activity, $step)));
    }

    /** @return list<Form|null> */
    public static function forms(Activity $activity, Step $step): array
    {
        return array_values(array_filter([] === $step->forms ? [null] : $step->forms, static fn (?Form $form): bool => $activity->shows($step, $form)));
    }
}
