<?php

declare(strict_types=1);

namespace Pindle\App\Content;

/** One entry of a content file, read field by field; whatever is missing or of the wrong kind is said with file and field. */
final readonly class Entry
{
    /** @param array<array-key, mixed> $data */
    public function __construct(private string $file, private string $place, private array $data, private ?string $path = null)
    {
    }

    /**
     * An entry inside this one.
     *
     * @param array<array-key, mixed> $data
     */
    public function within(string $field, array $data): self
    {
        return new self($this->file, ltrim($this->place.'.'.$field, '.'), $data, $this->path);
    }

    /** @throws BrokenContent when there is a field besides these: what nobody reads is a mistake in writing */
    public function knowsOnly(string ...$fields): void
    {
        foreach (array_keys($this->data) as $field) {
            if (!\in_array((string) $field, $fields, true)) {
                throw $this->wrong((string) $field, 'is not known here');
            }
        }
    }

    public function text(string $field, ?string $default = null): string
    {
        $value = $this->data[$field] ?? $default;

        return \is_string($value) && '' !== trim($value) ? $value : throw $this->wrong($field, 'should be a text');
    }

    public function textOrNull(string $field): ?string
    {
        return isset($this->data[$field]) ? $this->text($field) : null;
    }

    public function number(string $field, int $least, int $most, ?int $default = null): int
    {
        $value = $this->data[$field] ?? $default;

        return \is_int($value) && $value >= $least && $value <= $most ? $value : throw $this->wrong(
            $field,
            \sprintf('should be a whole number from %d to %d', $least, $most),
        );
    }

    public function numberOrNull(string $field, int $least, int $most): ?int
    {
        return isset($this->data[$field]) ? $this->number($field, $least, $most) : null;
    }

    public function decimalOrNull(string $field): ?float
    {
        $value = $this->data[$field] ?? null;

        return null === $value || is_numeric($value) ? (null === $value ? null : (float) $value) : throw $this->wrong($field, 'should be a number');
    }

    public function flag(string $field): bool
    {
        $value = $this->data[$field] ?? false;

        return \is_bool($value) ? $value : throw $this->wrong($field, 'should be true or false');
    }

    /** @return list<string> */
    public function texts(string $field): array
    {
        $values = $this->data[$field] ?? [];
        if (!\is_array($values) || !array_is_list($values)) {
            throw $this->wrong($field, 'should be a list');
        }

        return array_map(fn (mixed $value): string => \is_string($value) ? $value : throw $this->wrong($field, 'should hold only texts'), $values);
    }

    /** @return array<string, string> */
    public function textMap(string $field): array
    {
        $map = [];
        foreach ($this->map($field) as $key => $value) {
            $map[$key] = \is_string($value) ? $value : throw $this->wrong($field.'.'.$key, 'should be a text');
        }

        return $map;
    }

    /** @return array<string, mixed> */
    public function map(string $field): array
    {
        $values = $this->data[$field] ?? [];
        if (!\is_array($values)) {
            throw $this->wrong($field, 'should be a map');
        }
        $map = [];
        foreach ($values as $key => $value) {
            $map[(string) $key] = $value;
        }

        return $map;
    }

    /** @return list<Entry> */
    public function entries(string $field): array
    {
        $entries = [];
        foreach ($this->map($field) as $key => $value) {
            $entries[] = $this->within($field.'.'.$key, \is_array($value) ? $value : throw $this->wrong($field.'.'.$key, 'should be an entry'));
        }

        return $entries;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function choice(string $field, string $enum, ?string $default = null): \BackedEnum
    {
        return $this->case($field, $this->text($field, $default), $enum);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<T>
     */
    public function choices(string $field, string $enum): array
    {
        return array_map(fn (string $value): \BackedEnum => $this->case($field, $value, $enum), $this->texts($field));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function case(string $field, string $value, string $enum): \BackedEnum
    {
        return $enum::tryFrom($value) ?? throw $this->wrong(
            $field,
            \sprintf('"%s" is none of %s', $value, implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases()))),
        );
    }

    /** @return array{float, float, float} */
    public function sides(string $field): array
    {
        $sides = $this->data[$field] ?? null;
        if (!\is_array($sides) || 3 !== \count($sides)) {
            throw $this->wrong($field, 'should be three sides in millimetres');
        }
        $numbers = array_map(
            fn (mixed $side): float => is_numeric($side) ? (float) $side : throw $this->wrong($field, 'should be three sides in millimetres'),
            array_values($sides),
        );

        return [$numbers[0], $numbers[1], $numbers[2]];
    }

    public function wrong(string $field, string $reason): BrokenContent
    {
        return BrokenContent::at($this->file.'.yaml', ltrim($this->place.'.'.$field, '.'), $reason.'.', null, $this->path);
    }
}
