<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Skill\Step;

/** A kind of question by the name that activities give it: "compare-signs" is Kind\CompareSigns. A class in that folder is all it takes. */
final readonly class Kind
{
    /**
     * @param class-string<Prompt>                        $class
     * @param array<string, non-empty-list<int|string>> $only  number or "ask" => what it may be
     * @param \Closure(Prompt): bool|null                 $where what else is asked of it
     */
    private function __construct(public string $id, private string $class, private array $only = [], private ?\Closure $where = null)
    {
    }

    /**
     * The same kind, asking only what an activity can carry.
     *
     * @param array<string, non-empty-list<int|string>> $only number of a prompt, or "ask" => what it may be; of others everything may be asked
     */
    public function only(array $only): self
    {
        return new self($this->id, $this->class, $only, $this->where);
    }

    /**
     * The same kind, asking only what may be asked of this child.
     *
     * @param \Closure(Prompt): bool $where
     */
    public function where(\Closure $where): self
    {
        return new self($this->id, $this->class, $this->only, $where);
    }

    /**
     * Whether anything of it can be asked at a step.
     *
     * @throws \Pindle\Core\Skill\MissingVariant
     */
    public function canAsk(Step $step): bool
    {
        if ([] === $this->only && null === $this->where) {
            return true;
        }
        foreach ($this->all($step) as $prompt) {
            if ($this->may($prompt)) {
                return true;
            }
        }

        return false;
    }

    /** @throws UnknownQuestion */
    public static function named(string $id): self
    {
        $class = __NAMESPACE__.'\Kind\\'.str_replace('-', '', ucwords($id, '-'));

        return 1 === preg_match('/^[a-z]+(-[a-z]+)*$/', $id) && is_subclass_of($class, Prompt::class)
            ? new self($id, $class)
            : throw UnknownQuestion::kind($id);
    }

    public static function of(Prompt $prompt): self
    {
        return new self(self::idOf($prompt::class), $prompt::class);
    }

    /** The name of a class in Kind/. */
    public static function idOf(string $class): string
    {
        return strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', '-', substr($class, (int) strrpos($class, '\\') + 1)));
    }

    /**
     * @return non-empty-list<Prompt> everything that can be asked at a step, in no particular order
     *
     * @throws UnknownQuestion                       when nothing can
     * @throws \Pindle\Core\Skill\MissingVariant when the step does not say what the kind must know of it
     */
    public function prompts(Step $step): array
    {
        $all = $this->all($step);
        if ([] !== $this->only || null !== $this->where) {
            $all = array_values(array_filter($all, $this->may(...)));
        }

        return [] === $all ? throw UnknownQuestion::nothing($this->id, $step->id) : $all;
    }

    /** How many questions there are at a step. */
    public function count(Step $step): int
    {
        return [] === $this->only && null === $this->where
            ? \count($this->all($step))
            : Once::count($this, $step, fn (): int => \count(array_filter($this->all($step), $this->may(...))));
    }

    /** @return list<Prompt> whatever an activity leaves out */
    private function all(Step $step): array
    {
        return Once::prompts($this->class, $step);
    }

    private function may(Prompt $prompt): bool
    {
        foreach ($this->only as $name => $allowed) {
            $is = 'ask' === $name ? $prompt->ask : ($prompt->numbers()[$name] ?? null);
            if (null !== $is && !\in_array($is instanceof \BackedEnum ? $is->value : $is, $allowed, true)) {
                return false;
            }
        }

        return null === $this->where || ($this->where)($prompt);
    }

    /** @return list<string> the names of its questions */
    public function asks(): array
    {
        return $this->class::ASKS;
    }

    /** @return list<Method> that can happen; at one step, where it is given */
    public function methods(?Step $step = null): array
    {
        return null === $step ? $this->class::METHODS : $this->class::methodsAt($step);
    }

    /** @return list<Slip> that can happen; at one step, where it is given */
    public function slips(?Step $step = null): array
    {
        return null === $step ? $this->class::SLIPS : $this->class::slipsAt($step);
    }

    /**
     * A prompt from its parts, as stored() gave them.
     *
     * @param array<string, mixed> $stored
     *
     * @throws UnknownQuestion when a number is missing or of the wrong kind
     */
    public function read(array $stored): Prompt
    {
        $given = [];
        foreach ((new \ReflectionMethod($this->class, '__construct'))->getParameters() as $parameter) {
            $name = $parameter->getName();
            $type = $parameter->getType();
            $value = $stored[$name] ?? null;
            $enum = $type instanceof \ReflectionNamedType && is_subclass_of($type->getName(), \BackedEnum::class) ? $type->getName() : null;
            if (null !== $enum && \is_string($value)) {
                $value = $enum::tryFrom($value);
            }
            $fits = match (true) {
                null === $value => $type?->allowsNull() ?? false,
                null !== $enum => $value instanceof $enum,
                $type instanceof \ReflectionNamedType && 'int' === $type->getName() => \is_int($value),
                default => \is_string($value),
            };
            $given[$name] = $fits ? $value : throw UnknownQuestion::numbers($this->id, $name);
        }

        return new $this->class(...$given);
    }

    /** @return array<string, int|string> the parts of a prompt, for keeping it */
    public static function stored(Prompt $prompt): array
    {
        /** @var array<string, int|string|\BackedEnum|null> $parts */
        $parts = get_object_vars($prompt);

        return ['ask' => $prompt->ask] + array_map(
            static fn (int|string|\BackedEnum $value): int|string => $value instanceof \BackedEnum ? $value->value : $value,
            array_filter($parts, static fn (mixed $value): bool => null !== $value),
        );
    }
}
