<?php

declare(strict_types=1);

namespace Pindle\App\Content;

use Pindle\Core\Caution\Allergen;
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
            $entry->knowsOnly('test', 'level', 'under', 'trait', 'names', 'says', 'except', 'with_you', 'longer', 'short', 'say', 'why', 'source');
            $under = $entry->numberOrNull('under', 0, 18);
            $names = $entry->texts('names');
            $rules[] = new Rule(
                $id,
                $entry->choice('test', Test::class),
                $entry->choice('level', Severity::class),
                null === $under ? null : 12 * $under,
                $entry->textOrNull('trait'),
                $names,
                $entry->texts('says') ?: $names,
                $entry->texts('except'),
                $entry->flag('with_you'),
                $entry->decimalOrNull('longer'),
            );
        }
        $allergens = [];
        foreach ($this->files->entries('allergens') as $id => $entry) {
            $entry->knowsOnly('name', 'known', 'in', 'except');
            $allergens[] = new Allergen($id, $entry->text('name'), $entry->texts('known'), $entry->texts('in'), $entry->texts('except'));
        }

        return new Cautions($rules, $allergens);
    }

    /** @throws BrokenContent */
    public function words(string $ruleId): CautionWords
    {
        $entry = $this->files->entry('cautions', $ruleId, $this->files->file('cautions')[$ruleId] ?? null);

        return new CautionWords($entry->text('short'), $entry->text('say'), $entry->text('why'), $entry->text('source'));
    }
}
