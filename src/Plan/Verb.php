<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

/** What a parent does to a planned day. */
enum Verb: string
{
    case Plan = 'plan';
    case Allow = 'allow';
    case Swap = 'swap';
    case Hold = 'hold';
    case LetGo = 'let-go';
    case Drop = 'drop';
    case Move = 'move';
    case OtherThings = 'other-things';
    case Join = 'join';
    case Twenty = 'twenty';
    case Pile = 'pile';
    case Woke = 'woke';
    case Ill = 'ill';
    case Asleep = 'asleep';
    case Away = 'away';
    case Back = 'back';
    case Later = 'later';
    case ArmsFull = 'arms-full';
    case Refused = 'refused';
    case LowWeek = 'low-week';
    case SomethingElse = 'something-else';
    case FiveMinutes = 'five-minutes';
    case TakeBack = 'take-back';
    case Happened = 'happened';
}
