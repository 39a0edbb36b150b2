<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\App\Platform\BadPhotograph;
use Pindle\App\Platform\Photograph;
use Pindle\Tests\Camera;

/** What comes in as a photograph, and what is left of it. */
final class PhotographTest extends TestCase
{
    public function test_nothing_of_the_camera_or_the_place_is_left(): void
    {
        $taken = Camera::take();
        self::assertStringContainsString('Barge Optics', $taken);
        self::assertArrayHasKey('GPSLatitudeRef', self::about($taken), 'the camera wrote where it was');

        $kept = Photograph::of($taken)->jpeg;
        self::assertStringStartsWith("\xFF\xD8\xFF", $kept);
        self::assertStringNotContainsString('Barge Optics', $kept);
        self::assertStringNotContainsString("Exif\0\0", $kept);
        self::assertSame([], array_intersect(['Make', 'Orientation', 'GPSLatitudeRef'], array_keys(self::about($kept))));
    }

    /** @return iterable<string, array{int, array<string, string>}> orientation => colours that are seen left and right of the middle, and at the top */
    public static function held(): iterable
    {
        // What the file holds: green along its top, red at its left, blue at its right.
        yield 'upright' => [1, ['top' => 'green', 'left' => 'red', 'right' => 'blue']];
        yield 'mirrored' => [2, ['top' => 'green', 'left' => 'blue', 'right' => 'red']];
        yield 'on its head' => [3, ['bottom' => 'green', 'left' => 'blue', 'right' => 'red']];
        yield 'on its head, mirrored' => [4, ['bottom' => 'green', 'left' => 'red', 'right' => 'blue']];
        yield 'across the corner' => [5, ['left' => 'green', 'top' => 'red', 'bottom' => 'blue']];
        yield 'a quarter turn' => [6, ['right' => 'green', 'top' => 'red', 'bottom' => 'blue']];
        yield 'across the other corner' => [7, ['right' => 'green', 'top' => 'blue', 'bottom' => 'red']];
        yield 'a quarter turn back' => [8, ['left' => 'green', 'top' => 'blue', 'bottom' => 'red']];
    }

    /** @param array<string, string> $seen */
    #[DataProvider('held')]
    public function test_however_the_telephone_was_held_it_stands_upright(int $orientation, array $seen): void
    {
        $kept = Photograph::of(Camera::take(240, 160, $orientation));
        self::assertSame($orientation < 5 ? [240, 160] : [160, 240], [$kept->width, $kept->height]);
        $picture = imagecreatefromstring($kept->jpeg);
        self::assertInstanceOf(\GdImage::class, $picture);
        [$w, $h] = [$kept->width, $kept->height];
        [$middle, $half] = [intdiv($w, 2), intdiv($h, 2)];
        $at = ['top' => [$middle - 5, 10], 'bottom' => [$middle - 5, $h - 10], 'left' => [10, $half - 5], 'right' => [$w - 10, $half - 5]];
        foreach ($seen as $where => $colour) {
            self::assertSame($colour, self::colour($picture, ...$at[$where]), $where);
        }
    }

    public function test_the_longer_side_is_1600_at_most(): void
    {
        $kept = Photograph::of(Camera::take(2000, 1000));
        self::assertSame([1600, 800], [$kept->width, $kept->height]);
        self::assertSame([1600, 900], \array_slice((array) getimagesizefromstring(Photograph::of(Camera::take(1600, 900))->jpeg), 0, 2));
    }

    public function test_what_is_no_photograph_is_refused_in_words(): void
    {
        $jpeg = Camera::take(80, 60);
        foreach ([
            'a script' => '<?php system("ls");',
            'a drawing with a script' => '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
            'a script behind three letters of a JPEG' => "\xFF\xD8\xFF<?php system('ls');",
            'another kind of picture' => "\x89PNG\r\n\x1a\n".str_repeat("\0", 40),
            'a web page' => '<html><body>',
            'half a head' => substr($jpeg, 0, 12),
            'nothing' => '',
        ] as $what => $bytes) {
            try {
                Photograph::of($bytes);
                self::fail($what);
            } catch (BadPhotograph $e) {
                self::assertStringContainsString('no photograph', $e->getMessage(), $what);
            }
        }
    }

    public function test_its_size_is_looked_at_before_it_is_decoded(): void
    {
        $before = memory_get_peak_usage();
        foreach ([[30_000, 30_000], [16_001, 1000]] as [$width, $height]) {
            try {
                Photograph::of(Camera::claiming($width, $height));
                self::fail("$width by $height");
            } catch (BadPhotograph $e) {
                self::assertStringContainsString((string) $width, $e->getMessage());
            }
        }
        self::assertLessThan(8_000_000, memory_get_peak_usage() - $before, 'nothing of it was decoded');
        self::assertSame(16_000_000, Photograph::MOST_POINTS);
    }

    public function test_what_is_hidden_behind_a_picture_is_not_kept(): void
    {
        $kept = Photograph::of(Camera::take(80, 60).'<?php system("ls");');
        self::assertStringNotContainsString('<?php', $kept->jpeg);
    }

    public function test_what_comes_with_a_household_must_be_a_picture_alone(): void
    {
        $ours = Photograph::of(Camera::take(80, 60))->jpeg;
        self::assertTrue(Photograph::isOurs($ours));
        self::assertTrue(Photograph::isOurs(Photograph::of(Camera::take(2000, 900))->jpeg));
        self::assertFalse(Photograph::isOurs(Camera::take(80, 60)), 'a place is in it');
        self::assertFalse(Photograph::isOurs($ours.'<?php'), 'something is behind it');
        self::assertFalse(Photograph::isOurs(Camera::take(1601, 20, 1, false)), 'it is larger than they are kept');
        self::assertFalse(Photograph::isOurs(substr($ours, 0, -2)), 'it has no end');
        self::assertFalse(Photograph::isOurs(Camera::claiming(80, 60)), 'there is no picture');
        self::assertFalse(Photograph::isOurs('<svg/>'));
        self::assertFalse(Photograph::isOurs(''));
    }

    /** @return array<string, mixed> */
    private static function about(string $jpeg): array
    {
        $stream = fopen('php://memory', 'r+');
        self::assertIsResource($stream);
        fwrite($stream, $jpeg);
        rewind($stream);

        return (array) @exif_read_data($stream);
    }

    private static function colour(\GdImage $picture, int $x, int $y): string
    {
        $at = imagecolorsforindex($picture, (int) imagecolorat($picture, $x, $y));

        return array_search(max($at['red'], $at['green'], $at['blue']), ['red' => $at['red'], 'green' => $at['green'], 'blue' => $at['blue']], true) ?: '';
    }
}
