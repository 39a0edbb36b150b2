<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** What is done after a mistake. */
enum AfterMistake: string
{
    case ShowAgain = 'show-again';
    case OfferAgain = 'offer-again';
    case MaterialTells = 'material-tells';
}
