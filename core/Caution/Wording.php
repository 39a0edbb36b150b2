<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

/** Finds words as parents write them: in capitals, with accents, one or many. */
final class Wording
{
    /** Endings of many; the longer ones first. */
    private const MANY = ['ies' => 'y', 'ves' => 'f', 'sses' => 'ss', 'shes' => 'sh', 'ches' => 'ch', 'xes' => 'x', 'oes' => 'o', 's' => ''];

    /** Letters with a mark, as they are without. */
    private const PLAIN = [
        'á' => 'a', 'à' => 'a', 'â' => 'a', 'ä' => 'a', 'ã' => 'a', 'å' => 'a', 'æ' => 'ae', 'ç' => 'c', 'é' => 'e', 'è' => 'e', 'ê' => 'e', 'ë' => 'e',
        'í' => 'i', 'ì' => 'i', 'î' => 'i', 'ï' => 'i', 'ñ' => 'n', 'ó' => 'o', 'ò' => 'o', 'ô' => 'o', 'ö' => 'o', 'õ' => 'o', 'ø' => 'o', 'œ' => 'oe',
        'ú' => 'u', 'ù' => 'u', 'û' => 'u', 'ü' => 'u', 'ý' => 'y', 'ÿ' => 'y', 'ß' => 'ss', '’' => "'",
    ];

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
        $text = strtr(mb_strtolower($text), self::PLAIN);
        // A mark that stands by itself belongs to the letter before it.
        $text = (string) preg_replace('/\p{Mn}+/u', '', $text);
        preg_match_all("/[\p{L}\p{N}']+/u", $text, $found);

        return ' '.implode(' ', array_map(self::one(...), $found[0])).' ';
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
