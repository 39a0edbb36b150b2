<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Advice\Asks;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Advice\When;
use Pindle\Core\Evidence\Help;

/** An idea that may be offered in a sitting. */
final readonly class ScriptIdeaView
{
    /** @param array<string, Help> $helps help of the last question => help that the next is asked with, where the idea says so */
    public function __construct(public Idea $idea, public string $words, public When $when, public ?Asks $asks, public array $helps)
    {
    }
}
