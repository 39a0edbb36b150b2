<?php

declare(strict_types=1);

namespace Pindle\Tests;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** A page as it leaves the printer, in greys, a byte a dot: by poppler's pdftoppm. */
final readonly class Raster
{
    /** At so many dots an inch ten of them are a millimetre. */
    public const FINE = 254;
    private const DOTS = 10;
    private const DARK = 140;

    private function __construct(public int $wide, public string $greys)
    {
    }

    /** @param int $page from 1 */
    public static function of(string $pdf, int $page = 1, int $dotsAnInch = self::FINE): self
    {
        $folder = sys_get_temp_dir().'/pindle-pdf-'.bin2hex(random_bytes(4));
        (new Filesystem())->dumpFile($folder.'/sheet.pdf', $pdf);
        (new Process([
            'pdftoppm', '-r', (string) $dotsAnInch, '-gray', '-f', (string) $page, '-l', (string) $page, '-singlefile', $folder.'/sheet.pdf', $folder.'/page',
        ]))->mustRun();
        $raw = (string) file_get_contents($folder.'/page.pgm');
        (new Filesystem())->remove($folder);
        if (1 !== preg_match('/^P5\s(\d+)\s(\d+)\s255\s/', $raw, $head)) {
            throw new \RuntimeException('No picture came of it.');
        }

        return new self((int) $head[1], substr($raw, \strlen($head[0])));
    }

    public static function pages(string $pdf): int
    {
        return (int) preg_match_all('~/Type /Page\b(?!s)~', $pdf);
    }

    /**
     * Where upright lines cross a row of dots, by their middles in millimetres. Of a fine one.
     *
     * @return list<float>
     */
    public function lines(float $row): array
    {
        $dots = substr($this->greys, (int) round($row * self::DOTS) * $this->wide, $this->wide);
        $found = [];
        $from = null;
        for ($x = 0; $x <= $this->wide; ++$x) {
            $isDark = $x < $this->wide && \ord($dots[$x]) < self::DARK;
            if ($isDark) {
                $from ??= $x;
            } elseif (null !== $from) {
                $found[] = ($from + $x) / 2 / self::DOTS;
                $from = null;
            }
        }

        return $found;
    }

    /** @return list<string> */
    public function rows(): array
    {
        return str_split($this->greys, max(1, $this->wide));
    }
}
