<?php

declare(strict_types=1);

namespace Pindle\App\Demo;

/** A picture that stands for a photograph in the sample household: round things on a wooden table. */
final class DemoPicture
{
    private const WIDE = 1200;
    private const HIGH = 800;
    private const PLANK = 100;

    /**
     * @param string $how   row, rows, pairs or stairs
     * @param int    $count 1 to 12
     *
     * @return string a JPEG
     */
    public static function of(string $how, int $count): string
    {
        $picture = imagecreatetruecolor(self::WIDE, self::HIGH);
        if (false === $picture) {
            throw new \LogicException('No picture can be drawn.');
        }
        foreach (range(0, intdiv(self::HIGH, self::PLANK)) as $plank) {
            $wood = self::ink($picture, 186 + 9 * ($plank % 3), 150 + 8 * ($plank % 3), 104 + 6 * ($plank % 2));
            imagefilledrectangle($picture, 0, self::PLANK * $plank, self::WIDE, self::PLANK * ($plank + 1) - 3, $wood);
            imagefilledrectangle($picture, 0, self::PLANK * ($plank + 1) - 3, self::WIDE, self::PLANK * ($plank + 1), self::ink($picture, 120, 90, 56));
        }
        foreach (range(0, $count - 1) as $i) {
            [$x, $y, $size] = self::place($how, $i, $count);
            imagefilledellipse($picture, $x + 10, $y + 14, $size, $size, self::ink($picture, 120, 92, 60));
            imagefilledellipse($picture, $x, $y, $size, $size, self::ink($picture, 226 - 7 * ($i % 3), 190 - 5 * ($i % 4), 140));
            imageellipse($picture, $x, $y, $size, $size, self::ink($picture, 96, 68, 36));
            imagefilledellipse($picture, $x - intdiv($size, 6), $y - intdiv($size, 6), intdiv($size, 4), intdiv($size, 5), self::ink($picture, 240, 218, 178));
        }
        ob_start();
        imagejpeg($picture, null, 85);

        return (string) ob_get_clean();
    }

    /** @return array{int, int, int} middle and size */
    private static function place(string $how, int $i, int $count): array
    {
        return match ($how) {
            'rows' => [360 + 240 * ($i % 3), 200 + 200 * intdiv($i, 3), 130],
            'pairs' => [300 + 300 * intdiv($i, 2), 280 + 240 * ($i % 2), 170],
            'stairs' => [120 + intdiv(960, $count) * $i + 40, 480 - 6 * $i, 46 + 12 * $i],
            default => [140 + 180 * ($i % 5) + ($i >= 5 ? 60 : 0), 280 + 230 * intdiv($i, 5), 140],
        };
    }

    private static function ink(\GdImage $picture, int $red, int $green, int $blue): int
    {
        return (int) imagecolorallocate($picture, max(0, min(255, $red)), max(0, min(255, $green)), max(0, min(255, $blue)));
    }
}
