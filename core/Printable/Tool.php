<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

/** What a sheet is made with, besides the printer. */
enum Tool: string
{
    case Scissors = 'scissors';
    case Glue = 'glue';
    case Card = 'card';
    /** Of paper or a blunt one: what turns on it. */
    case Fastener = 'fastener';
    case PaperClip = 'paper-clip';
}
