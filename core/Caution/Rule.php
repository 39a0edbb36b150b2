<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

/** One caution as data. It applies to children younger than so many months, or to all when that is null. */
final readonly class Rule
{
    /**
     * @param list<string> $names   words by which a thing of a household's own is known
     * @param list<string> $says    words by which an activity of its own is known
     * @param list<string> $except  words in a row in which those mean something else
     * @param bool         $withYou whether the parent stays while anyone it is meant for is awake in reach
     * @param float|null   $longer  millimetres of the longest side from which on it is meant; null for any
     */
    public function __construct(
        public string $id,
        public Test $test,
        public Severity $level,
        public ?int $underMonths = null,
        public ?string $trait = null,
        public array $names = [],
        public array $says = [],
        public array $except = [],
        public bool $withYou = false,
        public ?float $longer = null,
    ) {
    }
}
