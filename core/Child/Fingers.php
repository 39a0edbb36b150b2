<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** How counting on fingers is read: as a sign to bring the things back, or as a fine help. */
enum Fingers: string
{
    case BringThings = 'bring-things';
    case FineHelp = 'fine-help';
}
