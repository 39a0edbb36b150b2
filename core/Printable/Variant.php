<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

/** The ways in which one kind of sheet can be drawn. */
enum Variant: string
{
    /** The one that is meant where nothing is said. */
    case Usual = 'usual';
    /** Numerals to be read standing up. */
    case Floor = 'floor';
    /** Numerals with as many spots below. */
    case Spots = 'spots';
    /** Without numerals. */
    case Plain = 'plain';
    /** Some numerals left out, to be covered or filled in. */
    case Blanks = 'blanks';
    /** Nothing filled in. */
    case Empty = 'empty';
    /** First, second, third. */
    case InOrder = 'in-order';
    /** Tens for bundles. */
    case Tens = 'tens';
    /** Words of the parent's own. */
    case Words = 'words';
    /** Two plates side by side, without a whole. */
    case TwoPlates = 'two-plates';
    /** Faces for taking away: the whole, and what goes. */
    case Taking = 'taking';
    case Dots = 'dots';
    case Movements = 'movements';
    /** Two of the movements make no sound. */
    case SilentMovements = 'silent-movements';
    /** With places for the things along the way. */
    case LayAlong = 'lay-along';
}
