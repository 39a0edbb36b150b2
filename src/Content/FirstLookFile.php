<?php

declare(strict_types=1);

namespace Pindle\App\Content;

use Pindle\Core\Skill\Step;

/** Reads first-look.yaml: what is shorter in a tiny task than in a sitting, and what a parent may tick before. */
final readonly class FirstLookFile
{
    public function __construct(private ContentFiles $files)
    {
    }

    public function words(Step $step): LookWords
    {
        $short = $this->files->entry('first-look', 'first-look', $this->files->file('first-look'))->map('short')[$step->id] ?? [];
        $entry = $this->files->entry('first-look', $step->id, $short);
        $entry->knowsOnly('ask', 'answer', 'screen', 'only');

        $only = [];
        foreach ($entry->map('only') as $name => $allowed) {
            $values = \is_array($allowed) ? array_values(array_filter($allowed, static fn (mixed $one): bool => \is_int($one) || \is_string($one))) : [];
            $only[$name] = [] === $values ? throw $entry->wrong('only.'.$name, 'should say what it may be') : $values;
        }

        return new LookWords($entry->textOrNull('ask'), $entry->textOrNull('answer'), $entry->flag('screen'), $only);
    }

    /** @return list<string> ids of the steps with a task of their own */
    public function short(): array
    {
        return array_keys($this->files->entry('first-look', 'first-look', $this->files->file('first-look'))->map('short'));
    }

    /** @return list<string> step ids */
    public function ticks(): array
    {
        return $this->files->entry('first-look', 'first-look', $this->files->file('first-look'))->texts('ticks');
    }
}
