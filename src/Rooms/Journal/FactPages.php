<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Content\Words;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\Noticed;
use Pindle\App\Views\Names;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Journal\Fact;
use Pindle\Core\Journal\Facts;
use Pindle\Core\Journal\FactSquare;

/** Writes out how the facts of one child are known. */
final readonly class FactPages
{
    public function __construct(private Noticed $noticed, private Names $names, private Words $words)
    {
    }

    /** @return list<FactSquareView> */
    public function squares(string $childId): array
    {
        $facts = Facts::of($this->noticed->facts($childId));

        return array_map(function (FactSquare $square) use ($facts): FactSquareView {
            $counts = $facts->count($square->facts());

            return new FactSquareView(
                $square,
                $this->words->say('fact_squares', $square),
                array_map(static fn (int $first): FactRowView => new FactRowView($first, array_map(
                    static fn (int $second): ?FactView => self::fact($square->fact($first, $second), $facts),
                    range(0, Fact::PART_MOST),
                )), $square->rows()),
                $counts,
                $this->words->say('journal', 'facts', [
                    'sure' => $counts['sure'],
                    'slow' => $counts['slow'],
                    'seen' => $counts['seen'],
                    'not' => $counts['not-met'],
                ]),
            );
        }, FactSquare::cases());
    }

    /** @throws Refusal 404 when there is no such fact */
    public function tries(string $childId, string $key, LocalDate $today): FactTriesView
    {
        $fact = 1 === preg_match('/^(sum|difference):(\d{1,2}),(\d{1,2})$/', $key, $found)
            ? ('sum' === $found[1] ? Fact::sum((int) $found[2], (int) $found[3]) : Fact::difference((int) $found[2], (int) $found[3]))
            : null;
        if (null === $fact) {
            throw Refusal::notFound('key', 'There is no such fact in the squares.');
        }
        $facts = Facts::of($this->noticed->triesAt($childId, $fact));

        return new FactTriesView(
            $fact->written(),
            $this->words->say('fact_standings', $facts->standing($fact)),
            array_reverse(array_map(fn (Attempt $try): FactTryView => new FactTryView(
                $try->day->toString(),
                $this->words->shortDay($try->day, $today),
                $this->words->say('outcomes', $try->outcome),
                null === $try->method ? null : $this->words->say('methods', $try->method),
                null === $try->slip ? null : $this->words->say('slips', $try->slip),
                $this->names->activity($try->activityId) ?? $this->words->say('stand_ins', 'some-activity'),
            ), $facts->tries($fact))),
        );
    }

    private static function fact(?Fact $fact, Facts $facts): ?FactView
    {
        return null === $fact ? null : new FactView($fact->key(), $fact->written(), $facts->standing($fact));
    }
}
