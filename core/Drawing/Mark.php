<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** One thing in a drawing: a path, a line, a box, an oval, or words. All of them in millimetres from the upper left corner. */
interface Mark
{
}
