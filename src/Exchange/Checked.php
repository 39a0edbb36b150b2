<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

/** A household file that was looked through from end to end, and is whole. */
final readonly class Checked
{
    /**
     * @param array<string, list<array<string, mixed>>> $small    name => rows
     * @param array<string, int>                        $lines    name => how many
     * @param list<string>                              $childIds
     */
    public function __construct(public Parcel $parcel, public int $format, public array $small, public array $lines, public array $childIds)
    {
    }

    /** @return \Generator<int, array<string, mixed>> rows of a table that grows */
    public function rows(string $name): \Generator
    {
        foreach ($this->parcel->lines($name) as $row) {
            yield Check::renewed(Format::GROWING[$name], (array) $row, $this->format);
        }
    }
}
