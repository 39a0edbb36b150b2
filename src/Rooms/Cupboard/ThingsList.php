<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

use Pindle\App\Platform\Http\Refusal;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/**
 * Reads a list of things out of a CSV file: a first line with the names of its columns, then a thing a line. Columns are told by their names, whatever their
 * order; a unit in brackets behind a name is passed over.
 */
final class ThingsList
{
    /** Lines of things, at most. */
    private const MOST = 500;

    /** What a column may be called => what it is. */
    private const COLUMNS = [
        'name' => 'name', 'thing' => 'name', 'amount' => 'amount', 'how many' => 'amount', 'longest side' => 'long', 'middle side' => 'middle',
        'shortest side' => 'short', 'shape' => 'shape', 'weight' => 'mass', 'colours' => 'colours', 'allergens' => 'allergens', 'kept at' => 'keptAt',
    ];

    /**
     * @return array<int, array<string, string>> line in the file => column => text; what is empty is left out
     *
     * @throws Refusal 422 when it is no such list
     */
    public static function read(string $csv): array
    {
        $bare = str_starts_with($csv, "\u{FEFF}") ? substr($csv, 3) : $csv;
        $lines = preg_split('/\R/', $bare) ?: [];
        foreach ($lines as $i => $line) {
            if (!mb_check_encoding($line, 'UTF-8') || str_contains($line, "\0")) {
                throw Refusal::invalid('line '.($i + 1), 'This is not written in UTF-8. Save the list as "CSV UTF-8" and choose it again.');
            }
        }
        $separator = substr_count($lines[0] ?? '', ';') > substr_count($lines[0] ?? '', ',') ? ';' : ',';
        $rows = (new CsvEncoder([CsvEncoder::DELIMITER_KEY => $separator, CsvEncoder::NO_HEADERS_KEY => true, CsvEncoder::AS_COLLECTION_KEY => true]))
            ->decode($bare, CsvEncoder::FORMAT);
        $columns = array_map(self::column(...), self::texts($rows[0] ?? []));
        if (!\in_array('name', $columns, true) || !\in_array('amount', $columns, true)) {
            throw Refusal::invalid('line 1', 'The first line names the columns: at least "name" and "amount" are wanted. This is a list of something else.');
        }
        if (\count($rows) - 1 > self::MOST) {
            throw Refusal::invalid('file', \sprintf('At most %d things at a time.', self::MOST));
        }
        $read = [];
        foreach (\array_slice($rows, 1, null, true) as $i => $row) {
            $cells = [];
            foreach (self::texts($row) as $at => $text) {
                if (null !== ($columns[$at] ?? null) && '' !== $text) {
                    $cells[$columns[$at]] = $text;
                }
            }
            if ([] !== $cells) {
                $read[(int) $i + 1] = $cells;
            }
        }

        return $read;
    }

    /** Whole numbers and such with a point or a comma; null for anything else. */
    public static function number(string $text): ?float
    {
        return 1 === preg_match('/^\d{1,6}([.,]\d{1,6})?$/', $text) ? (float) str_replace(',', '.', $text) : null;
    }

    private static function column(string $name): ?string
    {
        return self::COLUMNS[mb_strtolower(trim((string) preg_replace('/\(.*$/', '', $name)))] ?? null;
    }

    /** @return list<string> */
    private static function texts(mixed $row): array
    {
        return array_map(static function (mixed $cell): string {
            $text = trim(\is_scalar($cell) ? (string) $cell : '');

            // What was made a text so that no spreadsheet works it out.
            return 1 === preg_match("/^'[=+\-@]/", $text) ? substr($text, 1) : $text;
        }, array_values((array) $row));
    }
}
