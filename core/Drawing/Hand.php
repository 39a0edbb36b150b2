<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** The glyphs there are and the outlines of numerals: what drawings are made of that is not a plain line. */
final readonly class Hand
{
    /** How high the outlines of numerals are in their own units, and the room between two. */
    private const HIGH = 16.0;
    private const BETWEEN = 3.5;
    private const PEN = 2.1;

    /** Inks for the other colours of a thing. */
    private const COLOURS = 3;
    /** The glyph of things that have no drawing of their own. */
    private const PLAIN = 'counter';

    /**
     * @param array<string, Glyph>                            $glyphs   by id
     * @param array<int|string, array{wide: float, path: string}> $numerals by character; figures are whole numbers as keys
     */
    public function __construct(private array $glyphs, private array $numerals)
    {
    }

    /** @throws InvalidDrawing when there is no such glyph */
    public function glyph(string $id): Glyph
    {
        return $this->glyphs[$id] ?? throw InvalidDrawing::glyph($id);
    }

    /**
     * A thing about a middle, its longer side so long in millimetres. One without a drawing of its own is known by its letter.
     *
     * @param bool $faint drawn as an outline
     * @param bool $lying with its longer side along the line
     * @param int  $colour which of its colours, from 0
     *
     * @return list<Mark>
     *
     * @throws InvalidDrawing when there is no such glyph
     */
    public function thing(string $glyph, string $name, float $x, float $y, float $long, bool $faint = false, bool $lying = false, int $colour = 0): array
    {
        $fill = 0 === $colour ? null : 'colour-'.(1 + ($colour - 1) % self::COLOURS);
        $marks = $this->glyph($glyph)->at($x, $y, $long, $faint, $lying, $fill);

        return self::PLAIN !== $glyph ? $marks : [
            ...$marks,
            new Text($x, $y, 0.45 * $long, 'letter', ['letter' => mb_strtoupper(mb_substr($name, 0, 1))], 'ink'),
        ];
    }

    /**
     * A numeral or a sign about a middle, so high in millimetres and at most so wide.
     *
     * @return list<Mark>
     *
     * @throws InvalidDrawing when a character has no outline
     */
    public function write(string $text, float $x, float $y, float $height, string $ink, float $most = \INF): array
    {
        return array_map(
            static fn (array $figure): Path => new Path($figure[0], new Paint(null, $ink, self::PEN), $figure[1], $figure[2], $figure[3]),
            $this->placed($text, $x, $y, $height, $most),
        );
    }

    /**
     * The same with another pen: its width is in millimetres.
     *
     * @return list<Path> one a figure
     *
     * @throws InvalidDrawing when a character has no outline
     */
    public function stroke(string $text, float $x, float $y, float $height, Paint $pen, float $most = \INF): array
    {
        return array_map(static fn (array $figure): Path => new Path(
            $figure[0],
            $pen->times(1 / $figure[3]),
            $figure[1],
            $figure[2],
            $figure[3],
        ), $this->placed($text, $x, $y, $height, $most));
    }

    /** @return list<array{string, float, float, float}> outline, place and scale of each figure */
    private function placed(string $text, float $x, float $y, float $height, float $most): array
    {
        $figures = array_map(fn (string $one): array => $this->numerals[$one] ?? throw InvalidDrawing::numeral($text), mb_str_split($text));
        $wide = array_sum(array_column($figures, 'wide')) + self::BETWEEN * max(0, \count($figures) - 1);
        $scale = min($height / self::HIGH, $most / max(1.0, $wide));
        $at = $x - $wide * $scale / 2;
        $placed = [];
        foreach ($figures as $figure) {
            $placed[] = [$figure['path'], $at, $y - self::HIGH * $scale / 2, $scale];
            $at += ($figure['wide'] + self::BETWEEN) * $scale;
        }

        return $placed;
    }
}
