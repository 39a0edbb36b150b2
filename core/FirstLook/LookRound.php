<?php

declare(strict_types=1);

namespace Pindle\Core\FirstLook;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\SetSize;
use Pindle\Core\Evidence\ChildRecord;

/**
 * One look round after a long while, instead of a look at every step that fell due: five minutes of tiny tasks, chosen so that each speaks for as much as
 * can be of what may have faded. A step that is there speaks for all it needs.
 */
final readonly class LookRound implements Look
{
    /** Seconds it is to take, and seconds of a tiny task where the child is old enough for short ones. */
    private const SECONDS = 300;
    private const A_TASK = 25;

    /** It is for coming back after so many days or more on which nothing was seen or done. */
    public const AFTER_DAYS = 14;

    /** So many in a row that did not go are enough. */
    private const RUNNING = 3;

    /**
     * @param list<string> $steps   to be asked, in order
     * @param list<Answer> $answers in the order they were given
     */
    public function __construct(private array $steps, private array $answers)
    {
    }

    /** @param int $untouched days since anything was seen or done, at least 0 */
    public static function isFor(int $untouched): bool
    {
        return $untouched >= self::AFTER_DAYS;
    }

    /**
     * Which steps to ask about: the easiest of them first, then what tells most.
     *
     * @param int $months age of the child in whole months, 0 and up
     *
     * @return list<string> none where nothing fell due
     */
    public static function steps(ChildRecord $record, int $months, LocalDate $on): array
    {
        $gone = [];
        foreach ($record->map->steps as $id => $step) {
            $faded = $step->offered ? $record->faded($id, $on) : null;
            if (null !== $faded) {
                $gone[$id] = $faded;
            }
        }
        $most = intdiv(self::SECONDS, SetSize::atAge($months)->seconds(self::A_TASK));
        $steps = [];
        $open = $gone;
        while ([] !== $open && \count($steps) < $most) {
            $tells = [];
            foreach (array_keys($open) as $id) {
                $tells[$id] = array_sum(array_intersect_key($open, array_flip($record->touchedBy($id))));
            }
            arsort($tells);
            $steps[] = $best = (string) array_key_first($tells);
            $open = array_diff_key($open, array_flip($record->touchedBy($best)));
        }
        $easiest = $steps;
        usort($easiest, static fn (string $a, string $b): int => $record->map->step($a)->reach->months <=> $record->map->step($b)->reach->months);

        return [] === $steps ? [] : array_values(array_unique([$easiest[0], ...$steps]));
    }

    public function tasks(): int
    {
        return \count($this->answers);
    }

    public function most(): int
    {
        return \count($this->steps);
    }

    public function isHard(): bool
    {
        $last = \array_slice($this->answers, -self::RUNNING);

        return self::RUNNING === \count($last) && 0 === self::well($last);
    }

    /** It ends after three that did not go: then ordinary sittings find out the rest. */
    public function next(array $askable): ?string
    {
        $asked = array_map(static fn (Answer $answer): string => $answer->stepId, $this->answers);

        return $this->isHard() ? null : array_values(array_intersect(array_diff($this->steps, $asked), $askable))[0] ?? null;
    }

    /** How many went well. */
    public function went(): int
    {
        return self::well($this->answers);
    }

    /** @param list<Answer> $answers */
    private static function well(array $answers): int
    {
        return \count(array_filter($answers, static fn (Answer $answer): bool => $answer->outcome->isSuccess()));
    }
}
