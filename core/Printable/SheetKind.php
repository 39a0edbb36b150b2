<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Child\Setting;

/** The sheets that can be printed. Each is drawn by the class of its name in Kind/. */
enum SheetKind: string
{
    case NumeralCards = 'numeral-cards';
    case SignTiles = 'sign-tiles';
    case DotCards = 'dot-cards';
    case FrameCards = 'frame-cards';
    case HandCards = 'hand-cards';
    case SumCards = 'sum-cards';
    case TeenCards = 'teen-cards';
    case Frame = 'frame';
    case Line = 'line';
    case Track = 'track';
    case Strips = 'strips';
    case DiceNets = 'dice-nets';
    case Spinner = 'spinner';
    case MovementCards = 'movement-cards';
    case BondMat = 'bond-mat';
    case Labels = 'labels';
    case TurningSign = 'turning-sign';
    case Trail = 'trail';
    case BigNumerals = 'big-numerals';
    case HundredSquare = 'hundred-square';
    case ExchangeMat = 'exchange-mat';
    case PlayCoins = 'play-coins';
    case PatternCards = 'pattern-cards';
    case TowerCards = 'tower-cards';
    case CoverBoxes = 'cover-boxes';
    case ColourSome = 'colour-some';
    case RingPair = 'ring-pair';
    case StringMatch = 'string-match';
    case CountMatch = 'count-match';
    case SumPage = 'sum-page';
    case StoryStrip = 'story-strip';
    case SortingSigns = 'sorting-signs';
    case ShapeCards = 'shape-cards';
    case PileChart = 'pile-chart';
    case Pictures = 'pictures';
    case GuessTable = 'guess-table';

    /** Whether something lies on it, so that it is drawn to the size of a thing. */
    public function isSized(): bool
    {
        return $this->isSteps() || match ($this) {
            self::Frame, self::BondMat, self::CoverBoxes, self::PileChart, self::BigNumerals, self::TowerCards => true,
            default => false,
        };
    }

    /** Whether it goes in equal steps, as long as the thing or as was chosen. */
    public function isSteps(): bool
    {
        return match ($this) {
            self::Line, self::Track, self::Strips => true,
            default => false,
        };
    }

    /** Whether its numbers are those of questions. */
    public function isAsked(): bool
    {
        return match ($this) {
            self::SumCards, self::PatternCards, self::TowerCards, self::CoverBoxes, self::ColourSome, self::RingPair, self::StringMatch,
            self::CountMatch, self::SumPage, self::StoryStrip, self::Pictures => true,
            default => false,
        };
    }

    /** Whether chance has a part in it, so that there is another one. */
    public function isScattered(): bool
    {
        return self::Trail === $this || self::DotCards === $this || ($this->isAsked() && self::SumPage !== $this);
    }

    /** Whether it goes as far as is chosen. */
    public function hasReach(): bool
    {
        return match ($this) {
            self::MovementCards, self::TurningSign, self::PlayCoins, self::SortingSigns, self::ShapeCards, self::GuessTable => false,
            default => true,
        };
    }

    /** Whether several of it may be wanted at once. */
    public function hasCopies(): bool
    {
        return match ($this) {
            self::NumeralCards, self::SignTiles, self::Labels, self::PlayCoins => true,
            default => false,
        };
    }

    /** The furthest number it is made for. */
    public function mostReach(): int
    {
        return match ($this) {
            self::HandCards, self::PatternCards => 10,
            self::DotCards, self::FrameCards, self::DiceNets => 12,
            self::TeenCards => 19,
            self::Spinner, self::Frame, self::BondMat, self::Strips, self::TowerCards, self::BigNumerals, self::CoverBoxes,
            self::ColourSome, self::RingPair, self::StringMatch, self::CountMatch, self::StoryStrip, self::SumCards, self::PileChart, self::Pictures => 20,
            self::Trail => 30,
            self::NumeralCards, self::SignTiles, self::Line, self::Track, self::Labels, self::SumPage, self::HundredSquare => 100,
            self::ExchangeMat, self::MovementCards, self::TurningSign, self::PlayCoins, self::SortingSigns, self::ShapeCards, self::GuessTable => 1000,
        };
    }

    /** @return non-empty-list<Variant> the usual one first */
    public function variants(): array
    {
        return match ($this) {
            self::NumeralCards => [Variant::Usual, Variant::Floor, Variant::Spots],
            self::FrameCards => [Variant::Usual, Variant::Empty],
            self::Line, self::Track, self::HundredSquare => [Variant::Usual, Variant::Plain, Variant::Blanks],
            self::DiceNets => [Variant::Usual, Variant::Taking, Variant::Dots, Variant::Movements, Variant::SilentMovements],
            self::Spinner => [Variant::Usual, Variant::Movements, Variant::SilentMovements],
            self::MovementCards => [Variant::Usual, Variant::SilentMovements],
            self::BondMat => [Variant::Usual, Variant::TwoPlates],
            self::Labels => [Variant::Usual, Variant::InOrder, Variant::Tens, Variant::Words],
            self::BigNumerals => [Variant::Usual, Variant::LayAlong],
            default => [Variant::Usual],
        };
    }

    /** @return list<Setting> ways of teaching that show on it */
    public function settings(): array
    {
        return match ($this) {
            self::Frame, self::FrameCards => [Setting::FrameFilling],
            self::Strips => [Setting::WayIn],
            self::BondMat => [Setting::WholeInBond],
            self::TurningSign => [Setting::ComparingSign],
            self::SumPage, self::StoryStrip => [Setting::Answering],
            self::CountMatch => [Setting::FrameFilling],
            default => [],
        };
    }
}
