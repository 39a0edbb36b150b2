<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

/** The sheets that can be printed. Each is drawn by the class of its name in Sheet/. */
enum SheetKind: string
{
    case NumeralCards = 'numeral-cards';
    case SignTiles = 'sign-tiles';
    case DotCards = 'dot-cards';
    case FrameCards = 'frame-cards';
    case Frame = 'frame';
    case Line = 'line';
    case Track = 'track';
    case Strips = 'strips';
    case DiceNets = 'dice-nets';
    case Spinner = 'spinner';
    case BondMat = 'bond-mat';
    case Labels = 'labels';
    case TurningSign = 'turning-sign';
    case Trail = 'trail';
    case SumPage = 'sum-page';
    case GuessTable = 'guess-table';

    /** Whether something lies on it, so that it is drawn to the size of a thing. */
    public function isSized(): bool
    {
        return match ($this) {
            self::Frame, self::Line, self::Track, self::Strips, self::BondMat => true,
            default => false,
        };
    }

    /** The furthest number it is made for. */
    public function mostReach(): int
    {
        return match ($this) {
            self::DotCards, self::FrameCards, self::BondMat, self::DiceNets => 12,
            self::SumPage => 100,
            self::Spinner, self::Frame, self::Strips, self::SignTiles => 20,
            self::Trail => 30,
            self::NumeralCards, self::Line, self::Track, self::Labels => 100,
            self::TurningSign, self::GuessTable => 1000,
        };
    }
}
