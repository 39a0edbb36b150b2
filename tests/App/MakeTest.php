<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** Sheets as they leave the printer: rastered at ten dots a millimetre and measured. */
final class MakeTest extends ApiTestCase
{
    /** Dots a millimetre at 254 dots an inch. */
    private const DOTS = 10;

    /** A sheet is true to so many millimetres. */
    private const TRUE = 0.2;

    public function test_the_list_says_which_activities_want_a_sheet_and_what_is_wanted_now(): void
    {
        $this->plannedHouse();
        $make = $this->ask('GET', '/make');
        $sheets = array_column($make['sheets'], null, 'kind');

        self::assertContains('Fetch me', $sheets['numeral-cards']['activities']);
        self::assertSame([true, false], [$sheets['frame']['isSized'], $sheets['numeral-cards']['isSized']]);
        self::assertNotSame([], $make['things']);
        $props = array_merge(...array_column($this->ask('GET', '/today')['setUps'], 'props'));
        self::assertSame(\in_array('numeral cards', $props, true), \in_array('numeral-cards', $make['wanted'], true));
    }

    public function test_a_frame_measures_what_the_thing_and_small_fingers_want(): void
    {
        $caps = $this->thing([25, 25, 4]);
        $picture = $this->page('/make/frame.pdf?reach=10&thingId='.$caps);

        // Down the middle of the second column, along the middle of the first row: the lines of the cells.
        $across = $this->lines($picture, row: 10 + 15.5);
        self::assertCount(6, $across);
        foreach (range(1, 5) as $i) {
            self::assertEqualsWithDelta(31.0, $across[$i] - $across[$i - 1], self::TRUE);
        }
        self::assertEqualsWithDelta(155.0, $across[5] - $across[0], self::TRUE);
    }

    public function test_the_bar_is_fifty_millimetres_and_a_printer_that_shrinks_is_answered(): void
    {
        // The foot of the page: ticks every ten millimetres.
        $ticks = $this->lines($this->page('/make/guess-table.pdf'), row: 297 - 10 - 3.2 - 1.0);
        self::assertEqualsWithDelta(50.0, $ticks[5] - $ticks[0], self::TRUE);
        $larger = $this->lines($this->page('/make/guess-table.pdf?bar=48'), row: (297 - 10 - 3.2 - 1.0) * 50 / 48);
        self::assertEqualsWithDelta(50.0 * 50 / 48, $larger[5] - $larger[0], self::TRUE);
    }

    public function test_the_face_of_a_die_and_a_circle_for_ten_caps(): void
    {
        $face = $this->lines($this->page('/make/dice-nets.pdf?reach=6'), row: 10 + 8 + 62);
        // The outermost lines are those of the two faces at the sides.
        self::assertEqualsWithDelta(120.0, $face[\count($face) - 1] - $face[0], self::TRUE, 'three faces of 40 mm');
        $caps = $this->thing([25, 25, 4]);
        $circle = $this->lines($this->page('/make/bond-mat.pdf?reach=10&thingId='.$caps), row: 10 + 53.4);
        self::assertEqualsWithDelta(106.8, $circle[1] - $circle[0], self::TRUE);
    }

    #[TestWith(['/make/frame?reach=10', 'thingId'])]
    #[TestWith(['/make/line?reach=1000', 'reach'])]
    #[TestWith(['/make/numeral-cards?copies=21', 'copies'])]
    #[TestWith(['/make/trail?bar=150', 'bar'])]
    public function test_what_cannot_be_printed_is_said_with_the_field(string $path, string $field): void
    {
        $this->refuse(422, $field, 'GET', $path);
    }

    public function test_a_thing_that_nobody_measured_or_that_is_too_long_is_said_by_name(): void
    {
        $stones = (string) $this->ask('POST', '/cupboard', ['name' => 'mooring stones', 'amount' => 20], 201)['id'];
        $said = $this->ask('GET', '/make/frame?thingId='.$stones, null, 422);
        self::assertStringContainsString('mooring stones', $said['errors'][0]['message']);
        $poles = (string) $this->ask('POST', '/cupboard', ['name' => 'poles', 'amount' => 20, 'size' => [900, 30, 30]], 201)['id'];
        self::assertStringContainsString('too long', $this->ask('GET', '/make/line?thingId='.$poles, null, 422)['errors'][0]['message']);
        $this->refuse(404, 'thingId', 'GET', '/make/frame?thingId=gone');
    }

    /** @param list<int> $size */
    private function thing(array $size): string
    {
        return (string) $this->ask('POST', '/cupboard', ['name' => 'caps '.implode(' ', $size), 'amount' => 40, 'size' => $size], 201)['id'];
    }

    /** @return array{int, string} how many dots wide the first page is, and its greys, a byte each */
    private function page(string $path): array
    {
        $folder = sys_get_temp_dir().'/pindle-pdf-'.bin2hex(random_bytes(4));
        (new Filesystem())->dumpFile($folder.'/sheet.pdf', $this->text($path));
        (new Process(['pdftoppm', '-r', '254', '-gray', '-f', '1', '-l', '1', '-singlefile', $folder.'/sheet.pdf', $folder.'/page']))->mustRun();
        $raw = (string) file_get_contents($folder.'/page.pgm');
        (new Filesystem())->remove($folder);
        if (1 !== preg_match('/^P5\s(\d+)\s(\d+)\s255\s/', $raw, $head)) {
            self::fail('No picture came of it.');
        }

        return [(int) $head[1], substr($raw, \strlen($head[0]))];
    }

    /**
     * Where upright lines cross a row of dots, by their middles in millimetres.
     *
     * @param array{int, string} $picture
     *
     * @return list<float>
     */
    private function lines(array $picture, float $row): array
    {
        [$wide, $greys] = $picture;
        $dots = substr($greys, (int) round($row * self::DOTS) * $wide, $wide);
        $found = [];
        $from = null;
        for ($x = 0; $x <= $wide; ++$x) {
            $isDark = $x < $wide && \ord($dots[$x]) < 140;
            if ($isDark) {
                $from ??= $x;
            } elseif (null !== $from) {
                $found[] = ($from + $x) / 2 / self::DOTS;
                $from = null;
            }
        }

        return $found;
    }
}
