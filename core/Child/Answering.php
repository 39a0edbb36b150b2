<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** How written answers are given. */
enum Answering: string
{
    case Tiles = 'tiles';
    case Writing = 'writing';
    case Saying = 'saying';
    case RingIt = 'ring-it';
}
