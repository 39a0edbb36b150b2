<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** The set-up pictures there are. Scene\Scenes draws each from the real numbers and things. */
enum Picture: string
{
    case Row = 'row';
    case Ring = 'ring';
    case Scatter = 'scatter';
    case Mix = 'mix';
    case Pile = 'pile';
    case Bowls = 'bowls';
    case TakeFrom = 'take-from';
    case Frame = 'frame';
    case Cards = 'cards';
    case Pairs = 'pairs';
    case Bond = 'bond';
    case Cup = 'cup';
    case Track = 'track';
    case Hops = 'hops';
    case Plates = 'plates';
    case Rings = 'rings';
    case Pattern = 'pattern';
    case Boxes = 'boxes';
    case Sign = 'sign';
    case Bridge = 'bridge';
    case Jar = 'jar';
    case Marked = 'marked';
    case Stairs = 'stairs';
    case Chart = 'chart';
    case Measure = 'measure';
    case Sizes = 'sizes';
    case Shape = 'shape';
    case Cloth = 'cloth';
    case Mirror = 'mirror';
    case Balance = 'balance';
    case Piles = 'piles';
    case Coins = 'coins';
    case Bundles = 'bundles';
    case Stack = 'stack';
    case Stick = 'stick';
    case Groups = 'groups';
}
