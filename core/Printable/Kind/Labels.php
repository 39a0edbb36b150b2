<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Printable\Variant;

/**
 * Small numerals for pots, stairs, pegs and price tags: as wide as the pot they go on. Or first, second, third for stairs; tens for bundles; words
 * for places.
 */
final class Labels
{
    private const WIDE = 38.0;
    private const LEAST = 24.0;
    private const MOST = 90.0;
    /** Of the side of a pot. */
    private const OF_SIDE = 0.8;
    private const WORDS_WIDE = 90.0;
    private const HIGH = 27.0;
    private const NUMERAL = 17.0;
    private const WORD = 7.0;
    /** A letter is about so wide for one of its height. */
    private const LETTER = 0.8;

    /** @throws InvalidSheet when words are wanted and there are none */
    public static function sheet(Order $order): Sheet
    {
        $wide = match (true) {
            Variant::Words === $order->variant, Variant::InOrder === $order->variant => self::WORDS_WIDE,
            null !== $order->thing?->size => max(self::LEAST, min(self::MOST, self::OF_SIDE * $order->side())),
            default => self::WIDE,
        };
        $labels = self::labels($order);
        $cells = [];
        for ($copy = 0; $copy < $order->copies; ++$copy) {
            foreach ($labels as $label) {
                $cells[] = static fn (float $x, float $y): array => self::label($order, $label, $x, $y, $wide);
            }
        }
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, $wide, self::HIGH, $cells), [Tool::Scissors], \count($cells));
    }

    /**
     * @return non-empty-list<int|string> numbers, or words
     *
     * @throws InvalidSheet
     */
    private static function labels(Order $order): array
    {
        return match ($order->variant) {
            Variant::Tens => array_map(static fn (int $ten): int => 10 * $ten, range(1, max(1, intdiv($order->reach, 10)))),
            Variant::Words => $order->words ?: throw InvalidSheet::noWords(),
            default => range(1, $order->reach),
        };
    }

    /** @return list<Mark> */
    private static function label(Order $order, int|string $label, float $x, float $y, float $wide): array
    {
        if (Variant::InOrder === $order->variant) {
            return [new Text($x, $y - self::WORD / 2, self::WORD, 'ordinal', ['n' => (int) $label], 'ink')];
        }
        if (\is_string($label)) {
            $high = min(self::WORD, 0.92 * $wide / (self::LETTER * max(1, mb_strlen($label))));

            return [new Text($x, $y - $high / 2, $high, 'own-words', ['words' => $label], 'ink')];
        }

        return NumeralCards::card($order, (string) $label, $x, $y, self::NUMERAL, $wide);
    }
}
