<?php

declare(strict_types=1);

namespace Pindle\App\Content;

use Pindle\Core\Child\Setting;

/** Reads schools.yaml: the questions on which good parents differ, with both views. */
final readonly class SchoolFile
{
    public function __construct(private ContentFiles $files)
    {
    }

    /** @throws BrokenContent when the question or one of its answers has no words */
    public function words(Setting $setting): SettingWords
    {
        $entry = $this->files->entry('schools', $setting->value, $this->files->file('schools')[$setting->value] ?? null);
        $answers = [];
        foreach ($setting->answers() as $answer) {
            $words = $entry->map('answers')[$answer] ?? null;
            if (!\is_array($words) || !\is_string($words[0] ?? null) || !\is_string($words[1] ?? null)) {
                throw $entry->wrong('answers.'.$answer, 'should be two texts');
            }
            $answers[$answer] = ['words' => $words[0], 'note' => $words[1]];
        }

        return new SettingWords($entry->text('question'), $entry->text('views'), $answers);
    }
}
