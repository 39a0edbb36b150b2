<?php

declare(strict_types=1);

namespace Pindle\App\Families;

use Pindle\Core\Activity\Catalogue;

/** The door of this room: what activities keep from being laid out now. */
final readonly class FamiliesRoom
{
    public function __construct(private Catalogue $catalogue, private FamilyViews $views)
    {
    }

    /** @return list<array{id: string, name: string, lacks: string}> activities that cannot be laid out with what the house has */
    public function lacking(): array
    {
        $lacking = [];
        foreach ($this->views->cards($this->catalogue->families) as $card) {
            if (null !== $card->lacks) {
                $lacking[] = ['id' => $card->id, 'name' => $card->name, 'lacks' => $card->lacks];
            }
        }

        return $lacking;
    }
}
