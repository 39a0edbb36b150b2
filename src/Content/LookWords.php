<?php

declare(strict_types=1);

namespace Pindle\App\Content;

/** What a tiny task of a first look says in other words than the question always does, and how it is shortened. */
final readonly class LookWords
{
    /** @param array<string, non-empty-list<int|string>> $only number of a question, or "ask" => what it may be; of others everything is asked */
    public function __construct(public ?string $ask, public ?string $answer, public bool $onScreen, public array $only)
    {
    }
}
