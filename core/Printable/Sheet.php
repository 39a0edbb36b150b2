<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

/** A sheet ready to be printed: its pages, how long it takes to make, with what. Cutting, folding and piercing is for an adult. */
final readonly class Sheet
{
    /** Minutes to cut once along, to glue once: rough, and kinder than a surprise. */
    private const MINUTES_A_CUT = 0.15;
    private const MINUTES_A_PAGE = 1.0;

    /**
     * @param list<Page> $pages
     * @param list<Tool>           $tools
     * @param int                  $cuts  pieces that are cut out
     */
    public function __construct(public SheetKind $kind, public array $pages, public array $tools, public int $cuts)
    {
    }

    /** @throws InvalidSheet when it cannot be made as it was asked for */
    public static function of(Order $order): self
    {
        return match ($order->kind) {
            SheetKind::NumeralCards => Kind\NumeralCards::sheet($order),
            SheetKind::SignTiles => Kind\SignTiles::sheet($order),
            SheetKind::DotCards => Kind\DotCards::sheet($order),
            SheetKind::FrameCards => Kind\FrameCards::sheet($order),
            SheetKind::HandCards => Kind\HandCards::sheet($order),
            SheetKind::SumCards => Kind\SumCards::sheet($order),
            SheetKind::TeenCards => Kind\TeenCards::sheet($order),
            SheetKind::Frame => Kind\Frame::sheet($order),
            SheetKind::Line, SheetKind::Track => Kind\Line::sheet($order),
            SheetKind::Strips => Kind\Strips::sheet($order),
            SheetKind::DiceNets => Kind\DiceNets::sheet($order),
            SheetKind::Spinner => Kind\Spinner::sheet($order),
            SheetKind::MovementCards => Kind\MovementCards::sheet($order),
            SheetKind::BondMat => Kind\BondMat::sheet($order),
            SheetKind::Labels => Kind\Labels::sheet($order),
            SheetKind::TurningSign => Kind\TurningSign::sheet($order),
            SheetKind::Trail => Kind\Trail::sheet($order),
            SheetKind::BigNumerals => Kind\BigNumerals::sheet($order),
            SheetKind::HundredSquare => Kind\HundredSquare::sheet($order),
            SheetKind::ExchangeMat => Kind\ExchangeMat::sheet($order),
            SheetKind::PlayCoins => Kind\PlayCoins::sheet($order),
            SheetKind::PatternCards => Kind\PatternCards::sheet($order),
            SheetKind::TowerCards => Kind\TowerCards::sheet($order),
            SheetKind::CoverBoxes => Kind\CoverBoxes::sheet($order),
            SheetKind::ColourSome => Kind\ColourSome::sheet($order),
            SheetKind::RingPair => Kind\RingPair::sheet($order),
            SheetKind::StringMatch => Kind\StringMatch::sheet($order),
            SheetKind::CountMatch => Kind\CountMatch::sheet($order),
            SheetKind::SumPage => Kind\SumPage::sheet($order),
            SheetKind::StoryStrip => Kind\StoryStrip::sheet($order),
            SheetKind::SortingSigns => Kind\SortingSigns::sheet($order),
            SheetKind::ShapeCards => Kind\ShapeCards::sheet($order),
            SheetKind::PileChart => Kind\PileChart::sheet($order),
            SheetKind::Pictures => Kind\Pictures::sheet($order),
            SheetKind::GuessTable => Kind\GuessTable::sheet($order),
        };
    }

    /**
     * @param list<list<\Pindle\Core\Drawing\Mark>> $pages what is drawn on each
     * @param list<Tool>                              $tools
     */
    public static function printed(Order $order, Format $format, array $pages, array $tools, int $cuts): self
    {
        $of = \count($pages);

        return new self(
            $order->kind,
            array_map(static fn (array $marks, int $i): Page => Page::of($format, $marks, $order, $i + 1, $of, $cuts > 0), $pages, array_keys($pages)),
            $tools,
            $cuts,
        );
    }

    /** Minutes to make it, at least one. */
    public function minutes(): int
    {
        return max(1, (int) ceil(self::MINUTES_A_PAGE * \count($this->pages) + self::MINUTES_A_CUT * $this->cuts));
    }
}
