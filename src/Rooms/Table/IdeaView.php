<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Advice\Idea;
use Pindle\Core\Evidence\Help;

/** One idea: what to do, and the help the next question is asked with, where it says so. */
final readonly class IdeaView
{
    public function __construct(public Idea $idea, public string $words, public ?Help $help)
    {
    }
}
