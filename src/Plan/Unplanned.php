<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Household\Children;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\ClosingEntity;
use Pindle\App\Record\Evidence;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Planning\Rearranging;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Thing\Thing;
use Symfony\Component\Uid\Uuid;

/** What is done outside the plan: five minutes at once, a moment of daily life, something else than was planned. It counts like any sitting. */
final readonly class Unplanned
{
    /** Five minutes are seldom five. */
    private const FIVE_MINUTES = 12;

    public function __construct(
        private Plans $plans,
        private PlanWriter $writer,
        private Requests $requests,
        private Rearranging $rearranging,
        private Closings $closings,
        private Finishing $finishing,
        private Transactions $transactions,
        private Evidence $evidence,
        private Children $children,
        private Sittings $sittings,
        private EntityManagerInterface $entities,
        private Clock $clock,
    ) {
    }

    /**
     * The best thing to do with one child now, with nothing to fetch, or with what was brought already today.
     *
     * @return string the id of the set-up
     *
     * @throws Refusal 422 where nothing comes to mind
     */
    public function fiveMinutes(LocalDate $date, string $childId, int $now): string
    {
        $day = $this->plans->day($date);
        $from = min($now, 1440 - self::FIVE_MINUTES);
        $brought = array_map(static fn (string $key): string => explode(' ', $key, 2)[1] ?? '', $day->gathered);
        foreach ($this->plans->setUps($date) as $stored) {
            $brought = $stored->isKept() ? [...$brought, ...$stored->setUp->thingIds()] : $brought;
        }
        // Whatever is planned or done today: it is the parent's own wish.
        $request = $this->requests->of($day, [], [])->during([Span::lasting($from, self::FIVE_MINUTES)]);
        $there = array_values(array_filter($request->things, static fn (Thing $thing): bool => \in_array($thing->id, $brought, true)));
        $setUp = $this->rearranging->now($request->withThings($there), $childId, $from, array_values($brought))
            ?? throw Refusal::invalid('childId', 'Nothing comes to mind that needs no fetching. Count the stairs, sing, or have a cuddle.');

        return $this->writer->layOut($setUp, $date, true);
    }

    /**
     * A moment of daily life happened: it is done, and no mark is asked for.
     *
     * @throws Refusal 404 when it is not among the moments of the day
     */
    public function happened(LocalDate $date, string $childId, string $activityId, int $now): void
    {
        $day = $this->plans->day($date);
        $nth = null;
        foreach ($day->moments as $i => $moment) {
            $nth = $moment['child'] === $childId && $moment['activity'] === $activityId && !isset($moment['done']) ? $i : $nth;
        }
        if (null === $nth) {
            throw Refusal::notFound('activityId', 'This is not among the moments of today, or it happened already.');
        }
        $setUp = $this->setUpOf($date, $activityId, [$childId], $now);
        $this->transactions->run(function () use ($date, $day, $nth, $setUp): void {
            $id = $this->writer->layOut($setUp, $date);
            $moments = $day->moments;
            $moments[$nth]['done'] = $id;
            $this->entities->getConnection()->executeStatement('UPDATE day SET moments = ? WHERE date = ?', [
                json_encode($moments, \JSON_THROW_ON_ERROR),
                $date->toString(),
            ]);
            $this->end($id);
        });
        $this->entities->clear();
    }

    /**
     * A moment that was said to have happened did not.
     *
     * @throws Refusal 404 when it did not happen, 409 when something was tapped in it
     */
    public function didNotHappen(LocalDate $date, string $childId, string $activityId): void
    {
        $this->transactions->run(function () use ($date, $childId, $activityId): void {
            $moments = $this->plans->day($date)->moments;
            foreach ($moments as $i => $moment) {
                if ($moment['child'] === $childId && $moment['activity'] === $activityId && isset($moment['done'])) {
                    $this->unend($moment['done']);
                    unset($moments[$i]['done']);
                    $this->entities->getConnection()->executeStatement('UPDATE day SET moments = ? WHERE date = ?', [
                        json_encode($moments, \JSON_THROW_ON_ERROR),
                        $date->toString(),
                    ]);

                    return;
                }
            }

            throw Refusal::notFound('activityId', 'This is not among what happened today.');
        });
        $this->entities->clear();
    }

    /**
     * Something else was done: a game of the catalogue, with what is told of how it went.
     *
     * @param array<string, ClosingMark|null> $marks child id => mark
     *
     * @throws Refusal 422 where the activity has nothing at the step of any of them
     */
    public function somethingElse(LocalDate $date, string $activityId, array $marks, int $start, string $deviceId): string
    {
        $setUp = $this->setUpOf($date, $activityId, array_keys($marks), $start);

        return $this->transactions->run(function () use ($date, $setUp, $marks, $deviceId): string {
            $id = $this->writer->layOut($setUp, $date);
            foreach ($this->plans->setUp($id)->sittings ?? [] as $childId => $sitting) {
                $mark = $marks[$childId] ?? null;
                if (null !== $mark) {
                    $this->closings->record($id, $sitting->id, Uuid::v7()->toRfc4122(), $mark, null, null, null, [], $this->clock->now(), $deviceId);
                }
            }
            $this->end($id);
            $this->tell($date, ['id' => $id, 'words' => null, 'children' => []]);

            return $id;
        });
    }

    /**
     * Something else was done that no activity stands for: kept in the parent's words, and evidence for nothing.
     *
     * @param array<string, ClosingMark|null> $marks child id => mark
     *
     * @throws Refusal 409 when there is no day to keep it in
     */
    public function inWords(LocalDate $date, string $words, array $marks): void
    {
        $told = ['id' => Uuid::v7()->toRfc4122(), 'words' => $words, 'children' => array_map(
            static fn (string $childId, ?ClosingMark $mark): array => ['child' => $childId, 'mark' => $mark?->value],
            array_keys($marks),
            $marks,
        )];
        if (!$this->tell($date, $told)) {
            throw Refusal::conflict('words', 'Today is not planned yet. Plan it first; then this has a day to stand in.');
        }
        $this->entities->clear();
    }

    /**
     * What was done instead was not, or was another thing: it is gone, with the marks that were told of it.
     *
     * @throws Refusal 404 when nothing of this id was told, 409 when something was tapped in it
     */
    public function takeBack(LocalDate $date, string $id): void
    {
        $this->transactions->run(function () use ($date, $id): void {
            $told = $this->plans->day($date)->otherwise;
            $others = array_values(array_filter($told, static fn (array $one): bool => $id !== $one['id']));
            if (\count($others) === \count($told)) {
                throw Refusal::notFound('id', 'This is not among what was done instead today.');
            }
            if (null !== $this->plans->setUp($id)) {
                $this->unend($id);
            }
            $this->entities->getConnection()->executeStatement('UPDATE day SET otherwise = ? WHERE date = ?', [
                json_encode($others, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
                $date->toString(),
            ]);
        });
        $this->entities->clear();
    }

    /** A thing was brought for a time at the table, or was not after all: every device shows it, and no plan follows from it. */
    public function gather(LocalDate $date, int $window, string $thingId, bool $there): void
    {
        $this->transactions->run(function () use ($date, $window, $thingId, $there): void {
            $key = $window.' '.$thingId;
            $others = array_values(array_diff($this->plans->day($date)->gathered, [$key]));
            $this->entities->getConnection()->executeStatement('UPDATE day SET gathered = ? WHERE date = ?', [
                json_encode($there ? [...$others, $key] : $others, \JSON_THROW_ON_ERROR),
                $date->toString(),
            ]);
        });
        $this->entities->clear();
    }

    /** @param list<string> $childIds */
    private function setUpOf(LocalDate $date, string $activityId, array $childIds, int $start): SetUp
    {
        return $this->rearranging->happened($this->requests->of($this->plans->day($date), [], []), $activityId, $childIds, $start)
            ?? throw Refusal::invalid('activityId', 'This has nothing at the steps these children are at. Write it down in words instead.');
    }

    /** @param array{id: string, words: string|null, children: list<array{child: string, mark: string|null}>} $told */
    private function tell(LocalDate $date, array $told): bool
    {
        return 1 === $this->entities->getConnection()->executeStatement(
            "UPDATE day SET otherwise = json_insert(otherwise, '$[#]', json(?)) WHERE date = ?",
            [json_encode($told, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE), $date->toString()],
        );
    }

    private function unend(string $id): void
    {
        $stored = $this->plans->setUp($id) ?? throw new \LogicException('What was told of is there.');
        if ([] !== $this->evidence->answered($stored->sittingIds())) {
            throw Refusal::conflict('id', 'Something was tapped in it since. Take that back first, on the Map.');
        }
        foreach ($this->entities->getRepository(ClosingEntity::class)->findBy(['sittingId' => $stored->sittingIds(), 'removedAt' => null]) as $closing) {
            $this->evidence->takeBack($this->children->child($closing->childId, $stored->date), $closing, $this->clock->now());
        }
        $this->sittings->unfinish($stored);
    }

    private function end(string $id): void
    {
        $stored = $this->plans->setUp($id) ?? throw new \LogicException('What was just stored is there.');
        $this->finishing->finish($stored, Ending::Done);
    }
}
