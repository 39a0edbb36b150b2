<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

/** What a parent does to a planned day that can be taken back. */
enum Verb: string
{
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
    case TakeBack = 'take-back';
}
