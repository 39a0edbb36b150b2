<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** Tables for a spreadsheet, written row by row. What would be taken for a formula is made a text, so that nothing is worked out by opening it. */
final class Csv
{
    private const AT_A_TIME = 500;

    /**
     * @param list<string>                                      $columns names, with their units
     * @param iterable<list<int|float|string|bool|null>> $rows   in the same order
     */
    public static function response(string $name, array $columns, iterable $rows): StreamedResponse
    {
        return new StreamedResponse(static function () use ($columns, $rows): void {
            foreach (self::pieces($columns, $rows) as $piece) {
                echo $piece;
            }
        }, 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
        ]);
    }

    /**
     * @param list<string>                                      $columns
     * @param iterable<list<int|float|string|bool|null>> $rows
     *
     * @return \Generator<int, string> the file, a piece at a time
     */
    public static function pieces(array $columns, iterable $rows): \Generator
    {
        $encoder = new CsvEncoder([CsvEncoder::ESCAPE_FORMULAS_KEY => true, CsvEncoder::END_OF_LINE => "\r\n"]);
        // Told in the file itself that it is UTF-8: else a spreadsheet guesses.
        yield "\u{FEFF}".$encoder->encode([array_combine($columns, $columns)], CsvEncoder::FORMAT, [CsvEncoder::NO_HEADERS_KEY => true]);
        $some = [];
        foreach ($rows as $row) {
            $some[] = array_combine($columns, array_map(static fn (mixed $value): mixed => \is_bool($value) ? ($value ? 'yes' : 'no') : $value, $row));
            if (self::AT_A_TIME === \count($some)) {
                yield $encoder->encode($some, CsvEncoder::FORMAT, [CsvEncoder::NO_HEADERS_KEY => true]);
                $some = [];
            }
        }
        if ([] !== $some) {
            yield $encoder->encode($some, CsvEncoder::FORMAT, [CsvEncoder::NO_HEADERS_KEY => true]);
        }
    }
}
