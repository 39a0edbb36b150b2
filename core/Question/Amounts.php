<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** The numbers of a question that things are counted out by. */
final readonly class Amounts
{
    /**
     * @param int $n     the whole, at least 0
     * @param int $a     the first part, at least 0
     * @param int $b     the second part, at least 0
     * @param int $c     the third part, at least 0
     *
     * @throws InvalidAmounts
     */
    public function __construct(public int $n, public int $a = 0, public int $b = 0, public int $c = 0)
    {
        if (min($n, $a, $b, $c) < 0) {
            throw InvalidAmounts::negative($n, $a, $b, $c);
        }
    }
}
