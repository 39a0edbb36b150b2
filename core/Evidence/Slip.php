<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** What went wrong on the way: an optional tap that is evidence about an earlier skill. Which skill is said by the skill map. */
enum Slip: string
{
    case CountsFaster = 'counts-faster';
    case Recounts = 'recounts';
    case KeepsTaking = 'keeps-taking';
    case JudgesBySize = 'judges-by-size';
    case CountsAllAgain = 'counts-all-again';
    case CountsTheStart = 'counts-the-start';
    case MixesAddAndTake = 'mixes-add-and-take';
    case SwapsWholeAndPart = 'swaps-whole-and-part';
    case TeenOrTy = 'teen-or-ty';
    case WrongWayRound = 'wrong-way-round';
    case LeavesOneOutBack = 'leaves-one-out-back';
    case ChangesTheRule = 'changes-the-rule';
    case Fingers = 'on-fingers';
    case Guesses = 'guesses';
}
