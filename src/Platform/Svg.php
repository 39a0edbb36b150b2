<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Drawing\Text;

/** Writes a drawing of core as an SVG picture in millimetres, without styles, so that a screen and a sheet of paper show the same. */
final readonly class Svg
{
    /** Room around a drawing, in millimetres. */
    private const MARGIN = 6.0;

    /** Letters are so high for one unit of font size, about. */
    private const LETTER = 0.72;

    /** @param array<string, string> $colours ink => colour */
    public function __construct(private array $colours)
    {
    }

    /**
     * @param string|null                                            $alt what it says for those who hear it; null where words beside it say the same
     * @param callable(string, array<string, int|string>): string $say the words of a message
     * @param float $wide the least width in millimetres, about its middle, so that what is small is not blown up
     * @param float $high the least height
     *
     * @throws \OutOfBoundsException when an ink is not known
     */
    public function write(Drawing $drawing, ?string $alt, callable $say, float $wide = 0.0, float $high = 0.0): string
    {
        [$wide, $high] = [max($wide, $drawing->width + 2 * self::MARGIN), max($high, $drawing->height + 2 * self::MARGIN)];
        $marks = implode('', array_map(fn (Mark $mark): string => $this->mark($mark, $say), $drawing->marks));

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s %s %s %s" preserveAspectRatio="xMidYMid meet" %s>'
                .'<g stroke-linejoin="round" stroke-linecap="round" fill-rule="evenodd">%s</g></svg>',
            self::number(($drawing->width - $wide) / 2),
            self::number(($drawing->height - $high) / 2),
            self::number($wide),
            self::number($high),
            null === $alt ? 'aria-hidden="true"' : 'role="img" aria-label="'.self::escape($alt).'"',
            $marks,
        );
    }

    /**
     * A drawing with its own size and nothing around it, without words for those who hear it.
     *
     * @param callable(string, array<string, int|string>): string $say the words of a message
     * @param bool   $isTurned by a quarter, its right side up
     * @param string $more     attributes of the picture
     *
     * @throws \OutOfBoundsException when an ink is not known
     */
    public function exact(Drawing $drawing, callable $say, ?string $alt = null, bool $isTurned = false, string $more = ''): string
    {
        [$wide, $high] = $isTurned ? [$drawing->height, $drawing->width] : [$drawing->width, $drawing->height];

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %s %s"%s%s><g stroke-linejoin="round" stroke-linecap="round"%s>%s</g></svg>',
            self::number($wide),
            self::number($high),
            null === $alt ? '' : ' role="img" aria-label="'.self::escape($alt).'"',
            $more,
            $isTurned ? \sprintf(' transform="translate(0 %s) rotate(-90)"', self::number($drawing->width)) : '',
            implode('', array_map(fn (Mark $mark): string => $this->mark($mark, $say), $drawing->marks)),
        );
    }

    /** @param callable(string, array<string, int|string>): string $say */
    private function mark(Mark $mark, callable $say): string
    {
        return match (true) {
            $mark instanceof Path => \sprintf('<path d="%s"%s%s/>', self::escape($mark->d), self::place($mark), $this->paint($mark->paint)),
            $mark instanceof Box => \sprintf(
                '<rect x="%s" y="%s" width="%s" height="%s"%s%s/>',
                self::number($mark->x - $mark->width / 2),
                self::number($mark->y - $mark->height / 2),
                self::number($mark->width),
                self::number($mark->height),
                $mark->corner > 0.0 ? ' rx="'.self::number($mark->corner).'"' : '',
                $this->paint($mark->paint),
            ),
            $mark instanceof Oval => \sprintf(
                '<ellipse cx="%s" cy="%s" rx="%s" ry="%s"%s/>',
                self::number($mark->x),
                self::number($mark->y),
                self::number($mark->width / 2),
                self::number($mark->height / 2),
                $this->paint($mark->paint),
            ),
            $mark instanceof Line => \sprintf(
                '<line x1="%s" y1="%s" x2="%s" y2="%s"%s/>',
                self::number($mark->fromX),
                self::number($mark->fromY),
                self::number($mark->toX),
                self::number($mark->toY),
                $this->paint($mark->paint),
            ),
            $mark instanceof Text => \sprintf(
                '<text x="%s" y="%s" font-size="%s" font-weight="700" text-anchor="middle" fill="%s">%s</text>',
                self::number($mark->x),
                self::number($mark->y + $mark->height / 2),
                self::number($mark->height / self::LETTER),
                $this->colour($mark->ink),
                self::escape($say($mark->message, $mark->values)),
            ),
            default => throw new \LogicException(\sprintf('%s cannot be written as SVG.', $mark::class)),
        };
    }

    private static function place(Path $path): string
    {
        $transform = (0.0 === $path->x && 0.0 === $path->y ? '' : \sprintf('translate(%s %s)', self::number($path->x), self::number($path->y)))
            .(1.0 === $path->scale && !$path->flip ? '' : \sprintf(
                'scale(%s %s)',
                self::number($path->flip ? -$path->scale : $path->scale),
                self::number($path->scale),
            ))
            .(0.0 === $path->turn ? '' : \sprintf('rotate(%s)', self::number($path->turn)));

        return '' === $transform ? '' : ' transform="'.$transform.'"';
    }

    private function paint(Paint $paint): string
    {
        return ' fill="'.(null === $paint->fill ? 'none' : $this->colour($paint->fill)).'"'
            .(null === $paint->line ? '' : \sprintf(' stroke="%s" stroke-width="%s"', $this->colour($paint->line), self::number($paint->width)))
            .($paint->dashed ? \sprintf(
                ' stroke-dasharray="%s %s"',
                self::number(2.2 * max(1.0, $paint->width)),
                self::number(1.8 * max(1.0, $paint->width)),
            ) : '')
            .(1.0 === $paint->strength ? '' : ' opacity="'.self::number($paint->strength).'"');
    }

    private function colour(string $ink): string
    {
        return $this->colours[$ink] ?? throw new \OutOfBoundsException(\sprintf('There is no ink "%s".', $ink));
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(\sprintf('%.2F', $number), '0'), '.');
    }

    private static function escape(string $text): string
    {
        return htmlspecialchars($text, \ENT_XML1 | \ENT_QUOTES);
    }
}
