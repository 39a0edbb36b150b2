<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

/** What a picture can show besides the things that are counted. It is drawn where a prop of the activity brings it, and left out elsewhere. */
enum Gear: string
{
    case Plate = 'plate';
    case Bowl = 'bowl';
    case Cup = 'cup';
    case Cloth = 'cloth';
    case Pot = 'pot';
    case Ring = 'ring';
    case Hanger = 'hanger';
    case Mirror = 'mirror';
    /** A numeral, a sign or a sentence to be seen; on cards, on a sheet or on paper. */
    case Card = 'card';
    /** Places in a row, to point or step along. */
    case Track = 'track';
    /** A line with numerals. */
    case Line = 'line';
    /** Places for five or ten. */
    case Frame = 'frame';
    /** A box on a sheet. */
    case Box = 'box';
    case Coin = 'coin';
    case Bundle = 'bundle';
    case Strip = 'strip';
    case Shape = 'shape';
}
