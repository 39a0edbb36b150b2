<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

/** What is done to the two numbers of a fact. */
enum Operation: string
{
    case Sum = 'sum';
    case Difference = 'difference';
}
