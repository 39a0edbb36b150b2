<?php

declare(strict_types=1);

namespace Pindle\Bench;

/** What may be wrong with a sitting that reaches a parent, as ./pindle bench lessons prints it. */
enum Fault: string
{
    case LaidOutNone = 'laid out in the number 0';
    case DrawnNotThere = 'drawn, and neither laid out nor brought';
    case DrawnTooMany = 'more drawn than laid out';
    case SaidNotThere = 'said, and neither laid out nor brought';
    case TooFewKinds = 'fewer kinds than the question speaks of';
    case TooFew = 'too few for the question and its answer';
    case CannotDo = 'things that cannot do it';
    case NoTiles = 'a sentence without tiles or paper';
    case DoesNotSuit = 'a question that does not suit the activity';
    case SizesDoNotShow = 'sizes that do not differ, or drawn for what cannot be seen';
    case NothingBehind = 'nothing stands behind';
    case Unsafe = 'unsafe for a baby in reach';
    case TooManyThings = 'more than 60 loose things';
    case SaidToDeath = 'a sentence said four times';
    case NoughtHandled = 'a nought to be handled';
    case OneAndMany = 'one said like many';
    case CountersAreDots = 'counters said, dots drawn';
    case AskedTwice = 'one question twice';
    case CountsOne = 'one thing to be counted';
    case TellsAnswer = 'a picture that shows the answer without help';
    case CannotBeRolled = 'a question that the dice cannot show, or that they show wrong';
    case SheetNotDrawn = 'a sheet that cannot be drawn for what is planned';
    case SheetTooShort = 'a sheet that does not go as far as its questions';
    case SheetWithoutSetting = 'a way of teaching that does not show on its sheet';
    case StripForTen = 'a frame of ten drawn as a strip of five';
}
