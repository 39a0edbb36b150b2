<?php

declare(strict_types=1);

namespace Pindle\Tests;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Child\Settings;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Glyph;
use Pindle\Core\Drawing\Hand;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Scene\Scenes;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Draws with a hand whose glyphs and numerals are their own names, so that a test can read a drawing. */
final class Drawn
{
    private const CHARACTERS = ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9', '+', '−', '=', '<', '>', '?'];

    /** @param list<Gear>|null $brought all where it is left out */
    public static function of(
        Picture $picture,
        Prompt $prompt,
        ?Form $form = Form::Things,
        ?Settings $settings = null,
        int $seed = 4,
        bool $varied = false,
        ?Thing $thing = null,
        ?Thing $other = null,
        ?array $brought = null,
        ?Thing $third = null,
        Help $help = Help::Bare,
    ): Drawing {
        $caps = Form::Things === $form ? Make::thing('caps', 30, [13, 25, 25], Shape::Disc) : null;
        $other ??= $thing ?? $caps ?? Make::thing('cross', 100, null);
        $thing ??= $caps ?? Make::thing('dot', 100, null);

        return Scenes::draw(
            $picture,
            $prompt,
            $form,
            [$thing, $other, ...null === $third ? [] : [$third]],
            $settings ?? new Settings(),
            $brought ?? Gear::cases(),
            self::hand(),
            new Randomizer(new Xoshiro256StarStar($seed)),
            $varied,
            $help,
        );
    }

    public static function hand(): Hand
    {
        $glyphs = [];
        foreach (['caps', 'blocks', 'beans', 'pegs', 'counter', 'dot', 'cross'] as $id) {
            $glyphs[$id] = new Glyph($id, [-10, -10, 20, 20], 'cap', 'cap-edge', $id, null);
        }

        $numerals = [];
        foreach (self::CHARACTERS as $one) {
            $numerals[(string) $one] = ['wide' => 10.0, 'path' => $one];
        }

        return new Hand($glyphs, $numerals);
    }

    /**
     * @param string|null $glyph    only of this kind
     * @param bool|null   $outlined only outlines, or only whole ones
     *
     * @return list<Path>
     */
    public static function things(Drawing $drawing, ?string $glyph = null, ?bool $outlined = null): array
    {
        return array_values(array_filter(
            $drawing->marks,
            static fn (object $mark): bool => $mark instanceof Path
                && 1 === preg_match('/^[a-z]+$/', $mark->d)
                && \in_array($glyph, [null, $mark->d], true)
                && \in_array(
                    $outlined,
                    [null, $mark->paint->dashed],
                    true,
                ),
        ));
    }

    /** @return list<string> what is on the cards, in order; a gap is empty */
    public static function cards(Drawing $drawing): array
    {
        $cards = [];
        $on = false;
        foreach ($drawing->marks as $mark) {
            $isCard = $mark instanceof Box && 5.0 === $mark->corner;
            $on = $isCard || ($on && $mark instanceof Path);
            if ($isCard) {
                $cards[] = '';
            } elseif ($on && $mark instanceof Path && \in_array($mark->d, self::CHARACTERS, true)) {
                $cards[] = array_pop($cards).$mark->d;
            }
        }

        return $cards;
    }

    /** @return string all numerals and signs in it, in order */
    public static function written(Drawing $drawing): string
    {
        return implode(
            '',
            array_map(
                static fn (Path $mark): string => $mark->d,
                array_filter($drawing->marks, static fn (object $mark): bool => $mark instanceof Path && \in_array($mark->d, self::CHARACTERS, true)),
            ),
        );
    }

    /**
     * @param string $fill ink
     *
     * @return list<Box>
     */
    public static function boxes(Drawing $drawing, ?string $fill): array
    {
        return array_values(array_filter($drawing->marks, static fn (object $mark): bool => $mark instanceof Box && $fill === $mark->paint->fill));
    }
}
