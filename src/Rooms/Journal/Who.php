<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Household\ChildEntity;
use Pindle\App\Household\Children;
use Pindle\App\Platform\Http\Refusal;
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

    /** @throws Refusal 404 when there is no such child */
    public function one(string $childId): WhoView
    {
        foreach ($this->all() as $who) {
            if ($who->id === $childId) {
                return $who;
            }
        }

        throw Refusal::notFound('childId', 'There is no such child.');
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
