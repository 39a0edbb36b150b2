<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** A kind of question, or one of its questions, that there is not. */
final class UnknownQuestion extends \InvalidArgumentException
{
    public static function kind(string $id): self
    {
        return new self(\sprintf('"%s" is no kind of question.', substr($id, 0, 60)));
    }

    public static function ask(string $kind, string $ask): self
    {
        return new self(\sprintf('"%s" is not asked by %s.', substr($ask, 0, 60), Kind::idOf($kind)));
    }

    public static function nothing(string $kind, string $stepId): self
    {
        return new self(\sprintf('Nothing can be asked at "%s" by "%s".', $stepId, $kind));
    }

    public static function numbers(string $kind, string $name): self
    {
        return new self(\sprintf('A question by "%s" wants the number "%s".', $kind, $name));
    }
}
