<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** How the signs for less and more are shown and spoken of. */
enum ComparingSign: string
{
    case OpenSide = 'open-side';
    case AnimalMouth = 'animal-mouth';
    case WordsOnly = 'words-only';
    case Balance = 'balance';
}
