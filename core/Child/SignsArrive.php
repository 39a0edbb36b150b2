<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** When sums are laid with signs: after several handled ones, straight after acting, or not yet. */
enum SignsArrive: string
{
    case AfterHandling = 'after-handling';
    case AfterActing = 'after-acting';
    case SpokenOnly = 'spoken-only';
}
