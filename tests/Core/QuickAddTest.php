<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Thing\QuickAdd;
use Pindle\Core\Thing\UnreadableLine;

final class QuickAddTest extends TestCase
{
    /** @return iterable<array{string, string, int, list<float>|null}> */
    public static function lines(): iterable
    {
        yield ['12 corks 25mm', 'corks', 12, [25.0, 25.0, 25.0]];
        yield ['12 corks, 25 mm', 'corks', 12, [25.0, 25.0, 25.0]];
        yield ['30 bottle caps 13 x 25 x 25 mm', 'bottle caps', 30, [13.0, 25.0, 25.0]];
        yield ['8x spools 1,9 × 6 cm', 'spools', 8, [19.0, 60.0, 60.0]];
        yield ['mooring pins', 'mooring pins', 1, null];
        yield ['0 socks', 'socks', 0, null];
        yield ['24 number 7 tokens 4cm', 'number 7 tokens', 24, [40.0, 40.0, 40.0]];
    }

    /** @param list<float>|null $size */
    #[DataProvider('lines')]
    public function test_a_line_is_read(string $line, string $name, int $amount, ?array $size): void
    {
        $read = QuickAdd::parse($line);

        self::assertSame(
            [$name, $amount, $size],
            [$read->name, $read->amount, null === $read->size ? null : [$read->size->short, $read->size->middle, $read->size->long]],
        );
    }

    public function test_a_line_that_names_nothing_is_refused(): void
    {
        foreach (['', '12', '12 25mm', '10000 corks', '5 corks 9000 mm', '3 <b>x</b>', '---'] as $line) {
            try {
                QuickAdd::parse($line);
                self::fail('"'.$line.'" was read.');
            } catch (UnreadableLine $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }
}
