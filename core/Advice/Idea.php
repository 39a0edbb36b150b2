<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** Something to do next, inside a sitting. The first eight ease, the next seven stretch, each in the order they are offered. */
enum Idea: string
{
    case ShowAndAskAgain = 'show-and-ask-again';
    case OfferAgain = 'offer-again';
    case CheckAndAskAgain = 'check-and-ask-again';
    case SmallerNumbers = 'smaller-numbers';
    case MoreHelp = 'more-help';
    case FormBack = 'form-back';
    case Remedy = 'remedy';
    case WeakestNeed = 'weakest-need';

    case HowDidYouSeeIt = 'how-did-you-see-it';
    case CoverAndAsk = 'cover-and-ask';
    case BiggerNumbers = 'bigger-numbers';
    case HowManyMoreTo = 'how-many-more-to';
    case ChildAsks = 'child-asks';
    case NextForm = 'next-form';
    case NextReach = 'next-reach';

    case FinishEasy = 'finish-easy';
    case BringThings = 'bring-things';
}
