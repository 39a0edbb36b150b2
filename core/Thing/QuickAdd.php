<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/** A thing written in one line: "12 corks 25mm", "30 bottle caps, 25 x 25 x 13 mm", "two dozen"-style words not included. */
final readonly class QuickAdd
{
    private const MOST = 1000;

    private function __construct(public string $name, public int $amount, public ?Size $size)
    {
    }

    /**
     * The amount stands first or is one; a size is one to three numbers followed by mm or cm, with x, × or * between.
     *
     * @throws UnreadableLine when there is no name, the amount is out of 0 to 1000, or a size is out of range
     */
    public static function parse(string $line): self
    {
        $rest = trim((string) preg_replace('/\s+/', ' ', $line));
        $size = null;
        if (preg_match('/[,;]?\s*(\d+(?:[.,]\d+)?)(?:\s*[x×*]\s*(\d+(?:[.,]\d+)?))?(?:\s*[x×*]\s*(\d+(?:[.,]\d+)?))?\s*(mm|cm)\b/iu', $rest, $found)) {
            $factor = 'cm' === strtolower($found[4]) ? 10.0 : 1.0;
            $sides = array_map(
                static fn (string $side): float => $factor * (float) str_replace(',', '.', $side),
                array_values(array_filter(\array_slice($found, 1, 3), static fn (string $side): bool => '' !== $side)),
            );
            try {
                $size = Size::of($sides[0] ?? 0.0, $sides[1] ?? $sides[0] ?? 0.0, $sides[2] ?? $sides[1] ?? $sides[0] ?? 0.0);
            } catch (InvalidSize $e) {
                throw UnreadableLine::size($e);
            }
            $rest = trim(str_replace($found[0], ' ', $rest));
        }
        $amount = 1;
        if (preg_match('/^(\d+)\s*(?:x|×)?\s+/iu', $rest.' ', $found)) {
            if (\strlen($found[1]) > 4 || (int) $found[1] > self::MOST) {
                throw UnreadableLine::amount($found[1]);
            }
            $amount = (int) $found[1];
            $rest = trim(substr($rest.' ', \strlen($found[0])));
        }
        $name = trim($rest, " ,;.\t");
        if ('' === $name || mb_strlen($name) > 60 || preg_match('/[<>\x00-\x1f]/', $name) || !preg_match('/\p{L}/u', $name)) {
            throw UnreadableLine::name();
        }

        return new self($name, $amount, $size);
    }
}
