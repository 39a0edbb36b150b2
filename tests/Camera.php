<?php

declare(strict_types=1);

namespace Pindle\Tests;

/** Makes photographs as a telephone would: with a place and a camera in them, and held in any way. */
final class Camera
{
    /** Red on the left, blue on the right, a green bar on top: which way it stands can be seen. */
    public static function take(int $width = 240, int $height = 160, int $orientation = 1, bool $withPlace = true): string
    {
        $picture = imagecreatetruecolor(max(1, $width), max(1, $height));
        \assert($picture instanceof \GdImage);
        imagefilledrectangle($picture, 0, 0, intdiv($width, 2), $height, (int) imagecolorallocate($picture, 220, 20, 20));
        imagefilledrectangle($picture, intdiv($width, 2), 0, $width, $height, (int) imagecolorallocate($picture, 20, 20, 220));
        imagefilledrectangle($picture, 0, 0, $width, intdiv($height, 4), (int) imagecolorallocate($picture, 20, 200, 20));
        ob_start();
        imagejpeg($picture, null, 90);
        $jpeg = (string) ob_get_clean();

        return $withPlace ? "\xFF\xD8".self::about($orientation).substr($jpeg, 2) : $jpeg;
    }

    /** The head of a picture that says it is so large, with nothing behind it. */
    public static function claiming(int $width, int $height): string
    {
        return "\xFF\xD8\xFF\xE0\x00\x10JFIF\x00\x01\x01\x00\x00\x01\x00\x01\x00\x00"
            ."\xFF\xC0\x00\x11\x08".pack('nn', $height, $width)."\x03\x01\x22\x00\x02\x11\x01\x03\x11\x01\xFF\xD9";
    }

    /** What a camera writes beside the picture: its maker, how it was held, and where it was. */
    private static function about(int $orientation): string
    {
        $maker = "Barge Optics\0";
        $place = "N\0\0\0";
        // Little-endian TIFF: one directory with maker, orientation and a pointer to the place; the place in a directory of its own.
        $gpsAt = 8 + 2 + 3 * 12 + 4;
        $makerAt = $gpsAt + 2 + 12 + 4;
        $tiff = 'II*'."\0".pack('V', 8).pack('v', 3)
            .pack('vvVV', 0x010F, 2, \strlen($maker), $makerAt)
            .pack('vvVvv', 0x0112, 3, 1, $orientation, 0)
            .pack('vvVV', 0x8825, 4, 1, $gpsAt)
            .pack('V', 0)
            .pack('v', 1).pack('vvV', 0x0001, 2, 2).$place.pack('V', 0)
            .$maker;
        $body = "Exif\0\0".$tiff;

        return "\xFF\xE1".pack('n', \strlen($body) + 2).$body;
    }
}
