<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

/** A request that can not be done, said so that the parent can put it right: the status, the field and a sentence. Nothing was stored. */
final class Refusal extends \RuntimeException
{
    private function __construct(public readonly int $status, public readonly ?string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function notFound(string $field, string $message): self
    {
        return new self(404, $field, $message);
    }

    public static function conflict(string $field, string $message): self
    {
        return new self(409, $field, $message);
    }

    public static function invalid(string $field, string $message): self
    {
        return new self(422, $field, $message);
    }

    public static function changedMeanwhile(): self
    {
        return self::conflict('version', 'This was changed on another device meanwhile. Look at it again; nothing of yours was stored.');
    }

    public static function of(int $status, ?string $field, string $message): self
    {
        return new self($status, $field, $message);
    }
}
