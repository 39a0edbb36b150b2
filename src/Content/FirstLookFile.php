<?php

declare(strict_types=1);

namespace Pindle\App\Content;

use Pindle\Core\Skill\Step;

/** Reads first-look.yaml: the tiny task for each step, and what a parent may tick before. */
final readonly class FirstLookFile
{
    public function __construct(private ContentFiles $files)
    {
    }

    /** @throws BrokenContent when the step has no task */
    public function task(Step $step): string
    {
        $asks = $this->files->entry('first-look', 'first-look', $this->files->file('first-look'))->map('asks');
        $ask = $asks[$step->skill->id] ?? null;

        return \is_array($ask)
            ? $this->files->entry('first-look', $step->skill->id, $ask)->text($step->reach->name)
            : $this->files->entry('first-look', 'asks', $asks)->text($step->skill->id);
    }

    /** @return list<string> step ids */
    public function ticks(): array
    {
        return $this->files->entry('first-look', 'first-look', $this->files->file('first-look'))->texts('ticks');
    }
}
