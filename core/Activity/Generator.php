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
    case CountIn = 'count-in';
    case WhichPlace = 'which-place';
    case GuessCount = 'guess-count';
    case FormNumeral = 'form-numeral';
    case StairOrder = 'stair-order';
    case Balance = 'balance';
    case MakeEqual = 'make-equal';
    case ToNext = 'to-next';
    case AddOn = 'add-on';
    case AddZero = 'add-zero';
    case TurnAround = 'turn-around';
    case Double = 'double';
    case NearDouble = 'near-double';
    case SumAtOnce = 'sum-at-once';
    case DifferenceAtOnce = 'difference-at-once';
    case AddTwoFigure = 'add-two-figure';
    case TakeTwoFigure = 'take-two-figure';
    case CountUp = 'count-up';
    case TheRest = 'the-rest';
    case ByEar = 'by-ear';
    case CountBundles = 'count-bundles';
    case TensOnes = 'tens-ones';
    case TenMoreLess = 'ten-more-less';
    case ThreeSizes = 'three-sizes';
    case NameShape = 'name-shape';
    case PileChart = 'pile-chart';
    case CompareSize = 'compare-size';
    case MeasureWith = 'measure-with';
    case MissingStory = 'missing-story';
    case MakeAmount = 'make-amount';
    case HalfOf = 'half-of';
    case EqualPiles = 'equal-piles';
    case LineAdd = 'line-add';
    case LineTake = 'line-take';
}
