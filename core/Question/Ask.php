<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** What exactly is asked. The words for it stand in content. */
enum Ask: string
{
    case HowMany = 'how-many';
    case GiveMe = 'give-me';
    case StillSame = 'still-same';
    case HowManyNow = 'how-many-now';
    case SayOn = 'say-on';
    case SayBack = 'say-back';
    case DoMoves = 'do-moves';
    case CountMoves = 'count-moves';
    case ReadFrame = 'read-frame';
    case NameNumeral = 'name-numeral';
    case FindNumeral = 'find-numeral';
    case ShowAmount = 'show-amount';
    case LabelAmount = 'label-amount';
    case Before = 'before';
    case After = 'after';
    case Between = 'between';
    case PutInOrder = 'put-in-order';
    case WhichMore = 'which-more';
    case MakeSame = 'make-same';
    case MakeMore = 'make-more';
    case HowManyMore = 'how-many-more';
    case OneMore = 'one-more';
    case OneFewer = 'one-fewer';
    case OtherPart = 'other-part';
    case SplitIt = 'split-it';
    case HowManyTo = 'how-many-to';
    case FiveAndSome = 'five-and-some';
    case Join = 'join';
    case JoinSentence = 'join-sentence';
    case Take = 'take';
    case TakeSentence = 'take-sentence';
    case TenAndSome = 'ten-and-some';
    case BuildTeen = 'build-teen';
    case ShareOut = 'share-out';
    case SortBy = 'sort-by';
    case SayTheRule = 'say-the-rule';
    case CarryOn = 'carry-on';
    case WhatSign = 'what-sign';
    case StageIt = 'stage-it';
    case StoryJoin = 'story-join';
    case StoryTake = 'story-take';
    case PutSign = 'put-sign';
    case MakeTrue = 'make-true';
    case BridgeTen = 'bridge-ten';
    case BridgeBack = 'bridge-back';
    case CountIn = 'count-in';
    case WhichIsAt = 'which-is-at';
    case SayPlace = 'say-place';
    case GuessCount = 'guess-count';
    case FormNumeral = 'form-numeral';
    case StairBuild = 'stair-build';
    case StairNext = 'stair-next';
    case BalanceTo = 'balance-to';
    case BalanceWhich = 'balance-which';
    case MakesWhole = 'makes-whole';
    case BothSides = 'both-sides';
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
    case BundlesByEar = 'bundles-by-ear';
    case HundredsByEar = 'hundreds-by-ear';
    case CountBundles = 'count-bundles';
    case BuildTens = 'build-tens';
    case ReadTens = 'read-tens';
    case TenMore = 'ten-more';
    case TenFewer = 'ten-fewer';
    case BuildHundreds = 'build-hundreds';
    case ReadHundreds = 'read-hundreds';
    case NameShape = 'name-shape';
    case FindShape = 'find-shape';
    case ChartMost = 'chart-most';
    case ChartHowMany = 'chart-how-many';
    case ChartMore = 'chart-more';
    case WhichIsLonger = 'which-is-longer';
    case OrderSizes = 'order-sizes';
    case MeasureWith = 'measure-with';
    case MissingStart = 'missing-start';
    case MissingChange = 'missing-change';
    case MakeAmount = 'make-amount';
    case MakeOneKind = 'make-one-kind';
    case HalfOf = 'half-of';
    case HalfHow = 'half-how';
    case EqualPiles = 'equal-piles';
    case HopOn = 'hop-on';
    case HopBack = 'hop-back';

    /** Whether its numbers are parts of a whole, so that a nought among them is worth a question of its own. */
    public function hasParts(): bool
    {
        return match ($this) {
            self::ReadFrame, self::OtherPart, self::HowManyTo, self::Join, self::JoinSentence, self::StoryJoin, self::Take, self::TakeSentence, self::StoryTake,
            self::SumAtOnce, self::DifferenceAtOnce, self::TheRest, self::CountUp, self::Double, self::MakesWhole, self::BothSides => true,
            default => false,
        };
    }

    /** Whether two amounts are to be compared, so that equal ones are worth a question of their own. */
    public function compares(): bool
    {
        return match ($this) {
            self::WhichMore, self::HowManyMore, self::PutSign, self::BalanceWhich => true,
            default => false,
        };
    }
}
