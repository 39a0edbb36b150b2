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
 * over it, because the PDF's SVG knows no fonts. A lying page among upright ones is turned. Documents of words are written by the same hand.
 */
final readonly class Pdf
{
    /** Millimetres of a font's size for one of the height of its letters, about. */
    private const LETTER = 0.72;

    /** A line of text is so high for its size, and the writer sets the middle of its letters so far below the middle of the line (measured). */
    private const LINE = 1.24;
    private const BELOW = 0.78;

    /** Half as wide as a page: text is set about its middle. */
    private const HALF = 60.0;

    /** The face stands wide apart, line by line; in a document lines are this much closer. */
    private const CLOSE = 0.75;

    /** Letters of a document in points, from the largest on, until it fits one page; then without what can be missed. */
    private const SIZES = [12.0, 11.0, 10.0, 9.0, 8.0, 7.0];
    private const SIZES_SHORT = [8.0, 7.0, 6.0];

    private const STYLE = <<<'CSS'
        @page { margin: 0 }
        body { margin: 0; font-family: Andika }
        .page { position: relative; width: 100%; height: 100% }
        .page img, .page p { position: absolute; margin: 0 }
        .page p { text-align: center; line-height: 1.24; white-space: nowrap }
        .document { margin: 12mm; line-height: 1.25 }
        .short { margin: 10mm }
        .short .more { display: none }
        .document h1 { font-size: 1.5em; margin: 0 0 2mm }
        .document h2 { font-size: 1.15em; margin: 3mm 0 1mm }
        .short h2 { margin: 1.5mm 0 .5mm }
        .document p { margin: 0 0 1.2mm }
        .document ul { margin: 0 0 1.2mm; padding-left: 5mm }
        .document table { width: 100%; border-collapse: collapse }
        .document td, .document th { border-bottom: .2mm solid #888; padding: 1mm 2mm 1mm 0; text-align: left; vertical-align: top }
        .document .circles { white-space: nowrap; text-align: right; vertical-align: middle }
        .document .circles span {
            display: inline-block; width: 6mm; height: 6mm; border: .4mm solid #222; border-radius: 3mm; margin: .8mm 0 .8mm 1.5mm; vertical-align: middle
        }
        .pages { font-size: 11pt; line-height: 1.25 }
        .pages h1 { font-size: 1.6em; margin: 0 0 2mm }
        .pages h2 { font-size: 1.15em; margin: 5mm 0 1mm; page-break-after: avoid }
        .pages p { margin: 0 0 1.2mm }
        .pages .photographs { width: 100%; margin: 2mm 0 }
        .pages .photographs tr { page-break-inside: avoid }
        .pages .photographs td { width: 50%; padding: 0 3mm 3mm 0; vertical-align: top; font-size: .9em }
        .pages .wide { width: 84mm }
        .pages .tall { height: 84mm }
        .pages .soft, .document .soft { color: #555; font-size: .85em }
        CSS;

    /**
     * @param array<string, string> $colours  ink => colour
     * @param string|null           $pictures folder out of which a document may show photographs
     */
    public function __construct(private array $colours, private Face $face, private string $cacheDir, private ?string $pictures = null)
    {
    }

    /**
     * @param non-empty-list<Drawing>                               $pages of one paper
     * @param callable(string, array<string, int|string>): string $say  the words of a message
     * @param float                                                  $by    1.0, or what a printer that shrinks wants
     */
    public function write(array $pages, callable $say, float $by = 1.0): string
    {
        $svg = new Svg($this->colours);
        // All upright where any is; the others lie in them, turned.
        $isMixed = \count(array_unique(array_map(static fn (Drawing $page): bool => $page->width > $page->height, $pages))) > 1;
        $html = '';
        foreach ($pages as $i => $page) {
            $isTurned = $isMixed && $page->width > $page->height;
            $drawn = new Drawing(
                $page->width,
                $page->height,
                array_values(array_filter($page->marks, static fn (Mark $mark): bool => !$mark instanceof Text)),
                $page->alt,
            );
            [$wide, $high] = $isTurned ? [$page->height, $page->width] : [$page->width, $page->height];
            $html .= \sprintf(
                '<div class="page"%s><img style="left:0;top:0;width:%.2Fmm;height:%.2Fmm" src="data:image/svg+xml;base64,%s">',
                $i > 0 ? ' style="page-break-before:always"' : '',
                $wide * $by,
                $high * $by,
                base64_encode($svg->exact($drawn, $say, null, $isTurned)),
            );
            foreach ($page->marks as $mark) {
                $html .= $mark instanceof Text ? $this->text(
                    $mark,
                    $this->face->readable($say($mark->message, $mark->values)),
                    $isTurned ? $high : null,
                    $by,
                ) : '';
            }
            $html .= '</div>';
        }
        [$wide, $high] = $isMixed && $pages[0]->width > $pages[0]->height ? [$pages[0]->height, $pages[0]->width] : [$pages[0]->width, $pages[0]->height];

        return (string) $this->render($html, $wide, $high)->output();
    }

    /**
     * A document of words and photographs on as many pages as it takes.
     *
     * @param string $html with every text in it escaped
     * @param float  $wide of the paper in millimetres
     */
    public function pages(string $html, float $wide, float $high): string
    {
        $html = '<style>@page { margin: 14mm }</style><div class="pages">'.$this->allReadable($html).'</div>';

        return (string) $this->render($html, $wide, $high, self::CLOSE)->output();
    }

    /**
     * A document of words on one page, its letters as large as fits; where even the smallest do not, it goes on to another.
     *
     * @param string $html with every text in it escaped
     * @param float  $wide of the paper in millimetres
     */
    public function document(string $html, float $wide, float $high): string
    {
        $html = $this->allReadable($html);
        $tries = [
            ...array_map(static fn (float $size): array => ['document', $size], self::SIZES),
            ...array_map(static fn (float $size): array => ['document short', $size], self::SIZES_SHORT),
        ];
        foreach ($tries as [$class, $size]) {
            $written = $this->render(\sprintf('<div class="%s" style="font-size:%.1Fpt">%s</div>', $class, $size, $html), $wide, $high, self::CLOSE);
            if (1 === $written->getCanvas()->get_page_count()) {
                break;
            }
        }

        return (string) $written->output();
    }

    private function allReadable(string $html): string
    {
        return (string) preg_replace_callback('/>([^<]+)</', fn (array $text): string => '>'.$this->readable($text[1]).'<', $html);
    }

    /** A text between two tags, with the spaces at its ends. */
    private function readable(string $escaped): string
    {
        $words = $this->face->readable(htmlspecialchars_decode($escaped, \ENT_QUOTES));

        [$before, $after] = array_map(static fn (string $at): string => 1 === preg_match($at, $escaped) ? ' ' : '', ['/^\s/', '/\s$/']);

        return $before.htmlspecialchars($words, \ENT_QUOTES).$after;
    }

    /** @param float|null $high of the page it is turned in, in millimetres; null where it is not turned */
    private function text(Text $mark, string $words, ?float $high, float $by): string
    {
        $size = $mark->height / self::LETTER;
        $raised = self::BELOW * $size;
        // A quarter turn takes what was across to what is down; it is turned about its own middle.
        [$x, $y] = null === $high ? [$mark->x, $mark->y - $raised] : [$mark->y - $raised, $high - $mark->x];

        return \sprintf(
            '<p style="left:%.2Fmm;top:%.2Fmm;width:%.2Fmm;height:%.2Fmm;font-size:%.2Fmm%s">%s</p>',
            ($x - self::HALF) * $by,
            ($y - 0.5 * self::LINE * $size) * $by,
            2 * self::HALF * $by,
            self::LINE * $size * $by,
            $size * $by,
            null === $high ? '' : ';transform:rotate(-90deg)',
            htmlspecialchars($words, \ENT_QUOTES),
        );
    }

    private function render(string $html, float $wide, float $high, float $lines = 1.1): Dompdf
    {
        $scratch = Scratch::folder($this->cacheDir);
        $options = (new Options())->setIsRemoteEnabled(false)->setTempDir($scratch)->setFontDir($scratch)->setFontCache($scratch)
            ->setChroot(array_filter([\dirname(Face::files()['normal']), $scratch, $this->pictures]))
            ->setDefaultFont(Face::NAME)->setIsFontSubsettingEnabled(true)->setFontHeightRatio($lines);
        $dompdf = new Dompdf($options);
        foreach (Face::files() as $weight => $file) {
            $dompdf->getFontMetrics()->registerFont(['family' => Face::NAME, 'style' => 'normal', 'weight' => $weight], $file);
        }
        $points = static fn (float $millimetres): float => $millimetres * 72 / 25.4;
        $dompdf->setPaper([0.0, 0.0, $points($wide), $points($high)]);
        $dompdf->loadHtml('<meta charset="utf-8"><style>'.self::STYLE.'</style>'.$html);
        $dompdf->render();

        return $dompdf;
    }
}
