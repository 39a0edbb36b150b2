<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** Shapes that things have: flat ones, then solid ones. */
enum Shape: string
{
    case Circle = 'circle';
    case Square = 'square';
    case Triangle = 'triangle';
    case Rectangle = 'rectangle';
    case Oval = 'oval';
    case Hexagon = 'hexagon';
    case Pentagon = 'pentagon';
    case Rhombus = 'rhombus';
    case Ball = 'ball';
    case Box = 'box';
    case Cylinder = 'cylinder';
    case Cone = 'cone';
    case Cube = 'cube';
}
