<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** A step that does not say of itself what a kind of question must know. */
final class MissingVariant extends \InvalidArgumentException
{
    private function __construct(public readonly string $stepId, public readonly string $name, string $message)
    {
        parent::__construct($message);
    }

    public static function of(string $stepId, string $name, string $wanted): self
    {
        return new self($stepId, $name, \sprintf('Step "%s" does not say "%s": %s.', $stepId, $name, $wanted));
    }
}
