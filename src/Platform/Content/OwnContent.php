<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Content;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\TableNotFoundException;

/** The family's own activities, in the same shape as the files in content/activities. */
final readonly class OwnContent
{
    /** What the id of every own activity begins with. */
    public const PREFIX = 'own-';

    public function __construct(private Connection $connection)
    {
    }

    /** @return array<string, array<array-key, mixed>> "activities/own-…" => its data */
    public function all(): array
    {
        try {
            /** @var array<string, string> $rows */
            $rows = $this->connection->fetchAllKeyValue('SELECT id, data FROM own_activity ORDER BY id');
        } catch (TableNotFoundException) {
            // A database that is only about to be made has no activities of its own yet.
            return [];
        }
        $all = [];
        foreach ($rows as $id => $data) {
            $read = json_decode($data, true, 32, \JSON_THROW_ON_ERROR);
            $all['activities/'.$id] = \is_array($read) ? $read : [];
        }

        return $all;
    }
}
