<?php

declare(strict_types=1);

namespace Pindle\App\Platform\View;

/** A set-up picture in millimetres, and the same as a sentence. */
final readonly class SceneView
{
    /** @param list<ItemView> $items */
    public function __construct(public float $width, public float $height, public array $items, public string $alt)
    {
    }
}
