<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

/** Finds words as parents write them: in capitals, with accents, one or many. */
final class Wording
{
    /** Endings of many; the longer ones first. */
    private const MANY = ['ies' => 'y', 'ves' => 'f', 'sses' => 'ss', 'shes' => 'sh', 'ches' => 'ch', 'xes' => 'x', 'oes' => 'o', 's' => ''];

    private static ?\Transliterator $plain = null;

    /** @var array<string, string> text => as plain() has it: some hundreds of words are looked for in every thing */
    private static array $known = [];

    /** So many are kept before they are forgotten. */
    private const KEPT = 5_000;

    /**
     * Whether one of these words, or words in a row, is in a text.
     *
     * @param list<string> $words  one of each thing meant
     * @param list<string> $except words in a row in which it means something else: "rolling pin"
     */
    public static function has(string $text, array $words, array $except = []): bool
    {
        $text = self::plain($text);
        foreach ($except as $other) {
            $text = str_replace(self::plain($other), ' ', $text);
        }
        foreach ($words as $word) {
            if (str_contains($text, self::plain($word))) {
                return true;
            }
        }

        return false;
    }

    /** Every word as one of them, small and without marks, a space before and after each. */
    public static function plain(string $text): string
    {
        if (isset(self::$known[$text])) {
            return self::$known[$text];
        }
        self::$plain ??= \Transliterator::create('NFKD; [:Nonspacing Mark:] Remove; Latin-ASCII; Lower')
            ?? throw new \LogicException('This machine cannot read letters with marks.');
        // Bytes that are no letters spoil themselves only: what they stand beside is still read.
        preg_match_all("/[\p{L}\p{N}']+/u", (string) self::$plain->transliterate(mb_scrub($text)), $found);
        if (\count(self::$known) >= self::KEPT) {
            self::$known = [];
        }

        return self::$known[$text] = ' '.implode(' ', array_map(self::one(...), $found[0])).' ';
    }

    private static function one(string $word): string
    {
        foreach (self::MANY as $many => $one) {
            if (\strlen($word) > \strlen($many) + 1 && str_ends_with($word, $many) && !str_ends_with($word, 'ss')) {
                return substr($word, 0, -\strlen($many)).$one;
            }
        }

        return $word;
    }
}
