<?php

declare(strict_types=1);

use Pindle\App\Content\InkFile;
use Pindle\Core\Advice\Walk;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Outcome;
use Pindle\Tests\Make;

/*
 * Writes what the web shares with content/: labels that both floors show (web/generated/words.ts) and the inks as CSS variables
 * (web/generated/inks.css). With --check it only says whether they have drifted.
 */

require_once dirname(__DIR__).'/vendor/autoload.php';

/** Groups of content/words/sentences.yaml whose words the screens show by themselves. */
const SHARED = [
    'marks', 'closing_marks', 'outcomes', 'methods', 'slips', 'forms_with', 'parts',
    'places', 'ways_in', 'stand_in_kinds', 'decision_names', 'thread_states', 'thing_shapes', 'abilities', 'occasions', 'fact_standings',
];

/** @return array<string, string> file below web/generated => its text */
function generated(): array
{
    $sentences = Make::files()->file('words/sentences');
    $words = "/** Made by tools/generate-web.php from content/words: labels that a screen shows without asking. */\n";
    foreach (SHARED as $group) {
        $lines = '';
        foreach ($sentences[$group] as $key => $text) {
            $name = preg_match('/^[a-z]+$/', (string) $key) ? $key : "'$key'";
            $lines .= sprintf("    %s: '%s',\n", $name, addcslashes((string) $text, "'\\"));
        }
        $words .= sprintf("\nexport const %s = {\n%s} as const;\n", lcfirst(str_replace('_', '', ucwords($group, '_'))), $lines);
    }
    $inks = "/* Made by tools/generate-web.php from content/inks.yaml. */\n@theme static {\n";
    foreach ((new InkFile(Make::files()))->colours() as $ink => $colour) {
        $inks .= "    --color-$ink: $colour;\n";
    }

    $walk = "/** Made by tools/generate-web.php from core/Advice/Walk.php: what the counters of a sitting go through, by event; and how help fades. */\n";
    $walk .= "export const walk: Record<string, [number, string[]]>[] = [\n";
    foreach (Walk::all()->rows as $row) {
        $walk .= "    {\n".lines($row, 3, 8)."    },\n";
    }
    $walk .= "];\n";
    $helps = [];
    foreach (Help::cases() as $help) {
        foreach (Outcome::cases() as $outcome) {
            $helps[$help->value][$outcome->value] = Ladder::helpAfter($help, $outcome)->value;
        }
    }
    $walk .= "export const helpAfter = {\n".lines($helps, 1, 4)."} as const;\n";

    return ['walk.ts' => $walk, 'words.ts' => $words, 'inks.css' => $inks."}\n"];
}

/**
 * The entries of an object as JSON, so many a line.
 *
 * @param array<string, mixed> $entries
 */
function lines(array $entries, int $aLine, int $indent): string
{
    $pairs = [];
    foreach ($entries as $key => $value) {
        $pairs[] = json_encode((string) $key, \JSON_THROW_ON_ERROR).':'.json_encode($value, \JSON_THROW_ON_ERROR).',';
    }

    return implode('', array_map(static fn (array $some): string => str_repeat(' ', $indent).implode(' ', $some)."\n", array_chunk($pairs, max(1, $aLine))));
}

if (__FILE__ === realpath($argv[0] ?? '')) {
    $folder = dirname(__DIR__).'/web/generated';
    foreach (generated() as $file => $text) {
        if ('--check' !== ($argv[1] ?? '')) {
            is_dir($folder) || mkdir($folder);
            file_put_contents("$folder/$file", $text);
        } elseif (!is_file("$folder/$file") || $text !== file_get_contents("$folder/$file")) {
            fwrite(\STDERR, "web/generated/$file is not what content says: run php tools/generate-web.php and commit it.\n");
            exit(1);
        }
    }
}
