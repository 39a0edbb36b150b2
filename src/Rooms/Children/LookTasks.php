<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Pindle\App\Content\FirstLookFile;
use Pindle\App\Content\SkillFile;
use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Household\House;
use Pindle\App\Household\Things;
use Pindle\App\Platform\Clock;
use Pindle\App\Views\Pictures;
use Pindle\App\Views\Views;
use Pindle\Core\Activity\Gear;
use Pindle\Core\Activity\HouseRule;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Asking;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\FirstLook\Task;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Step;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Makes the tiny tasks of a first look whole: the numbers, the things, the picture, what to say and what to look for. */
final readonly class LookTasks
{
    /** More than are asked for, so that stopping can be seen. */
    private const TO_SPARE = 3;

    /** A size beside another shows from a quarter more on. */
    private const SHOWS = 1.25;

    public function __construct(
        private Activities $activities,
        private Children $children,
        private Things $things,
        private House $house,
        private Cautions $cautions,
        private FirstLookFile $file,
        private SkillFile $skills,
        private Words $words,
        private Views $views,
        private Pictures $pictures,
        private Clock $clock,
    ) {
    }

    public function task(Step $step, int $number, Child $child, string $lookId): LookTaskView
    {
        $own = $this->file->words($step);
        $random = new Randomizer(new Xoshiro256StarStar(crc32($lookId.$step->id)));
        $coins = $child->settings->coins;
        $kind = $this->kind($step)->only($own->only)->where(
            static fn (Prompt $prompt): bool => !$prompt instanceof Kind\MakeAmount || ('name-coin' !== $prompt->ask && $prompt->fits($coins)),
        );
        $prompt = Task::prompt($kind, $step, $random);
        $onTable = [] === $step->forms || $own->onScreen || Form::Things !== $step->firstForm() ? [] : $this->suitable($prompt, $child);
        $form = match (true) {
            [] === $step->forms => null,
            [] !== $onTable => Form::Things,
            default => Form::Things === $step->firstForm() ? Form::Pictures : $step->firstForm(),
        };
        $drawing = $this->pictures->ofPrompt($prompt, $form, $onTable, $child->settings, $random);
        $named = $onTable[0]->name ?? $this->words->say('stand_ins', 'dots', ['count' => 2]);
        $asked = $this->settings($child);
        $values = ['n' => $prompt->amounts()->n];

        return new LookTaskView(
            $number,
            $this->views->step($step->id),
            null === $own->ask ? $this->words->ask($prompt, [], $named, $asked, null) : $this->words->fill($own->ask, $values),
            null === $own->answer ? $this->words->answer($prompt, $named) : $this->words->fill($own->answer, $values),
            $child->name.' '.$this->skills->words($step->skill->id)->done,
            $this->bring($drawing, $onTable, $prompt),
            [] === $onTable || [] === $drawing->marks ? '' : $this->spare($drawing, $prompt),
            [] === $drawing->marks ? '' : $this->pictures->write($drawing),
            [] === $onTable && [] !== $drawing->marks,
        );
    }

    /** A look asks, also a child that says along otherwise: it is to be seen what is there. Everything else is as the child is taught. */
    private function settings(Child $child): Settings
    {
        return $child->settings->asked(Asking::Ask);
    }

    /** The kind of question that activities ask about a skill. */
    private function kind(Step $step): Kind
    {
        foreach ($this->activities->catalogue()->activities as $activity) {
            if (isset($activity->serves[$step->skill->id])) {
                return Kind::named($activity->serves[$step->skill->id]->id);
            }
        }

        throw new \LogicException(\sprintf('Nothing asks about "%s".', $step->id));
    }

    /** @return list<Thing> of each kind that the question speaks of: safe, enough of them, liked ones first; empty where there are none such */
    private function suitable(Prompt $prompt, Child $child): array
    {
        $today = $this->clock->today();
        $nearby = $this->children->present($today);
        $kinds = $prompt->kinds();
        $enough = $prompt instanceof Kind\CompareSize ? 1 : $prompt->amounts()->n + self::TO_SPARE;
        $things = array_values(array_filter(
            HouseRule::allowed($this->house->rules(), $this->things->present()),
            fn (Thing $thing): bool => $thing->amount >= $enough && $this->cautions->allow($thing, $nearby, $today),
        ));
        usort($things, static fn (Thing $a, Thing $b): int => [
            \in_array($b->id, $child->likedThings, true),
            $b->amount,
            $a->id,
        ] <=> [\in_array($a->id, $child->likedThings, true), $a->amount, $b->id]);
        if ($prompt instanceof Kind\CompareSize) {
            $things = self::different($things);
        }
        $taken = \array_slice($things, 0, $kinds);

        return \count($taken) < $kinds ? [] : $taken;
    }

    /**
     * @param list<Thing> $things
     *
     * @return list<Thing> the longest first, each clearly shorter than the one before
     */
    private static function different(array $things): array
    {
        $things = array_values(array_filter($things, static fn (Thing $thing): bool => null !== $thing->size));
        usort($things, static fn (Thing $a, Thing $b): int => $b->longSide() <=> $a->longSide());
        $taken = [];
        foreach ($things as $thing) {
            if ([] === $taken || $taken[\count($taken) - 1]->longSide() >= self::SHOWS * $thing->longSide()) {
                $taken[] = $thing;
            }
        }

        return $taken;
    }

    /**
     * @param list<Thing> $things
     *
     * @return list<string> what to have ready, as it is drawn
     */
    private function bring(Drawing $drawing, array $things, Prompt $prompt): array
    {
        if ([] === $things) {
            // What cannot be drawn for want of things is found in any room.
            return $prompt instanceof Kind\CompareSize ? [$this->words->say('first_look', 'any-sizes', ['n' => $prompt->n])] : [];
        }
        $counts = $gear = [];
        foreach ($drawing->items as $item) {
            if (null === Gear::tryFrom($item->what)) {
                $counts[$item->what] = ($counts[$item->what] ?? 0) + ($item->faint ? 0 : 1);
            } else {
                $gear[$item->what] = $this->words->say('gear', $item->what);
            }
        }
        $bring = [];
        foreach ($things as $thing) {
            $drawn = $counts[$thing->id] ?? 0;
            $count = 0 === $drawn ? 0 : max($drawn, self::toLay($prompt));
            $bring[] = $count.' '.(1 === $count ? $thing->single : $thing->name);
        }

        return [...array_filter($bring, static fn (string $one): bool => !str_starts_with($one, '0 ')), ...array_values(array_unique($gear))];
    }

    /** What is under a cloth, or what the child lays, is not drawn, and wanted all the same: so many of each kind. */
    private static function toLay(Prompt $prompt): int
    {
        return match (true) {
            $prompt instanceof Kind\StairOrder => intdiv($prompt->answer() * ($prompt->answer() + 1), 2),
            $prompt instanceof Kind\Compare => 'make-more' === $prompt->ask ? $prompt->a + 1 : $prompt->a,
            $prompt instanceof Kind\Split,
            $prompt instanceof Kind\AddOn,
            $prompt instanceof Kind\MissingStory,
            $prompt instanceof Kind\EqualPiles,
            $prompt instanceof Kind\MeasureWith,
            $prompt instanceof Kind\PartnerTo,
            $prompt instanceof Kind\Balance => $prompt->amounts()->n,
            default => 0,
        };
    }

    /** Why there are more than are asked for. */
    private function spare(Drawing $drawing, Prompt $prompt): string
    {
        $lies = array_filter($drawing->items, static fn ($item): bool => null === Gear::tryFrom($item->what) && !$item->faint);

        return ($prompt instanceof Kind\TakeJustSo || 'show-amount' === $prompt->ask)
            && \count($lies) > $prompt->amounts()->n
            ? $this->words->say('first_look', 'spare', ['n' => \count($lies) - $prompt->amounts()->n])
            : '';
    }
}
