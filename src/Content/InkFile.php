<?php

declare(strict_types=1);

namespace Pindle\App\Content;

/** Reads inks.yaml: every colour there is, on screen and in print. */
final readonly class InkFile
{
    /** What is printed in black and white for each kind of ink. */
    private const PRINTS = ['white', 'light', 'half', 'dark', 'black'];

    public function __construct(private ContentFiles $files)
    {
    }

    /**
     * @return array<string, string> ink => its colour on screen, "#" and six figures
     *
     * @throws BrokenContent
     */
    public function colours(): array
    {
        $colours = [];
        foreach ($this->files->entries('inks') as $ink => $entry) {
            $entry->knowsOnly('colour', 'print');
            $colour = $entry->text('colour');
            if (1 !== preg_match('/^#[0-9a-f]{6}$/', $colour)) {
                throw $entry->wrong('colour', 'should be "#" and six figures');
            }
            if (!\in_array($entry->text('print'), self::PRINTS, true)) {
                throw $entry->wrong('print', 'should be one of '.implode(', ', self::PRINTS));
            }
            $colours[$ink] = $colour;
        }

        return $colours;
    }

    /** @throws BrokenContent */
    public function has(string $ink): bool
    {
        return isset($this->files->file('inks')[$ink]);
    }
}
