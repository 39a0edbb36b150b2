<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** How things to be counted lie, the easiest first: a line has a beginning, a ring has none, a muddle has no order either. */
enum Lie: string
{
    case Row = 'row';
    case Ring = 'ring';
    case Muddle = 'muddle';

    /** Two things make no ring. */
    private const LEAST_IN_A_RING = 3;

    /** @return non-empty-list<self> the ways so many can lie, the easiest first */
    public static function of(int $n): array
    {
        return $n < self::LEAST_IN_A_RING ? [self::Row, self::Muddle] : self::cases();
    }

    /** 0 for the easiest to 2. */
    public function load(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function sight(int $n): Sight
    {
        return match ($this) {
            self::Row => new Sight\Row($n),
            self::Ring => new Sight\Ring($n),
            self::Muddle => new Sight\Scatter($n),
        };
    }
}
