<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

use Pindle\App\Platform\Http\Refusal;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** The text of an own activity as data. It is read with care: a few lines of YAML can ask for gigabytes. */
final class OwnText
{
    public const DEPTH = 16;
    public const NODES = 2000;
    public const BYTES = 100_000;

    /** A value that begins with & names itself for use elsewhere, one with ! asks for a kind of its own. Quoted texts are left out before. */
    private const ANCHOR_OR_TAG = '/(?:^|[:\[{,?-])[ \t]+(?:-[ \t]+)*[&!][^\s,\]}]|^[&!][^\s]|[\[{,][&!][^\s,\]}]/m';

    /**
     * @return array<array-key, mixed>
     *
     * @throws Refusal 422 when it cannot be read, with the line where there is one
     */
    public static function parse(string $text): array
    {
        if (\strlen($text) > self::BYTES) {
            throw Refusal::invalid('text', 'That is too long for one activity.');
        }
        $bare = (string) preg_replace('/"(?:[^"\\\\]|\\\\.)*"/', '""', $text);
        if (1 === preg_match(self::ANCHOR_OR_TAG, $bare, $found, \PREG_OFFSET_CAPTURE)) {
            $line = substr_count($bare, "\n", 0, $found[0][1]) + 1;
            throw Refusal::invalid('text', \sprintf('Line %d: anchors (&) and tags (!) are not read here. Write it out, or put the text in quotes.', $line));
        }
        try {
            $data = Yaml::parse($text, Yaml::PARSE_EXCEPTION_ON_INVALID_TYPE);
        } catch (ParseException $e) {
            throw Refusal::invalid('text', \sprintf('Line %d can not be read: %s', max(1, $e->getParsedLine()), rtrim($e->getMessage(), '.').'.'));
        }
        $nodes = 0;
        self::mustBeModest($data, 0, $nodes);
        $data = \is_array($data) ? $data : [];
        foreach (['name', 'serves', 'words'] as $key) {
            if (!isset($data[$key])) {
                throw Refusal::invalid('text', \sprintf('This is no activity file of Pindle: "%s" is missing.', $key));
            }
        }
        if (preg_match('/[<>]/', \is_string($data['name']) ? $data['name'] : '<')) {
            throw Refusal::invalid('text', 'name: should be a text without < or >.');
        }

        return $data;
    }

    private static function mustBeModest(mixed $data, int $depth, int &$nodes): void
    {
        if (++$nodes > self::NODES || $depth > self::DEPTH) {
            throw Refusal::invalid('text', 'There is more in it than one activity can hold.');
        }
        if (\is_float($data) && !is_finite($data)) {
            throw Refusal::invalid('text', 'There is a number in it that is none.');
        }
        foreach (\is_array($data) ? $data : [] as $value) {
            self::mustBeModest($value, $depth + 1, $nodes);
        }
    }
}
