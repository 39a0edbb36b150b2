<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

use Pindle\Core\Child\Setting;
use Pindle\Core\Thing\Thing;

/** A tray, a cloth, a set of cards: what an activity wants besides the things that are counted. */
final readonly class Prop
{
    /**
     * @param bool $made    true when it is made beforehand, false when any house has it
     * @param Setting|null $by how a child is taught decides what takes its place: another way of answering, another sign
     * @param string|null  $way the answer to such a setting that it is for, if any
     * @param bool $faces   whether what is on its faces is worked out, as on dice
     * @param list<Gear> $gear what pictures show of it
     */
    public function __construct(
        public string $id,
        public Thing $thing,
        public bool $made,
        public ?Setting $by = null,
        public ?string $way = null,
        public bool $faces = false,
        public array $gear = [],
    ) {
    }
}
