<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Content\Words;
use Pindle\App\Household\House;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\CoinWays;
use Pindle\Core\Question\Dice;
use Pindle\Core\Question\Kind\Join;
use Pindle\Core\Question\Kind\MakeAmount;
use Pindle\Core\Question\Kind\Split;
use Pindle\Core\Question\Kind\Take;
use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\Splits;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\BondCircle;
use Pindle\Core\Thing\FrameCell;
use Pindle\Core\Thing\GuessJar;
use Pindle\Core\Thing\Thing;

/** What a parent would measure or work out by hand for a set-up: faces of dice, the size of a frame, what a pot holds, ways to pay. */
final readonly class Measured
{
    /** A usual jam jar. */
    private const POT_ML = 500;

    /** Circles up to this many things are drawn. */
    private const MOST_IN_A_CIRCLE = 20;

    /** Ways to pay that are said. */
    private const WAYS = 3;

    public function __construct(private Words $words, private SkillMap $map, private House $house)
    {
    }

    /** @return list<string> */
    public function of(SetUp $setUp): array
    {
        $kinds = array_map(static fn (Sitting $sitting): Picture => $setUp->activity->scene($sitting->course()->form), $setUp->sittings);
        $thing = $setUp->laid[0]->thing ?? null;
        $questions = array_merge(...array_map(static fn (Sitting $sitting): array => $sitting->questions, $setUp->sittings));

        return array_values(array_filter([
            ...$this->dice($setUp),
            \in_array(Picture::Frame, $kinds, true) || \in_array(Picture::Bridge, $kinds, true) ? $this->frame($thing) : null,
            \in_array(Picture::Bond, $kinds, true) ? $this->circle(
                $thing,
                array_sum(array_map(static fn (Laid $laid): int => $laid->count, $setUp->laid)),
            ) : null,
            \in_array(Picture::Jar, $kinds, true) && null !== $thing?->size ? $this->words->say(
                'measured',
                'jar',
                ['ml' => self::POT_ML, 'count' => GuessJar::holds(self::POT_ML, $thing->size), 'things' => $thing->name],
            ) : null,
            \in_array(Picture::Balance, $kinds, true) && null !== $thing && null === $thing->mass ? $this->words->say(
                'measured',
                'weigh',
                ['things' => $thing->name],
            ) : null,
            $this->ways($questions),
            $this->coins($questions),
        ]));
    }

    /** @return list<string> */
    private function dice(SetUp $setUp): array
    {
        if (!$setUp->activity->rolls()) {
            return [];
        }
        $said = [];
        foreach ($setUp->sittings as $sitting) {
            $size = $this->map->step($sitting->course()->stepId)->size;
            // Cards do for what is neither put together nor taken away.
            $dice = match (true) {
                self::asks($sitting, Join::class) => Dice::forJoining($size),
                self::asks($sitting, Take::class) => Dice::forTaking($size),
                default => null,
            };
            $said[] = null === $dice ? $this->words->say('measured', 'cards') : $this->words->say('measured', 'dice', [
                'first' => implode(' ', $dice->first),
                'second' => implode(' ', $dice->second),
                'repeat' => (int) round(1 / $dice->chanceOfRepeat()),
            ]);
        }

        return array_values(array_unique($said));
    }

    /** @param class-string $kind */
    private static function asks(Sitting $sitting, string $kind): bool
    {
        return [] !== array_filter($sitting->questions, static fn (Question $question): bool => $question->prompt instanceof $kind);
    }

    private function frame(?Thing $thing): ?string
    {
        if (null === $thing?->size) {
            return null;
        }
        [$wide, $high] = FrameCell::frame($thing->size->long, 5, 2);

        return $this->words->say('measured', 'frame', ['things' => $thing->name, 'wide' => (int) ceil($wide), 'high' => (int) ceil($high)]);
    }

    private function circle(?Thing $thing, int $count): ?string
    {
        return null === $thing?->size || $count < 1 || $count > self::MOST_IN_A_CIRCLE ? null : $this->words->say(
            'measured',
            'circle',
            ['count' => $count, 'things' => $thing->name, 'wide' => (int) ceil(BondCircle::width($count, $thing->size->long))],
        );
    }

    /** @param list<Question> $questions */
    private function ways(array $questions): ?string
    {
        foreach ($questions as $question) {
            if ($question->prompt instanceof Split && null === $question->prompt->part) {
                $n = $question->prompt->n;

                return $this->words->say('measured', 'ways', ['n' => $n, 'pairs' => \count(Splits::pairs($n)), 'ordered' => \count(Splits::ordered($n))]);
            }
        }

        return null;
    }

    /** @param list<Question> $questions */
    private function coins(array $questions): ?string
    {
        foreach (array_reverse($questions) as $question) {
            if ($question->prompt instanceof MakeAmount && 'make-amount' === $question->prompt->ask) {
                $n = $question->prompt->n;
                $ways = CoinWays::of($n, $this->house->coins()->values(), $this->house->coins()->atHand);
                $said = array_map(
                    static fn (array $way): string => implode(
                        ' + ',
                        array_merge(...array_map(static fn (int $value, int $count): array => array_fill(0, $count, (string) $value), array_keys($way), $way)),
                    ),
                    \array_slice($ways, 0, self::WAYS),
                );

                return $this->words->say('measured', 'coins', ['n' => $n, 'count' => \count($ways), 'ways' => implode('; ', $said)]);
            }
        }

        return null;
    }
}
