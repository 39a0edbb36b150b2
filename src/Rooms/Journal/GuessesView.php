<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\Core\Journal\Trend;

/** The guesses of one child over time. */
final readonly class GuessesView
{
    /**
     * @param list<GuessView> $guesses
     * @param string          $says    how far off, whether they close in, what misled; in words
     */
    public function __construct(public array $guesses, public Trend $trend, public string $says)
    {
    }
}
