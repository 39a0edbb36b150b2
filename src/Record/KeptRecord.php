<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\LaterState;
use Pindle\Core\Evidence\Seen;

/** A record as it is kept in the database: what follows from all evidence up to a place in its order. */
final readonly class KeptRecord
{
    /**
     * @param array<string, LaterState>       $states those of the record, by step id
     * @param array<string, string>           $texts  the same as StateCodec writes them
     * @param array{int, string, string}|null $newest place of the last piece of evidence in it; null when there is none
     * @param int                             $since  pieces of evidence since the last checkpoint
     */
    public function __construct(
        public ChildRecord $record,
        public array $states,
        public array $texts,
        public ?array $newest,
        public int $since = 0,
    ) {
    }

    /** Whether a piece of evidence comes after all that is in it. */
    public function isBefore(Seen $seen): bool
    {
        return null === $this->newest || self::place($seen) > $this->newest;
    }

    /** @return array{int, string, string} the place of a piece of evidence in their order: instant in milliseconds, device, id */
    public static function place(Seen $seen): array
    {
        return [(int) $seen->at->format('Uv'), $seen->deviceId, $seen->id];
    }
}
