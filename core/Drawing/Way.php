<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** One stroke of a path as points close together, in millimetres, so that it can be walked along. */
final readonly class Way
{
    /** Pieces of one curve. */
    private const PIECES = 24;

    public float $length;

    /** @var list<float> how far it is to each point */
    private array $upTo;

    /** @param non-empty-list<array{float, float}> $points */
    private function __construct(public array $points)
    {
        $upTo = [0.0];
        for ($i = 1; $i < \count($points); ++$i) {
            $upTo[] = $upTo[$i - 1] + hypot($points[$i][0] - $points[$i - 1][0], $points[$i][1] - $points[$i - 1][1]);
        }
        $this->upTo = $upTo;
        $this->length = $upTo[\count($upTo) - 1];
    }

    /**
     * The strokes of a path that is neither turned nor flipped, made of M, L, H, V, C, S and z with places, not steps.
     *
     * @return list<self>
     *
     * @throws InvalidDrawing for a path of anything else
     */
    public static function of(Path $path): array
    {
        preg_match_all('/[A-Za-z]|-?(?:\d+\.?\d*|\.\d+)/', $path->d, $found);
        $tokens = $found[0];
        /** @var list<non-empty-list<array{float, float}>> $ways */
        $ways = [];
        /** @var list<array{float, float}> $points */
        $points = [];
        [$x, $y, $command, $second] = [0.0, 0.0, '', null];
        for ($i = 0; $i < \count($tokens);) {
            if (ctype_alpha($tokens[$i])) {
                $command = $tokens[$i++];
                if ('z' === $command || 'Z' === $command) {
                    $points[] = $points[0] ?? [$x, $y];
                    continue;
                }
            }
            $wants = ['M' => 2, 'L' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'S' => 4][$command] ?? throw InvalidDrawing::path($path->d);
            $numbers = array_map(floatval(...), \array_slice($tokens, $i, $wants));
            if (\count($numbers) < $wants) {
                throw InvalidDrawing::path($path->d);
            }
            $i += $wants;
            if ('M' === $command) {
                $ways = [] === $points ? $ways : [...$ways, $points];
                $points = [[$numbers[0], $numbers[1]]];
                $command = 'L';
            } elseif ('C' === $command || 'S' === $command) {
                // The first handle of a smooth curve is the second of the one before, seen from the other side.
                [$toX, $toY] = \array_slice($numbers, -2);
                [$oneX, $oneY] = 'C' === $command ? [$numbers[0], $numbers[1]] : [2 * $x - ($second[0] ?? $x), 2 * $y - ($second[1] ?? $y)];
                [$twoX, $twoY] = \array_slice($numbers, -4, 2);
                for ($piece = 1; $piece <= self::PIECES; ++$piece) {
                    $t = $piece / self::PIECES;
                    $points[] = [self::bezier($x, $oneX, $twoX, $toX, $t), self::bezier($y, $oneY, $twoY, $toY, $t)];
                }
                $second = [$twoX, $twoY];
                [$x, $y] = [$toX, $toY];
                continue;
            } else {
                $points[] = match ($command) {
                    'H' => [$numbers[0], $y],
                    'V' => [$x, $numbers[0]],
                    default => [$numbers[0], $numbers[1]],
                };
            }
            [$x, $y] = $points[\count($points) - 1];
            $second = null;
        }
        $all = [] === $points ? $ways : [...$ways, $points];

        return array_map(static fn (array $way): self => new self(array_map(
            static fn (array $at): array => self::placed($path, $at),
            $way,
        )), $all);
    }

    /**
     * @param array{float, float} $at in the path's own units
     *
     * @return array{float, float}
     */
    private static function placed(Path $path, array $at): array
    {
        return [$path->x + $path->scale * $at[0], $path->y + $path->scale * $at[1]];
    }

    /**
     * @param float $far millimetres from the start, 0 to the length
     *
     * @return array{float, float}
     */
    public function at(float $far): array
    {
        for ($i = 1; $i < \count($this->points) - 1 && $this->upTo[$i] < $far;) {
            ++$i;
        }
        if (!isset($this->points[$i])) {
            return $this->points[0];
        }
        [$from, $to] = [$this->points[$i - 1], $this->points[$i]];
        $part = ($far - $this->upTo[$i - 1]) / max(1e-9, $this->upTo[$i] - $this->upTo[$i - 1]);

        return [$from[0] + $part * ($to[0] - $from[0]), $from[1] + $part * ($to[1] - $from[1])];
    }

    /**
     * @param int $count 1 and up
     *
     * @return list<array{float, float}> so many places, evenly along it
     */
    public function places(int $count): array
    {
        return array_map(fn (int $nth): array => $this->at(($nth + 0.5) * $this->length / $count), range(0, $count - 1));
    }

    private static function bezier(float $a, float $b, float $c, float $d, float $t): float
    {
        $s = 1 - $t;

        return $s ** 3 * $a + 3 * $s ** 2 * $t * $b + 3 * $s * $t ** 2 * $c + $t ** 3 * $d;
    }
}
