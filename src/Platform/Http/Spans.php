<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Pindle\Core\Calendar\InvalidSpan;
use Pindle\Core\Calendar\Span;
use Symfony\Component\Validator\Constraints as Assert;

/** A list of times of a day, each from and to in minutes after midnight. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Spans extends Assert\Compound
{
    /**
     * @param int<0, max> $most
     * @param int<0, max> $least
     */
    public function __construct(public readonly int $most, public readonly int $least = 0, public readonly string $none = 'Name at least one time.')
    {
        parent::__construct();
    }

    /**
     * The times as they were given, in order.
     *
     * @param list<list<int>> $times as the attribute lets them through
     *
     * @return list<Span>
     *
     * @throws Refusal 422 when one ends before it starts, or two overlap
     */
    public static function read(array $times, string $field): array
    {
        usort($times, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $spans = [];
        foreach ($times as $i => [$from, $to]) {
            try {
                $span = new Span($from, $to);
            } catch (InvalidSpan) {
                throw Refusal::invalid($field.'.'.$i, 'A time at the table ends after it starts.');
            }
            if ([] !== $spans && end($spans)->overlaps($span)) {
                throw Refusal::invalid($field.'.'.$i, 'Two times at the table overlap.');
            }
            $spans[] = $span;
        }

        return $spans;
    }

    protected function getConstraints(array $options): array
    {
        return [new Assert\Sequentially([
            new Assert\Type('list', 'This should be a list of times.'),
            new Assert\Count(min: $this->least, max: $this->most, minMessage: $this->none, maxMessage: 'At most {{ limit }} times fit into a day here.'),
            new Assert\All([new Assert\Sequentially([
                new Assert\NotNull(message: 'A time is from and to, in minutes after midnight.'),
                new Assert\Type('list', 'A time is from and to, in minutes after midnight.'),
                new Assert\Count(min: 2, max: 2, exactMessage: 'A time is from and to, in minutes after midnight.'),
                new Assert\All([new Assert\Sequentially([
                    new Assert\NotNull(message: 'A time is in whole minutes after midnight.'),
                    new Assert\Type('int', 'A time is in whole minutes after midnight.'),
                    new Assert\Range(min: 0, max: 1440, notInRangeMessage: 'A day has 0 to 1440 minutes.'),
                ])]),
            ])]),
        ])];
    }
}
