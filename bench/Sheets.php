<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\App\Content\InkFile;
use Pindle\App\Platform\Face;
use Pindle\App\Platform\Pdf;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Printable\Columns;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Kind\DotCards;
use Pindle\Core\Printable\Kind\RingPair;
use Pindle\Core\Printable\Kind\Trail;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Page;
use Pindle\Core\Printable\Paper;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Printable\Variant;
use Pindle\Core\Thing\Size;
use Pindle\Core\Thing\Thing;
use Pindle\Tests\Make;
use Pindle\Tests\Raster;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Sheets as they are printed: what each takes, how large it is, how true it is. */
final readonly class Sheets
{
    private Pdf $pdf;

    public function __construct(string $folder)
    {
        $this->pdf = new Pdf((new InkFile(Make::files()))->colours(), new Face($folder), $folder);
    }

    /**
     * Every kind of sheet in every way it is drawn.
     *
     * @return iterable<string, array{milliseconds: float, megabytes: float, kilobytes: float, pages: int}>
     */
    public function all(): iterable
    {
        foreach (SheetKind::cases() as $kind) {
            foreach ($kind->variants() as $variant) {
                gc_collect_cycles();
                memory_reset_peak_usage();
                $began = hrtime(true);
                $pdf = $this->write($kind, Variant::Taking === $variant ? 6 : min(20, $kind->mostReach()), $variant, 25.0);
                yield $kind->value.' '.$variant->value => [
                    'milliseconds' => (hrtime(true) - $began) / 1e6,
                    'megabytes' => memory_get_peak_usage() / 1e6,
                    'kilobytes' => \strlen($pdf) / 1000,
                    'pages' => Raster::pages($pdf),
                ];
            }
        }
    }

    /** @return list<array{string, float, float}> what was measured, how long it should be and how long it is on paper, in millimetres */
    public function sizes(): array
    {
        $frame = Raster::of($this->write(SheetKind::Frame, 10, null, 25.0))->lines(18.0);
        $joined = Raster::of($this->write(SheetKind::Frame, 10, null, 70.0))->lines(30.0);
        $line = Raster::of($this->write(SheetKind::Line, 20, null, 25.0));
        [$before, $after] = [$line->lines(33.7), $line->lines(79.7)];
        $die = Raster::of($this->write(SheetKind::DiceNets, 6, null, 25.0))->lines(80.0);
        $circle = Raster::of($this->write(SheetKind::BondMat, 10, null, 25.0))->lines(63.4);
        $square = Raster::of($this->write(SheetKind::HundredSquare, 100, Variant::Plain, 25.0))->lines(15.0);
        $chart = Raster::of($this->write(SheetKind::PileChart, 10, null, 25.0))->lines(12.0);
        $bar = Raster::of($this->write(SheetKind::GuessTable, 10, null, 25.0))->lines(282.8);
        $turned = Raster::of($this->pdf->write([
            $this->drawings(SheetKind::GuessTable, 10, null, 25.0)[0],
            $this->drawings(SheetKind::Frame, 10, null, 40.0)[0],
        ], self::say(...)), 2)->lines(100.0);

        return [
            ['cell of a frame for caps of 25 mm', 31.0, $frame[1] - $frame[0]],
            ['that frame', 155.0, $frame[5] - $frame[0]],
            ['cell of a frame for lids of 70 mm, over two pages', 76.0, $joined[1] - $joined[0]],
            ['step of a line, before the joint', 25.0, $before[10] - $before[9]],
            ['step of a line, after the joint', 25.0, $after[1] - $after[0]],
            ['ten steps of it', 250.0, $after[10] - $after[0]],
            ['three faces of a die', 120.0, $die[\count($die) - 1] - $die[0]],
            ['circle for ten caps of 25 mm', 106.8, $circle[1] - $circle[0]],
            ['cell of a hundred square', 19.0, $square[1] - $square[0]],
            ['column of a chart for caps', 25.0, $chart[\count($chart) - 1] - $chart[\count($chart) - 2]],
            ['cell of a frame on a turned page', 46.0, $turned[1] - $turned[0]],
            ['the bar', 50.0, $bar[5] - $bar[0]],
        ];
    }

    /** @return array<string, int> what must never be => how often it was, of so many seeds */
    public function never(int $seeds): array
    {
        $found = ['trail cuts itself' => 0, 'dots touch' => 0, 'another pair makes it, or none' => 0, 'a number opposite itself' => 0];
        $format = new Format(Paper::A4);
        for ($seed = 1; $seed <= $seeds; ++$seed) {
            $random = new Randomizer(new Xoshiro256StarStar($seed));
            $found['trail cuts itself'] += self::cuts(Trail::way($format, 20, $seed)) ? 1 : 0;
            $found['dots touch'] += self::touch(DotCards::scattered(1 + $seed % 12, $seed)) ? 1 : 0;
            $n = 1 + $seed % 20;
            $found['another pair makes it, or none'] += 1 === self::pairs(RingPair::numbers($n, $random), $n) ? 0 : 1;
            $columns = Columns::of(range(1, 3 + $seed % 3), 3, $random);
            foreach ($columns[0] as $i => $_) {
                $found['a number opposite itself'] += \count(array_unique(array_column($columns, $i))) < 3 ? 1 : 0;
            }
        }

        return $found;
    }

    /** @param list<array{float, float}> $way */
    private static function cuts(array $way): bool
    {
        for ($i = 0; $i < \count($way) - 1; ++$i) {
            for ($j = $i + 2; $j < \count($way) - 1; ++$j) {
                if (Trail::cross($way[$i], $way[$i + 1], $way[$j], $way[$j + 1])) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param list<array{float, float}> $places */
    private static function touch(array $places): bool
    {
        foreach ($places as $i => $one) {
            foreach (\array_slice($places, $i + 1) as $other) {
                if (hypot($one[0] - $other[0], $one[1] - $other[1]) <= DotCards::DOT) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param list<int> $numbers */
    private static function pairs(array $numbers, int $n): int
    {
        $pairs = 0;
        foreach ($numbers as $i => $one) {
            $pairs += \count(array_keys(\array_slice($numbers, $i + 1), $n - $one, true));
        }

        return $pairs;
    }

    private function write(SheetKind $kind, int $reach, ?Variant $variant, float $side): string
    {
        return $this->pdf->write($this->drawings($kind, $reach, $variant, $side), self::say(...));
    }

    /** @return non-empty-list<Drawing> */
    private function drawings(SheetKind $kind, int $reach, ?Variant $variant, float $side): array
    {
        $caps = new Thing('caps', 'caps', 'cap', 40, Size::of($side, $side, 4.0), glyph: 'cap');
        $sheet = Sheet::of(new Order($kind, Make::glyphs()->hand(), $reach, $caps, variant: $variant, words: ['Blue tin, second shelf']));

        return array_map(static fn (Page $page): Drawing => $page->drawing, $sheet->pages) ?: throw new \LogicException('A sheet has a page.');
    }

    /** @param array<string, int|string> $values */
    private static function say(string $message, array $values): string
    {
        $words = Make::words();
        $named = isset($values['sheet']) ? ['sheet' => $words->say('sheet_names', (string) $values['sheet'])] : [];

        return $words->say('sheets', $message, $named + $values);
    }
}
