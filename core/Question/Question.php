<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** One question of a set, for one step. */
final readonly class Question
{
    /** @param string $id names it for ever once it was given to a device; empty until then */
    public function __construct(public string $stepId, public Prompt $prompt, public Level $level, public string $id = '')
    {
    }

    public function named(string $id): self
    {
        return new self($this->stepId, $this->prompt, $this->level, $id);
    }
}
