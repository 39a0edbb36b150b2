<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** The published schema of a household file, as docs/household.schema.json has it, and what it says of a piece of one. */
final class Schema
{
    public const FILE = 'docs/household.schema.json';
    private const ID = 'https://pindle.invalid/household.schema.json';

    private ?Validator $validator = null;

    public function __construct(private readonly Tables $tables, private readonly string $projectDir)
    {
    }

    /** The schema as it follows from what the app keeps. */
    public function json(): string
    {
        $rows = [];
        foreach (Format::all() as $name => $table) {
            $rows[$name] = $this->tables->named($table)->schema();
        }
        $small = array_map(static fn (string $name): array => ['type' => 'array', 'items' => ['$ref' => '#/$defs/'.$name]], array_keys(Format::SMALL));

        return json_encode([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => self::ID,
            'title' => Format::WHAT,
            'description' => 'household.json of the zip. Each line of a .jsonl file beside it is one of $defs: attempts.jsonl has lines of #/$defs/attempts.',
            'type' => 'object',
            'properties' => [
                'what' => ['const' => Format::WHAT],
                'format' => ['type' => 'integer', 'minimum' => Format::OLDEST, 'maximum' => Format::VERSION],
                'release' => ['type' => 'string', 'maxLength' => 20],
                'made' => ['type' => 'string', 'maxLength' => 40],
                'lines' => ['type' => 'object', 'additionalProperties' => ['type' => 'integer', 'minimum' => 0]],
            ] + array_combine(array_keys(Format::SMALL), $small),
            'required' => ['what', 'format', 'release', 'made', 'lines', ...array_values(array_diff(array_keys(Format::SMALL), array_keys(Format::SINCE)))],
            'additionalProperties' => false,
            '$defs' => $rows,
        ], \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE)."\n";
    }

    /**
     * What is wrong with household.json; null where nothing is.
     *
     * @return array{string, string}|null where, and why
     */
    public function troubleOfHead(\stdClass $head): ?array
    {
        return $this->trouble($head, self::ID);
    }

    /**
     * What is wrong with a row; null where nothing is.
     *
     * @return array{string, string}|null field, and why
     */
    public function troubleOfRow(string $name, \stdClass $row): ?array
    {
        return $this->trouble($row, self::ID.'#/$defs/'.$name);
    }

    /** @return array{string, string}|null */
    private function trouble(\stdClass $data, string $schema): ?array
    {
        $error = $this->validator()->validate($data, $schema)->error();
        if (null === $error) {
            return null;
        }
        while ([] !== $error->subErrors()) {
            $error = $error->subErrors()[0];
        }

        return [implode('.', array_map(strval(...), $error->data()->fullPath())), self::words($error)];
    }

    private static function words(ValidationError $error): string
    {
        $args = $error->args();
        $list = static fn (string $name): string => implode(', ', array_filter((array) ($args[$name] ?? []), is_string(...)));

        return match ($error->keyword()) {
            'required' => 'lacks '.$list('missing'),
            'additionalProperties' => 'has '.$list('properties').', which Pindle does not know',
            'type' => 'is of another kind than '.str_replace(', ', ' or ', $list('expected')),
            'maxLength' => \sprintf('is longer than %d letters', \is_int($args['max'] ?? null) ? $args['max'] : 0),
            'enum', 'const' => 'is none of what it may be',
            'minimum', 'maximum' => 'is a number that nothing here can be',
            default => 'is not as it should be',
        };
    }

    private function validator(): Validator
    {
        if (null === $this->validator) {
            $this->validator = new Validator(null, 1);
            $this->validator->resolver()?->registerRaw((string) file_get_contents($this->projectDir.'/'.self::FILE), self::ID);
        }

        return $this->validator;
    }
}
