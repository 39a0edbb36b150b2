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
}
