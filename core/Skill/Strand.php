<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** The rows of the skill map, in the order they are shown. */
enum Strand: string
{
    case Counting = 'counting';
    case Seeing = 'seeing';
    case Numerals = 'numerals';
    case Comparing = 'comparing';
    case Parts = 'parts';
    case Adding = 'adding';
    case Taking = 'taking';
    case Tens = 'tens';
    case Sorting = 'sorting';
    case Measuring = 'measuring';
    case Using = 'using';
}
