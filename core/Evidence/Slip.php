<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** What went wrong on the way: an optional tap that is evidence about an earlier skill. */
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

    /** The skill whose highest reach among what the step needs gets the soft evidence; null where only a remedy follows. */
    public function pointsAt(): ?string
    {
        return match ($this) {
            self::CountsFaster => 'touch-count',
            self::Recounts => 'how-many',
            self::KeepsTaking => 'count-out',
            self::JudgesBySize => 'more-fewer-same',
            self::CountsAllAgain => 'add-on',
            self::MixesAddAndTake => 'put-together',
            self::SwapsWholeAndPart => 'split-small',
            self::TeenOrTy => 'ten-and-some',
            self::WrongWayRound => 'form-numeral',
            self::LeavesOneOutBack => 'count-back',
            self::ChangesTheRule => 'sort-groups',
            self::CountsTheStart, self::Fingers, self::Guesses => null,
        };
    }
}
