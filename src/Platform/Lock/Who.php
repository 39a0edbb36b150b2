<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

/** Who may use a route. A route says it: `defaults: Who::TABLE`; one that says nothing is the parent's. */
enum Who: string
{
    case Parent = 'parent';
    case Table = 'table';
    case Anyone = 'anyone';

    public const TABLE = ['_who' => 'table'];
    public const ANYONE = ['_who' => 'anyone'];

    /** What Symfony's security calls it. */
    public function role(): string
    {
        return 'ROLE_'.strtoupper($this->value);
    }
}
