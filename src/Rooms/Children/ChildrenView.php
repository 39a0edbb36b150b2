<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

/** Everyone who lives here, and who was archived. */
final readonly class ChildrenView
{
    /**
     * @param list<ChildView> $present
     * @param list<ChildView> $archived
     */
    public function __construct(public array $present, public array $archived)
    {
    }
}
