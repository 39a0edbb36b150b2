<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

/** A set-up picture in millimetres, and what it says for those who hear it: the key and values of a sentence in content. */
final readonly class Scene
{
    /**
     * @param list<Item>                $items  drawn in this order
     * @param array<string, int|string> $values
     */
    public function __construct(
        public float $width,
        public float $height,
        public array $items,
        public string $alt,
        public array $values,
    ) {
    }
}
