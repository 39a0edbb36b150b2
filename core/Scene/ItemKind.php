<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

/** What can lie in a set-up picture. */
enum ItemKind: string
{
    case Thing = 'thing';
    case Bowl = 'bowl';
    case Plate = 'plate';
    case Cell = 'cell';
    case Card = 'card';
    case Cup = 'cup';
    case Ring = 'ring';
    case Box = 'box';
    case Line = 'line';
    case Tick = 'tick';
    case Hop = 'hop';
    case Link = 'link';
    case Gap = 'gap';
    case Block = 'block';
    case Mouth = 'mouth';
    case Beam = 'beam';
    case Band = 'band';
    case Jar = 'jar';
    case Strip = 'strip';
    case Shape = 'shape';
    case Coin = 'coin';
    case Mat = 'mat';
    case Bundle = 'bundle';
    case Single = 'single';
}
