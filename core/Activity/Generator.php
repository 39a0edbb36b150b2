<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

/** The kinds of question a family can name. What each asks is worked out in Question\Facts. */
enum Generator: string
{
    case TellHowMany = 'tell-how-many';
    case TakeJustSo = 'take-just-so';
    case StillSame = 'still-same';
    case SayOn = 'say-on';
    case SayBack = 'say-back';
    case CountMoves = 'count-moves';
    case FillFrame = 'fill-frame';
    case NameNumeral = 'name-numeral';
    case MatchNumeral = 'match-numeral';
    case OrderNumerals = 'order-numerals';
    case Compare = 'compare';
    case Difference = 'difference';
    case Neighbour = 'neighbour';
    case Split = 'split';
    case PartnerTo = 'partner-to';
    case Join = 'join';
    case Take = 'take';
    case TenAndSome = 'ten-and-some';
    case ShareOut = 'share-out';
    case SortBy = 'sort-by';
    case CarryOn = 'carry-on';
    case ReadSigns = 'read-signs';
    case ActStory = 'act-story';
    case CompareSigns = 'compare-signs';
    case BridgeTen = 'bridge-ten';
    case BridgeBack = 'bridge-back';
}
