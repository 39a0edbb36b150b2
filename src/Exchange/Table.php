<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping\ClassMetadata;
use Doctrine\ORM\Mapping\FieldMapping;
use Pindle\App\Platform\Database\Readable;

/** One table as it is taken away: its fields by the names the app gives them, each of one kind. */
final readonly class Table
{
    /** What Pindle writes as an id, and how long a column for one is. */
    private const ID = '^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$';
    private const ID_LENGTH = 36;

    /** No share, worth or measure that is kept comes near it. */
    private const MOST = 1_000_000;

    /** @param ClassMetadata<object> $class */
    public function __construct(private ClassMetadata $class)
    {
    }

    public function name(): string
    {
        return $this->class->getTableName();
    }

    /** @return array<string, string> field => column */
    public function columns(): array
    {
        $columns = [];
        foreach ($this->class->fieldMappings as $field => $mapping) {
            $columns[$field] = $mapping->columnName;
        }
        foreach ($this->class->associationMappings as $field => $mapping) {
            if ($mapping->isToOneOwningSide()) {
                $columns[$field.'Id'] = $mapping->joinColumns[0]->name;
            }
        }

        return $columns;
    }

    /** @return list<string> columns by which a row is told from others */
    public function key(): array
    {
        return array_values($this->class->getIdentifierColumnNames());
    }

    /** @return list<string> the same, as fields */
    public function keyFields(): array
    {
        return array_values($this->class->getIdentifierFieldNames());
    }

    /**
     * A row of the database as it stands in the file.
     *
     * @param array<string, mixed> $row column => value
     *
     * @return array<string, mixed> field => value
     */
    public function toFile(array $row): array
    {
        $written = [];
        foreach ($this->columns() as $field => $column) {
            $value = $row[$column];
            $written[$field] = null === $value ? null : match ($this->class->fieldMappings[$field]->type ?? Types::STRING) {
                Types::JSON => json_decode((string) $value, false, 512, \JSON_THROW_ON_ERROR),
                Types::INTEGER, Types::BIGINT => (int) $value,
                Types::FLOAT => (float) $value,
                Types::BOOLEAN => (bool) $value,
                default => (string) $value,
            };
        }

        return $written;
    }

    /**
     * What stands in a file as the database keeps it.
     *
     * @param array<string, mixed> $written field => value, as the schema has it
     *
     * @return array<string, int|string|null> column => value
     */
    public function toRow(array $written): array
    {
        $row = [];
        foreach ($this->columns() as $field => $column) {
            $value = $written[$field] ?? null;
            $row[$column] = match (true) {
                null === $value => null,
                // A number with a point is bound as a text: else its last digits are lost.
                Types::JSON === ($this->class->fieldMappings[$field]->type ?? null), \is_float($value) => json_encode(
                    $value,
                    \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION,
                ),
                \is_bool($value) => (int) $value,
                \is_int($value), \is_string($value) => $value,
                default => throw new \LogicException('The schema lets '.$field.' be something no column holds.'),
            };
        }

        return $row;
    }

    /**
     * Whether the app can make sense of it.
     *
     * @param array<string, mixed> $written field => value, as the schema has it
     *
     * @throws \Throwable when it cannot
     */
    public function mustRead(array $written): void
    {
        if (!is_a($this->class->getName(), Readable::class, true)) {
            return;
        }
        $entity = $this->class->newInstance();
        foreach ($this->class->fieldMappings as $field => $mapping) {
            $value = $written[$field] ?? null;
            $this->class->setFieldValue($entity, $field, match (true) {
                null === $value => null,
                Types::JSON === $mapping->type => json_decode(json_encode($value, \JSON_THROW_ON_ERROR), true, 512, \JSON_THROW_ON_ERROR),
                Types::DATETIME_IMMUTABLE === $mapping->type => new \DateTimeImmutable(\is_string($value) ? $value : ''),
                Types::FLOAT === $mapping->type && \is_int($value) => (float) $value,
                default => $value,
            });
        }
        \assert($entity instanceof Readable);
        $entity->mustRead();
    }

    /** @return array<string, mixed> what a row must be, as JSON Schema */
    public function schema(): array
    {
        $fields = [];
        foreach (array_keys($this->columns()) as $field) {
            $mapping = $this->class->fieldMappings[$field] ?? null;
            $fields[$field] = null === $mapping ? ['type' => 'string', 'pattern' => self::ID] : self::kind($mapping);
        }
        $later = Format::FIELDS_SINCE[$this->name()] ?? [];

        return [
            'type' => 'object',
            'properties' => $fields,
            'required' => array_values(array_diff(array_keys($fields), array_keys($later))),
            'additionalProperties' => false,
        ];
    }

    /** @return array<string, mixed> */
    private static function kind(FieldMapping $mapping): array
    {
        $isNull = true === $mapping->nullable;
        if (null !== $mapping->enumType) {
            /** @var class-string<\BackedEnum> $enum */
            $enum = $mapping->enumType;

            return ['enum' => [...array_map(static fn (\BackedEnum $case): int|string => $case->value, $enum::cases()), ...$isNull ? [null] : []]];
        }
        [$type, $more] = match ($mapping->type) {
            Types::JSON => [['object', 'array'], []],
            Types::INTEGER, Types::BIGINT => ['integer', ['minimum' => -9_007_199_254_740_991, 'maximum' => 9_007_199_254_740_991]],
            Types::FLOAT => ['number', ['minimum' => -self::MOST, 'maximum' => self::MOST]],
            Types::BOOLEAN => ['boolean', []],
            Types::DATETIME_IMMUTABLE => ['string', ['pattern' => '^\d{4}-\d{2}-\d{2} \d{2}:\d{2}:\d{2}$']],
            default => ['string', match (true) {
                self::isId($mapping) => ['pattern' => self::ID],
                default => ['maxLength' => $mapping->length ?? 100_000],
            }],
        };

        return ['type' => $isNull ? [...(array) $type, 'null'] : $type] + $more;
    }

    private static function isId(FieldMapping $mapping): bool
    {
        return self::ID_LENGTH === $mapping->length && 'file' !== $mapping->fieldName;
    }
}
