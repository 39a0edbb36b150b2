<?php

declare(strict_types=1);

use Pindle\Core\Question\Kind;
use Pindle\Tests\Make;

/*
 * What PHP cannot see of content/words: a message with a number before a plural word and no plural form of it ("{n} days" says "1 days"),
 * and a message that nothing says.
 */

require_once dirname(__DIR__).'/vendor/autoload.php';

/** Words on -s that are not many of anything. */
const NOT_MANY = 'is|was|has|does|as|this|its|plus|minus|equals|makes|goes|less|comes|stands|lies|gives|takes|needs|falls|counts|across';

/**
 * @param array<mixed> $messages
 *
 * @return iterable<string, string> where it stands => the message
 */
function messages(array $messages, string $at): iterable
{
    foreach ($messages as $key => $message) {
        if (is_array($message)) {
            yield from messages($message, "$at.$key");
        } else {
            yield "$at.$key" => (string) $message;
        }
    }
}

/** @return list<string> the numbers of a message that stand before a plural word as they are */
function numbersWithoutPlural(string $message): array
{
    // What lies inside a plural form has its own words for one and many.
    $outside = preg_replace('/\{\w+,\s*(?:plural|select)\b(?:[^{}]|\{(?:[^{}]|\{[^{}]*\})*\})*\}/', '', $message);
    preg_match_all(
        '/\{(\w+)\} (?!(?:'.NOT_MANY.')\b)(?:(?!(?:of|on|and|it|mm|ml|more|to|in|at|with|from|for|by|that|is|nothing)\b)[a-z]+ )?([a-z]+s)\b/',
        (string) $outside,
        $found,
    );

    return array_values(array_diff(
        $found[1],
        [
            'things', 'thing', 'others', 'child', 'name', 'what', 'answer', 'shape', 'property', 'one', 'other', 'ways', 'first',
            'second', 'sign', 'unit', 'pattern', 'rule',
        ],
    ));
}

/** @return array<string, true> every text in quotes of core, src and tools */
function said(): array
{
    $said = [];
    foreach (['core', 'src', 'tools'] as $floor) {
        foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__).'/'.$floor)), '/\.php$/') as $file) {
            foreach (PhpToken::tokenize((string) file_get_contents((string) $file)) as $token) {
                if (\T_CONSTANT_ENCAPSED_STRING === $token->id) {
                    $said[trim($token->text, '\'"')] = true;
                }
            }
        }
    }

    return $said;
}

/** @return array<string, string> group.key, both written out, that is said somewhere => where */
function saidOutright(): array
{
    $said = [];
    foreach (['core', 'src'] as $floor) {
        foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__).'/'.$floor)), '/\.php$/') as $file) {
            preg_match_all("/->say\\(\\s*'([a-z_-]+)',\\s*'([\\w-]+)'\\s*[,)]/", (string) file_get_contents((string) $file), $found, \PREG_SET_ORDER);
            foreach ($found as [, $group, $key]) {
                $said[$group.'.'.$key] = basename((string) $file);
            }
        }
    }

    return $said;
}

/** @return list<string> what is wrong */
function wrongWords(): array
{
    $sentences = Make::files()->file('words/sentences');
    $asks = Make::files()->file('words/asks');
    $wrong = [];
    foreach ([...messages($sentences, 'sentences'), ...messages($asks, 'asks')] as $where => $message) {
        foreach (numbersWithoutPlural($message) as $number) {
            $wrong[] = "content/words/$where: {{$number}} stands before a plural and has no plural form,"
                ." as in {{$number}, plural, one {# day} other {# days}}: \"$message\"";
        }
    }
    $said = said();
    foreach ($sentences as $group => $messages) {
        foreach (isset($said[$group]) ? array_keys((array) $messages) : [$group] as $key) {
            if (!isset($said[(string) $key])) {
                $wrong[] = "content/words/sentences.$group: nothing says \"$key\".";
            }
        }
    }
    foreach (saidOutright() as $said => $where) {
        [$group, $key] = explode('.', $said, 2);
        if (!isset($sentences[$group][$key])) {
            $wrong[] = "content/words/sentences: there is no \"$said\", which $where says.";
        }
    }
    $kinds = array_map(
        static fn (string $file): string => Kind::idOf('Kind\\'.basename($file, '.php')),
        glob(dirname(__DIR__).'/core/Question/Kind/*.php') ?: [],
    );
    $asked = array_merge(...array_map(static fn (string $id): array => Kind::named($id)->asks(), $kinds));
    foreach (array_diff(array_keys($asks), $asked) as $ask) {
        $wrong[] = "content/words/asks.$ask: no kind of question asks it.";
    }
    foreach (array_diff($asked, array_keys($asks)) as $ask) {
        $wrong[] = "content/words/asks: nothing is said for \"$ask\".";
    }

    return $wrong;
}

if (__FILE__ === realpath($argv[0] ?? '')) {
    $wrong = wrongWords();
    fwrite(\STDERR, implode("\n", $wrong).([] === $wrong ? '' : "\n"));
    exit([] === $wrong ? 0 : 1);
}
