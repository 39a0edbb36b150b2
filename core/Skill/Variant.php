<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** What a step says of itself for the kinds of question: how it counts, which shapes it knows. It is data of the skill and of its reach. */
final readonly class Variant
{
    /** @param array<string, int|string|bool|list<int|string>> $values */
    public function __construct(public string $stepId, private array $values = [])
    {
    }

    /** @throws MissingVariant */
    public function int(string $name): int
    {
        $value = $this->values[$name] ?? null;

        return \is_int($value) ? $value : throw MissingVariant::of($this->stepId, $name, 'a whole number');
    }

    /** True where it is said; what is not said is not so. */
    public function flag(string $name): bool
    {
        return true === ($this->values[$name] ?? false);
    }

    /** @throws MissingVariant when it is not said or none of these */
    public function oneOf(string $name, string ...$choices): string
    {
        $value = $this->values[$name] ?? null;

        return \is_string($value) && \in_array($value, $choices, true) ? $value : throw MissingVariant::of(
            $this->stepId,
            $name,
            'one of '.implode(', ', $choices),
        );
    }

    /**
     * @return non-empty-list<string>
     *
     * @throws MissingVariant
     */
    public function texts(string $name): array
    {
        $value = $this->values[$name] ?? null;
        $texts = \is_array($value) ? array_values(array_filter($value, is_string(...))) : [];

        return [] === $texts ? throw MissingVariant::of($this->stepId, $name, 'a list of texts') : $texts;
    }

    /**
     * @return non-empty-list<int>
     *
     * @throws MissingVariant
     */
    public function ints(string $name): array
    {
        $value = $this->values[$name] ?? null;
        $ints = \is_array($value) ? array_values(array_filter($value, is_int(...))) : [];

        return [] === $ints ? throw MissingVariant::of($this->stepId, $name, 'a list of whole numbers') : $ints;
    }
}
