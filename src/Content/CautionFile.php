<?php

declare(strict_types=1);

namespace Pindle\App\Content;

use Pindle\Core\Caution\Cautions;
use Pindle\Core\Caution\Rule;
use Pindle\Core\Caution\Severity;
use Pindle\Core\Caution\Test;

/** Reads cautions.yaml: the rules, what a parent reads of each, and the names they know things by. */
final readonly class CautionFile
{
    public function __construct(private ContentFiles $files)
    {
    }

    /** @throws BrokenContent */
    public function cautions(): Cautions
    {
        $rules = [];
        foreach ($this->files->entries('cautions') as $id => $entry) {
            $entry->knowsOnly('test', 'level', 'under', 'trait', 'names', 'say', 'why', 'source');
            $under = $entry->numberOrNull('under', 0, 18);
            $rules[] = new Rule(
                $id,
                $entry->choice('test', Test::class),
                $entry->choice('level', Severity::class),
                null === $under ? null : 12 * $under,
                $entry->textOrNull('trait'),
            );
        }

        return new Cautions($rules);
    }

    /** @throws BrokenContent */
    public function words(string $ruleId): CautionWords
    {
        $entry = $this->files->entry('cautions', $ruleId, $this->files->file('cautions')[$ruleId] ?? null);

        return new CautionWords($entry->text('say'), $entry->text('why'), $entry->text('source'));
    }

    /**
     * Traits that a thing has by its name alone: what is dangerous is known by what it is called, whatever else is said of it.
     *
     * @return list<string>
     */
    public function traitsByName(string $name): array
    {
        $traits = [];
        foreach ($this->files->entries('cautions') as $entry) {
            foreach ($entry->texts('names') as $word) {
                if (str_contains(mb_strtolower($name), $word)) {
                    $traits[] = $entry->text('trait');
                }
            }
        }

        return array_values(array_unique($traits));
    }
}
