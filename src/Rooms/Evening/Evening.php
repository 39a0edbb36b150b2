<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Content\ContentFiles;
use Pindle\App\Content\ThingFile;
use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\ChildEntity;
use Pindle\App\Household\Children;
use Pindle\App\Household\House;
use Pindle\App\Household\Things;
use Pindle\App\Plan\Planning;
use Pindle\App\Plan\Plans;
use Pindle\App\Plan\PlanWriter;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\Evidence;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\OwnMap;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\FirstActivity;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\Uid\Uuid;

/** Takes a family from nothing to a known first activity, screen by screen; it can be left at any of them and goes on from there. */
final readonly class Evening
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Transactions $transactions,
        private Children $children,
        private Things $things,
        private House $house,
        private Activities $activities,
        private Evidence $evidence,
        private Planning $planning,
        private PlanWriter $writer,
        private Plans $plans,
        private SkillMap $map,
        private Cautions $cautions,
        private ThingFile $shipped,
        private ContentFiles $files,
        private Words $words,
        private Clock $clock,
    ) {
    }

    /** Where it stands; null where it never began. */
    public function kept(): ?EveningEntity
    {
        return $this->entities->find(EveningEntity::class, EveningEntity::ID);
    }

    /** A house with children that never had one needs none any more; on the day after it the morning is asked for. */
    public function screen(?EveningEntity $evening): Screen
    {
        return match (true) {
            null === $evening => [] === $this->children->present($this->clock->today()) ? Screen::Who : Screen::Over,
            Screen::Done === $evening->screen && $this->isMorningOf($evening->forDay) => Screen::Morning,
            default => $evening->screen,
        };
    }

    /**
     * The children, the first of them first, with what nobody may touch.
     *
     * @throws Refusal 409 when it went on elsewhere, 422 for a birthday to come
     */
    public function begin(WhoInput $who): void
    {
        foreach ($who->children as $i => $child) {
            Children::mustBeBirthDate($child->born, $this->clock->today(), 'children.'.$i.'.born');
        }
        if (\count($who->children) + (null === $who->littleOne ? 0 : 1) > Children::MOST) {
            throw Refusal::invalid('children', 'Pindle plans for up to six children, the little ones with them.');
        }
        $this->transactions->run(function () use ($who): void {
            $this->mustBeAt(Screen::Who);
            $evening = new EveningEntity();
            $allergies = array_values(array_unique($who->allergies));
            foreach ($who->children as $child) {
                $added = $this->add(trim($child->name), $child->born, $allergies);
                $evening->childId ??= $added->id;
            }
            if (null !== $who->littleOne) {
                $born = $this->clock->today()->plusDays(-(int) round($who->littleOne * 30.44));
                $this->add($this->words->say('evening', 'little-one'), $born->toString(), $allergies);
            }
            $evening->screen = Screen::Things;
            $this->entities->persist($evening);
            $this->entities->flush();
        });
    }

    /** @throws Refusal 409 when it went on elsewhere, 422 for what does not belong to the screen */
    public function go(StepInput $input): void
    {
        $this->transactions->run(function () use ($input): void {
            $evening = $this->mustBeAt($input->screen);
            match ($input->screen) {
                Screen::Things => $this->seeThings($evening, $input->things),
                Screen::Cards => $this->seeCard($evening, $input->card, $input->seen),
                Screen::Tomorrow => $this->take($evening, $input->take ?? throw Refusal::invalid('take', 'What is done with it?')),
                Screen::Morning => $this->morning($evening, $input->mark ?? throw Refusal::invalid('mark', 'How did it go?')),
                default => throw Refusal::invalid('screen', 'There is nothing to choose here.'),
            };
            $this->entities->flush();
        });
    }

    /** @throws Refusal 409 when it went on elsewhere or there is nothing before */
    public function back(Screen $from): void
    {
        $this->transactions->run(function () use ($from): void {
            $evening = $this->mustBeAt($from);
            $evening->screen = $from->before() ?? throw Refusal::conflict('screen', 'There is nothing before this.');
            if (Screen::Cards === $evening->screen) {
                $evening->answers = [];
            }
            $this->entities->flush();
        });
    }

    /** Whose first activity it is. */
    public function child(EveningEntity $evening): ?Child
    {
        foreach ($this->children->present($this->clock->today()) as $child) {
            if ($child->id === $evening->childId) {
                return $child;
            }
        }

        return null;
    }

    /** @return list<Thing> ordinary ones that may be in sight */
    public function inSight(): array
    {
        $names = $this->files->entry('first-evening', 'first-evening', $this->files->file('first-evening'))->texts('things');

        return array_map(fn (string $id): Thing => $this->shipped->things()[$id], $names);
    }

    public function cards(): int
    {
        return $this->files->entry('first-evening', 'first-evening', $this->files->file('first-evening'))->number('cards', 1, FirstLook::MOST_TASKS);
    }

    /** What the next card asks about; null when there are enough, or none is left. */
    public function card(EveningEntity $evening): ?Step
    {
        $child = $this->child($evening);
        if (null === $child || \count($evening->answers) >= $this->cards()) {
            return null;
        }
        $asked = array_column($evening->answers, 0);
        $map = OwnMap::of($this->map, $child->settings);
        $ids = array_keys(array_filter($map->steps, static fn (Step $step): bool => $step->offered && !\in_array($step->id, $asked, true)));
        $next = $this->look($evening, $child)->next($ids);

        return null === $next ? null : $this->map->step($next);
    }

    /** What is proposed: with what is in sight, or with nothing. */
    public function offer(EveningEntity $evening): ?SetUp
    {
        $child = $this->child($evening);
        if (null === $child) {
            return null;
        }
        $tomorrow = $this->clock->today()->plusDays(1);
        $present = array_map(fn (Child $one): Learner => new Learner(
            $one,
            $this->evidence->record($one),
            FirstActivity::MINUTES,
        ), $this->children->present($tomorrow));
        usort($present, static fn (Learner $a, Learner $b): int => ($b->child->id === $child->id) <=> ($a->child->id === $child->id));
        $things = array_values(array_filter($this->things->present(), static fn (Thing $thing): bool => $thing->amount > 0));
        $catalogue = $this->activities->catalogue();

        return (new FirstActivity($this->map, $catalogue, $this->cautions))->of(
            new DayRequest(
                $tomorrow,
                $tomorrow->dayNumber,
                $present,
                [new Span(9 * 60, 10 * 60)],
                $things,
                [Place::Table, Place::Floor],
                rules: $this->house->rules(),
            ),
            $evening->passed,
        );
    }

    /** Where it was started at once. */
    public function table(EveningEntity $evening): ?string
    {
        foreach (null === $evening->forDay ? [] : $this->plans->setUps(LocalDate::parse($evening->forDay)) as $stored) {
            if ($stored->setUp->activity->id === $evening->activityId) {
                return $stored->setUp->key;
            }
        }

        return null;
    }

    private function isMorningOf(?string $day): bool
    {
        return null !== $day && !LocalDate::parse($day)->isAfter($this->clock->today());
    }

    /** @param list<string> $chosen */
    private function seeThings(EveningEntity $evening, array $chosen): void
    {
        $known = array_filter($this->inSight(), static fn (Thing $thing): bool => \in_array($thing->id, $chosen, true));
        if (\count($known) !== \count(array_unique($chosen))) {
            throw Refusal::invalid('things', 'There is no such thing to tap.');
        }
        $evening->thingIds = array_values(array_unique($chosen));
        if ([] !== $known) {
            $this->things->tick(array_values($known));
        }
        $evening->screen = Screen::Cards;
    }

    private function seeCard(EveningEntity $evening, ?string $stepId, ?Seen $seen): void
    {
        if (null !== $stepId) {
            if ($stepId !== $this->card($evening)?->id) {
                throw Refusal::conflict('card', 'Another card is next. It goes on from there.');
            }
            $evening->answers = [...$evening->answers, [$stepId, ($seen ?? throw Refusal::invalid('seen', 'How often?'))->value]];
        }
        $child = $this->child($evening);
        if (null !== $child && [] !== $this->answers($evening)) {
            $this->children->startFrom($child->id, $this->look($evening, $child)->chances(), $this->clock->today());
        }
        if (null === $stepId || null === $this->card($evening)) {
            $evening->screen = Screen::Tomorrow;
        }
    }

    private function take(EveningEntity $evening, Take $take): void
    {
        $offer = $this->offer($evening);
        if (Take::Another === $take) {
            // When all were passed over it begins with the first again.
            $evening->passed = null === $offer ? [] : [...$evening->passed, $offer->activity->id];

            return;
        }
        if (null === $offer) {
            throw Refusal::conflict('take', 'Nothing is proposed. Choose another one first.');
        }
        $today = $this->clock->today();
        $day = Take::Now === $take ? $today : $today->plusDays(1);
        $evening->activityId = $offer->activity->id;
        $evening->stepId = $offer->sittings[0]->course()->stepId;
        $evening->forDay = $day->toString();
        if (Take::Now === $take) {
            // What is on the screen is what lies on the table; its own end says what follows.
            $this->writer->layOut($offer, $day);
            $evening->screen = Screen::Over;
        } else {
            $this->planning->use($day, $offer->activity->id);
            $evening->screen = Screen::Done;
        }
    }

    private function morning(EveningEntity $evening, MorningMark $mark): void
    {
        $child = $this->child($evening);
        $closing = $mark->closing();
        if (null !== $child && null !== $closing && null !== $evening->stepId && null !== $evening->activityId) {
            $this->evidence->close($child, [new Closing(
                Uuid::v7()->toRfc4122(),
                $evening->stepId,
                Uuid::v7()->toRfc4122(),
                $evening->activityId,
                null,
                [],
                $closing,
                // Nobody counted the questions: as few as a sitting has at this age.
                $child->setSizeOn($this->clock->today())->fewest,
                $this->clock->now(),
                $this->clock->today(),
                Uuid::v4()->toRfc4122(),
            )]);
        }
        $evening->mark = $mark;
        $evening->screen = Screen::Over;
    }

    /** @param list<string> $allergies */
    private function add(string $name, string $born, array $allergies): ChildEntity
    {
        return $this->children->add($name, $this->clock->today(), static function (ChildEntity $child) use ($born, $allergies): void {
            $child->born = $born;
            $child->allergies = $allergies;
        });
    }

    private function look(EveningEntity $evening, Child $child): FirstLook
    {
        return FirstLook::of(
            OwnMap::of($this->map, $child->settings),
            $child->ageInMonths($this->clock->today()),
            [],
            $this->answers($evening),
            new Randomizer(new Xoshiro256StarStar(crc32($child->id))),
        );
    }

    /** @return list<Answer> */
    private function answers(EveningEntity $evening): array
    {
        $answers = [];
        foreach ($evening->answers as [$stepId, $seen]) {
            $outcome = Seen::from($seen)->outcome();
            if (null !== $outcome && $this->map->has($stepId)) {
                $answers[] = new Answer($stepId, $outcome);
            }
        }

        return $answers;
    }

    private function mustBeAt(Screen $screen): EveningEntity
    {
        $evening = $this->kept();
        if ($this->screen($evening) !== $screen) {
            throw Refusal::conflict('screen', 'This went on elsewhere. It goes on from where it is now.');
        }

        return $evening ?? new EveningEntity();
    }
}
