<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

/** Something a child may be allergic to, by all the words there are for it. */
final readonly class Allergen
{
    /**
     * @param list<string> $known  words a parent may write down for a child
     * @param list<string> $in     words in the name of a thing that say it may hold it
     * @param list<string> $except words in a row in which those mean something else
     */
    public function __construct(public string $id, public string $name, public array $known, public array $in, public array $except = [])
    {
    }
}
