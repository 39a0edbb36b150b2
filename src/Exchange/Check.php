<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Photograph;
use Pindle\Core\Calendar\LocalDate;

/** Looks a household file through, line by line, before anything of it is written. */
final readonly class Check
{
    /** It is said how far it is every so many lines. */
    private const EVERY = 2000;

    /** A day may be planned so far ahead: to the end of the next week. */
    private const AHEAD_DAYS = 14;

    /** Where the day of a row stands, and how far ahead of today it may be. */
    private const DAYS = [
        'days' => ['date', self::AHEAD_DAYS],
        'setUps' => ['date', self::AHEAD_DAYS],
        'sittings' => ['date', self::AHEAD_DAYS],
        'attempts' => ['day', 0],
        'closings' => ['day', 0],
        'notes' => ['day', 0],
        'photographs' => ['day', 0],
    ];

    public function __construct(private Schema $schema, private Tables $tables, private Meaning $meaning, private Clock $clock)
    {
    }

    /**
     * @param callable(int, int, string): void $progress
     *
     * @throws NotImportable where something of it is wrong
     */
    public function file(string $file, callable $progress): Checked
    {
        $parcel = Parcel::open($file);
        $head = $parcel->head();
        if (Format::WHAT !== ($head->what ?? null)) {
            throw NotImportable::noHousehold();
        }
        $format = $head->format ?? null;
        if (\is_int($format) && $format > Format::VERSION) {
            throw NotImportable::newer($format);
        }
        $trouble = $this->schema->troubleOfHead($head);
        if (null !== $trouble) {
            throw NotImportable::at(Format::HEAD, null, ...$trouble);
        }
        \assert(\is_int($format) && $head->lines instanceof \stdClass);
        $small = $this->small($head, $format);
        $childIds = array_map(static fn (array $child): string => \is_string($child['id']) ? $child['id'] : '', $small['children']);
        $lines = $this->growing($parcel, $format, array_map(intval(...), (array) $head->lines), array_flip($childIds), $progress);

        return new Checked($parcel, $format, $small, $lines, $childIds);
    }

    /**
     * A row of an older file as it is now.
     *
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    public static function renewed(string $table, array $row, int $format): array
    {
        foreach (Format::FIELDS_SINCE[$table] ?? [] as $field => [$since, $instead]) {
            $row += $format < $since ? [$field => $instead] : [];
        }

        return $row;
    }

    /** @return array<string, list<array<string, mixed>>> */
    private function small(\stdClass $head, int $format): array
    {
        $small = [];
        foreach (Format::SMALL as $name => $table) {
            if (!isset($head->{$name}) && $format >= (Format::SINCE[$name] ?? Format::OLDEST)) {
                throw NotImportable::at(Format::HEAD, null, $name, 'is missing');
            }
            $small[$name] = [];
            foreach ((array) ($head->{$name} ?? []) as $i => $row) {
                $row = self::renewed($table, (array) $row, $format);
                $this->mustRead($name, $row, Format::HEAD, null, $name.'.'.$i);
                $small[$name][] = $row;
            }
            $this->mustBeOnce($name, $small[$name]);
        }

        return $small;
    }

    /**
     * @param array<string, int>                $wanted   name => lines it says there are
     * @param array<string, mixed>              $children by id
     * @param callable(int, int, string): void  $progress
     *
     * @return array<string, int> name => lines
     */
    private function growing(Parcel $parcel, int $format, array $wanted, array $children, callable $progress): array
    {
        $lines = $setUps = [];
        [$done, $all] = [0, array_sum($wanted)];
        foreach (Format::GROWING as $name => $table) {
            $file = Format::lines($name);
            if (!$parcel->has($file) && $format >= (Format::SINCE[$name] ?? Format::OLDEST)) {
                throw NotImportable::in($file, 'it is not there');
            }
            $ids = [];
            $count = 0;
            foreach ($parcel->lines($name) as $line => $object) {
                $trouble = $this->schema->troubleOfRow($name, $object);
                if (null !== $trouble) {
                    throw NotImportable::at($file, $line, ...$trouble);
                }
                $row = self::renewed($table, (array) $object, $format);
                $this->mustRead($name, $row, $file, $line, '');
                $key = self::text($row, $this->tables->named($table)->keyFields()[0]);
                if (isset($ids[$key])) {
                    throw NotImportable::at($file, $line, '', 'is there twice');
                }
                $ids[$key] = true;
                $this->mustBelong($name, $row, $file, $line, $children, $setUps);
                if ('setUps' === $name) {
                    $setUps[$key] = true;
                } elseif ('photographs' === $name) {
                    self::mustBePicture($parcel, $row);
                }
                ++$count;
                if (0 === ++$done % self::EVERY) {
                    $progress($done, $all, \sprintf('Looking through %s, line %d', $file, $line));
                }
            }
            if ($count !== ($wanted[$name] ?? 0)) {
                throw NotImportable::in($file, \sprintf('it has %d lines, and should have %d', $count, $wanted[$name] ?? 0));
            }
            $lines[$name] = $count;
        }

        return $lines;
    }

    /** @param array<string, mixed> $row */
    private function mustRead(string $name, array $row, string $file, ?int $line, string $field): void
    {
        try {
            $this->tables->named(Format::all()[$name])->mustRead($row);
        } catch (\Throwable) {
            throw NotImportable::at($file, $line, $field, 'makes no sense');
        }
        $trouble = $this->meaning->trouble($row);
        if (null !== $trouble) {
            throw NotImportable::at($file, $line, ltrim($field.'.'.$trouble[0], '.'), $trouble[1]);
        }
    }

    /**
     * @param array<string, mixed> $row
     * @param array<string, mixed> $children by id
     * @param array<string, true>  $setUps   by id
     */
    private function mustBelong(string $name, array $row, string $file, int $line, array $children, array $setUps): void
    {
        if (\array_key_exists('childId', $row) && !isset($children[self::text($row, 'childId')])) {
            throw NotImportable::at($file, $line, 'childId', 'is none of the children in the file');
        }
        if ('sittings' === $name && !isset($setUps[self::text($row, 'setUpId')])) {
            throw NotImportable::at($file, $line, 'setUpId', 'is none of the set-ups in the file');
        }
        [$field, $ahead] = self::DAYS[$name];
        if (LocalDate::parse(self::text($row, $field))->isAfter($this->clock->today()->plusDays($ahead))) {
            throw NotImportable::at($file, $line, $field, 'is a day that is still to come');
        }
    }

    /** @param list<array<string, mixed>> $rows */
    private function mustBeOnce(string $name, array $rows): void
    {
        $keys = $this->tables->named(Format::SMALL[$name])->keyFields();
        $ids = array_map(static fn (array $row): string => json_encode(array_map(static fn (string $key): mixed => $row[$key], $keys)) ?: '', $rows);
        if (\count($ids) !== \count(array_unique($ids))) {
            throw NotImportable::at(Format::HEAD, null, $name, 'has something twice');
        }
    }

    /** @param array<string, mixed> $row */
    private static function mustBePicture(Parcel $parcel, array $row): void
    {
        $name = self::text($row, 'file');
        $jpeg = $parcel->photograph($name);
        if (!Photograph::isOurs($jpeg) || \strlen($jpeg) !== $row['bytes']) {
            throw NotImportable::in(Format::PHOTOGRAPHS.$name.'.jpg', 'it is no photograph as Pindle keeps them');
        }
    }

    /** @param array<string, mixed> $row */
    private static function text(array $row, string $field): string
    {
        return \is_string($row[$field] ?? null) ? $row[$field] : '';
    }
}
