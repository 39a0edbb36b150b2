<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

use Dompdf\Dompdf;
use Dompdf\Options;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Text;

/**
 * Drawings as a PDF, each a page, true to the millimetre. What is drawn is SVG with a view box alone and its size in the style; words are text placed
 * over it, because the PDF's SVG knows no fonts.
 */
final readonly class Pdf
{
    /** Millimetres of a font's size for one of the height of its letters, about. */
    private const LETTER = 0.72;

    /** Half as wide as a page: text is set about its middle. */
    private const HALF = 60.0;

    /** @param array<string, string> $colours ink => colour */
    public function __construct(private array $colours, private string $cacheDir)
    {
    }

    /**
     * @param list<Drawing>                               $pages all of one size
     * @param callable(string, array<string, int|string>): string $say  the words of a message
     * @param float                                                  $by    1.0, or what a printer that shrinks wants
     */
    public function write(array $pages, callable $say, float $by = 1.0): string
    {
        $svg = new Svg($this->colours);
        $html = '';
        foreach ($pages as $i => $page) {
            [$wide, $high] = [$page->width, $page->height];
            $drawn = new Drawing($wide, $high, array_values(array_filter($page->marks, static fn (Mark $mark): bool => !$mark instanceof Text)), $page->alt);
            $html .= \sprintf(
                '<div class="page"%s><img style="left:0;top:0;width:%.2Fmm;height:%.2Fmm" src="data:image/svg+xml;base64,%s">',
                $i > 0 ? ' style="page-break-before:always"' : '',
                $wide * $by,
                $high * $by,
                base64_encode($svg->exact($drawn, $say)),
            );
            foreach ($page->marks as $mark) {
                $html .= $mark instanceof Text ? \sprintf(
                    '<p style="left:%.2Fmm;top:%.2Fmm;width:%.2Fmm;font-size:%.2Fmm">%s</p>',
                    ($mark->x - self::HALF) * $by,
                    ($mark->y - $mark->height * 0.2) * $by,
                    2 * self::HALF * $by,
                    $mark->height / self::LETTER * $by,
                    htmlspecialchars($say($mark->message, $mark->values), \ENT_QUOTES),
                ) : '';
            }
            $html .= '</div>';
        }
        $options = (new Options())->setIsRemoteEnabled(false)->setTempDir($this->cacheDir)->setFontCache($this->cacheDir)->setDefaultFont('DejaVu Sans');
        $dompdf = new Dompdf($options);
        $points = static fn (float $millimetres): float => $millimetres * 72 / 25.4;
        $dompdf->setPaper([0.0, 0.0, $points($pages[0]->width), $points($pages[0]->height)]);
        $dompdf->loadHtml(
            '<style>@page{margin:0}body{margin:0}.page{position:relative;width:100%;height:100%}img,p{position:absolute;margin:0}'
            .'p{text-align:center;line-height:1;white-space:nowrap}</style>'.$html,
        );
        $dompdf->render();

        return (string) $dompdf->output();
    }
}
