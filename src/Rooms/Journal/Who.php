<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Household\ChildEntity;
use Pindle\App\Household\Children;
use Pindle\App\Record\PhotographEntity;

/** The children a journal tells of, those included who are planned for no more. */
final readonly class Who
{
    public function __construct(private Children $children)
    {
    }

    /** @return list<WhoView> */
    public function all(): array
    {
        ['present' => $present, 'archived' => $archived] = $this->children->kept();
        $view = static fn (ChildEntity $child): WhoView => new WhoView($child->id, $child->name, $child->thread, null === $child->archivedAt);

        return array_map($view, [...$present, ...$archived]);
    }

    public static function photograph(PhotographEntity $photograph): PhotographView
    {
        return new PhotographView(
            $photograph->id,
            $photograph->day,
            $photograph->words,
            $photograph->childIds,
            $photograph->setUpId,
            '/api/journal/photographs/'.$photograph->id.'.jpg',
            $photograph->width,
            $photograph->height,
        );
    }
}
