<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Thing\Thing;

/** A sheet that cannot be made as it was asked for. */
final class InvalidSheet extends \InvalidArgumentException
{
    /** @param array<string, int|string> $values for the sentence of the reason */
    private function __construct(string $message, public readonly string $field, public readonly string $reason, public readonly array $values)
    {
        parent::__construct($message);
    }

    public static function reach(int $reach, int $most): self
    {
        return new self(\sprintf('%d is beyond %d.', $reach, $most), 'reach', 'reach', ['reach' => $reach, 'most' => $most]);
    }

    public static function noThing(): self
    {
        return new self('A thing is wanted.', 'thingId', 'no-thing', []);
    }

    public static function noSize(Thing $thing): self
    {
        return new self(\sprintf('Nobody has measured %s.', $thing->name), 'thingId', 'no-size', ['things' => $thing->name]);
    }

    /** @param int $most in millimetres */
    public static function tooLong(Thing $thing, int $most): self
    {
        return new self(\sprintf('%s are longer than %d mm.', $thing->name, $most), 'thingId', 'too-long', ['things' => $thing->name, 'most' => $most]);
    }

    public static function copies(int $copies, int $most): self
    {
        return new self(\sprintf('%d copies are not between 1 and %d.', $copies, $most), 'copies', 'copies', ['copies' => $copies, 'most' => $most]);
    }

    public static function variant(Variant $variant): self
    {
        return new self(\sprintf('It is not drawn as "%s".', $variant->value), 'variant', 'variant', []);
    }

    /** All in millimetres. */
    public static function unit(float $unit, float $least, float $most): self
    {
        return new self(\sprintf('A step of %s mm.', $unit), 'unit', 'unit', ['least' => (int) $least, 'most' => (int) $most]);
    }

    /** @param int $most in millimetres */
    public static function unitTooLong(float $unit, int $most, bool $isSteps): self
    {
        return new self(\sprintf('%s mm are longer than the paper.', $unit), 'unit', $isSteps ? 'unit-too-long' : 'side-too-long', ['most' => $most]);
    }

    public static function words(int $most): self
    {
        return new self(\sprintf('More than %d labels.', $most), 'words', 'words', ['most' => $most]);
    }

    public static function noWords(): self
    {
        return new self('No words for a label.', 'words', 'no-words', []);
    }
}
