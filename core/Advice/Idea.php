<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Evidence\Help;

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

    /** What it asks next; null where it is only said. */
    public function asks(): ?Asks
    {
        return match ($this) {
            self::ShowAndAskAgain, self::CheckAndAskAgain => Asks::Again,
            self::OfferAgain => Asks::Later,
            self::SmallerNumbers, self::BiggerNumbers, self::NextReach => Asks::Spare,
            self::FinishEasy => Asks::LastEasy,
            default => null,
        };
    }

    /** The help that the next question is asked with, where the idea says so; null where it does not. */
    public function help(Help $last): ?Help
    {
        return match ($this) {
            self::ShowAndAskAgain => Help::Shown,
            self::MoreHelp => $last->more(),
            default => null,
        };
    }

    public function when(): When
    {
        return match ($this) {
            self::MoreHelp => When::HelpIsLeft,
            self::FormBack => When::HelpIsSpent,
            self::Remedy => When::Slipped,
            self::SmallerNumbers, self::BiggerNumbers, self::NextReach => When::SpareIsLeft,
            default => When::Always,
        };
    }
}
