<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

/** Who may use a route. A route says it: `defaults: Who::TABLE`; one that says nothing is the parent's. */
enum Who: string
{
    case Parent = 'parent';
    case Table = 'table';
    case Public = 'public';

    public const TABLE = [self::ATTRIBUTE => 'table'];
    public const PUBLIC = [self::ATTRIBUTE => 'public'];

    private const ATTRIBUTE = '_who';

    /**
     * @param array<string, mixed> $defaults of a route, or what a request got from the one that was matched
     *
     * @throws \ValueError when it names nobody
     */
    public static function of(array $defaults): self
    {
        $said = $defaults[self::ATTRIBUTE] ?? self::Parent->value;

        return self::from(\is_string($said) ? $said : '');
    }

    /** What Symfony's security calls it. */
    public function role(): string
    {
        return 'ROLE_'.strtoupper($this->value);
    }
}
