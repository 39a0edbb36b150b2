<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** The steps of one strand, then and now. */
final readonly class StrandThenView
{
    /**
     * @param list<StepThenView> $steps
     * @param list<string>       $since what they can do now and could not then
     */
    public function __construct(public string $name, public array $steps, public array $since)
    {
    }
}
