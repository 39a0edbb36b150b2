<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

/**
 * A photograph as it is kept: drawn anew point by point, so that nothing of the file that came in is left in it, neither place nor camera nor anything
 * that is no picture. It stands upright and its longer side is at most LONGEST points.
 */
final readonly class Photograph
{
    /** Points of the longer side. */
    public const LONGEST = 1600;
    public const SMALL = 400;

    /** Bytes of a file that comes in. */
    public const MOST_BYTES = 5 * 1_048_576;

    /** Points of a picture that is decoded at all: four bytes each while it is made smaller. */
    public const MOST_POINTS = 16_000_000;

    private const QUALITY = 82;

    /** Markers of JPEG (ITU-T T.81, table B.1): JFIF's own part, the last of those for applications, the beginning of the picture. */
    private const JFIF = 0xE0;
    private const LAST_APP = 0xEF;
    private const SCAN = 0xDA;

    private function __construct(public string $jpeg, public int $width, public int $height)
    {
    }

    /**
     * @param string $bytes of the file that came in
     *
     * @throws BadPhotograph when it is no JPEG, cannot be read, or is too large to be looked at
     */
    public static function of(string $bytes, int $longest = self::LONGEST): self
    {
        // Only the head is read here; nothing is decoded yet.
        $size = str_starts_with($bytes, "\xFF\xD8\xFF") ? self::quietly(static fn (): array|false => getimagesizefromstring($bytes)) : false;
        if (!\is_array($size) || \IMAGETYPE_JPEG !== $size[2] || $size[0] < 1 || $size[1] < 1) {
            throw BadPhotograph::notOne();
        }
        if ($size[0] * $size[1] > self::MOST_POINTS) {
            throw BadPhotograph::tooLarge($size[0], $size[1]);
        }
        $picture = self::quietly(static fn (): \GdImage|false => imagecreatefromstring($bytes));
        if (!$picture instanceof \GdImage) {
            throw BadPhotograph::notOne();
        }
        $picture = self::upright(self::smaller($picture, $longest), self::orientation($bytes));
        ob_start();
        imagejpeg($picture, null, self::QUALITY);

        return new self((string) ob_get_clean(), imagesx($picture), imagesy($picture));
    }

    /** Whether these bytes are a photograph as it is kept: small enough, whole, and with nothing beside the picture. */
    public static function isOurs(string $jpeg): bool
    {
        $size = self::quietly(static fn (): array|false => getimagesizefromstring($jpeg));
        if (!\is_array($size) || \IMAGETYPE_JPEG !== $size[2] || max($size[0], $size[1]) > self::LONGEST || \strlen($jpeg) > self::MOST_BYTES) {
            return false;
        }

        return self::hasPictureAlone($jpeg) && self::quietly(static fn (): \GdImage|false => imagecreatefromstring($jpeg)) instanceof \GdImage;
    }

    /** Whether no part of a JPEG is for cameras or anybody else, and nothing follows its end. */
    private static function hasPictureAlone(string $jpeg): bool
    {
        for ($at = 2; $at + 4 < \strlen($jpeg); $at += 2 + $length) {
            $marker = \ord($jpeg[$at + 1]);
            if ("\xFF" !== $jpeg[$at] || ($marker > self::JFIF && $marker <= self::LAST_APP)) {
                return false;
            }
            if (self::SCAN === $marker) {
                return strpos($jpeg, "\xFF\xD9", $at) === \strlen($jpeg) - 2;
            }
            $length = (int) (unpack('n', $jpeg, $at + 2)[1] ?? 0);
        }

        return false;
    }

    private static function smaller(\GdImage $picture, int $longest): \GdImage
    {
        [$width, $height] = [imagesx($picture), imagesy($picture)];
        $by = min(1.0, $longest / max($width, $height));
        if (1.0 === $by) {
            return $picture;
        }
        $made = imagescale($picture, max(1, (int) round($width * $by)), max(1, (int) round($height * $by)), \IMG_BILINEAR_FIXED);

        return false === $made ? throw BadPhotograph::notOne() : $made;
    }

    /** As the camera held it, 1 to 8; 1 where it does not say. */
    private static function orientation(string $bytes): int
    {
        $stream = fopen('php://memory', 'r+') ?: throw new \RuntimeException('No memory for a photograph.');
        fwrite($stream, $bytes);
        rewind($stream);
        $said = self::quietly(static fn (): array|false => exif_read_data($stream, 'IFD0'));
        fclose($stream);

        return \is_array($said) && \is_int($said['Orientation'] ?? null) ? $said['Orientation'] : 1;
    }

    /** Turned as it is to be seen; the numbers are those of EXIF. */
    private static function upright(\GdImage $picture, int $orientation): \GdImage
    {
        if (\in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($picture, 4 === $orientation ? \IMG_FLIP_VERTICAL : \IMG_FLIP_HORIZONTAL);
        }
        $turn = match ($orientation) {
            3 => 180,
            5, 8 => 90,
            6, 7 => 270,
            default => 0,
        };
        $turned = 0 === $turn ? $picture : imagerotate($picture, $turn, 0);

        return false === $turned ? throw BadPhotograph::notOne() : $turned;
    }

    /**
     * Damaged pictures are said by what comes back, not by warnings.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    private static function quietly(callable $work): mixed
    {
        set_error_handler(static fn (): bool => true);
        try {
            return $work();
        } finally {
            restore_error_handler();
        }
    }
}
