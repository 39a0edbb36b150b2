<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

use Dompdf\Dompdf;
use FontLib\Font;
use FontLib\TrueType\File;

/** The face that paper is printed in, and what of a text it can write: only what it has letters for is ever set. */
final class Face
{
    public const NAME = 'Andika';
    private const FOLDER = '/usr/share/fonts/truetype/andika';

    /** @var array<int, true>|null code points it has */
    private ?array $letters = null;

    private readonly string $file;

    public function __construct(private readonly string $cacheDir)
    {
        $this->file = self::files()['normal'];
    }

    /** @return array{normal: string, bold: string} its files: Debian's, or where that package is missing the face that comes with the writer */
    public static function files(): array
    {
        $own = ['normal' => self::FOLDER.'/Andika-Regular.ttf', 'bold' => self::FOLDER.'/Andika-Bold.ttf'];
        $other = \dirname((string) (new \ReflectionClass(Dompdf::class))->getFileName(), 2).'/lib/fonts/DejaVuSans';

        return is_file($own['normal']) ? $own : ['normal' => $other.'.ttf', 'bold' => $other.'-Bold.ttf'];
    }

    /** What is set in print: marks that only steer are gone, letters of other alphabets are written in its own, and what is no letter is left out. */
    public function readable(string $text): string
    {
        $written = '';
        foreach (self::clusters($text) as $cluster) {
            $written .= $this->has($cluster) ? $cluster : $this->instead($cluster);
        }

        // What was left out leaves no gap before a colon or a full stop.
        return trim((string) preg_replace(['/\s+/u', '/ ([:,.;!?])/u'], [' ', '$1'], $written));
    }

    /** @return list<string> what a text has that the face has not, each once: itself and what it is called */
    public function lacking(string $text): array
    {
        $lacking = [];
        foreach (self::clusters($text) as $cluster) {
            if (!$this->has($cluster)) {
                $lacking[$cluster] = $cluster.' ('.mb_strtolower((string) \IntlChar::charName(mb_substr($cluster, 0, 1))).')';
            }
        }

        return array_values($lacking);
    }

    /** @return list<string> letters with what belongs to them, without what only steers */
    private static function clusters(string $text): array
    {
        // A joiner holds one picture together: it goes with it, not on its own.
        preg_match_all(
            '/\X/u',
            (string) preg_replace('/[\p{Cc}\x{202A}-\x{202E}\x{2066}-\x{2069}\x{200E}\x{200F}\x{061C}\x{200B}\x{FEFF}]/u', '', $text),
            $found,
        );

        return $found[0];
    }

    private function has(string $cluster): bool
    {
        foreach (mb_str_split($cluster) as $letter) {
            if (!isset($this->letters()[mb_ord($letter)])) {
                return false;
            }
        }

        return true;
    }

    private function instead(string $cluster): string
    {
        if (1 !== preg_match('/^\p{L}/u', $cluster)) {
            return '';
        }
        $latin = \Transliterator::create('Any-Latin')?->transliterate($cluster);

        return \is_string($latin) && $latin !== $cluster && $this->has($latin) ? $latin : '';
    }

    /** @return array<int, true> */
    private function letters(): array
    {
        if (null === $this->letters) {
            $kept = $this->cacheDir.'/face-'.filemtime($this->file).'.php';
            if (!is_file($kept)) {
                $font = Font::load($this->file);
                if (!$font instanceof File) {
                    throw new \LogicException('The face cannot be read.');
                }
                $font->parse();
                /** @var array<int, true> $letters */
                $letters = array_fill_keys(array_keys($font->getUnicodeCharMap() ?? []), true);
                $font->close();
                try {
                    WholeFile::put($kept, '<?php return '.var_export($letters, true).';');
                } catch (NotWritten) {
                    // Read anew the next time.
                }

                return $this->letters = $letters;
            }
            /** @var array<int, true> $letters */
            $letters = require $kept;
            $this->letters = $letters;
        }

        return $this->letters;
    }
}
