<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\SceneKind;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\Settings;
use Pindle\Core\Question\Ask;
use Pindle\Core\Question\Fact;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Thing;
use Random\Randomizer;

/** Draws the set-up picture of a question from its real numbers and the chosen things. Answers that are to be found stay out of it. */
final class Scenes
{
    /**
     * @param Thing|null $thing the things of the first role; plain counters where there are none
     * @param Thing|null $other  the things of the second role
     * @param bool       $varied whether the child is sure enough of the step for frames filled other ways
     */
    public static function draw(SceneKind $kind, Fact $fact, ?Form $form, ?Thing $thing, ?Thing $other, Settings $settings, Randomizer $random, bool $varied = false): Scene
    {
        $thing ??= new Thing('counter', Form::Pictures === $form ? 'drawn dots' : 'counters', 'counter', 100, glyph: 'dot');
        $other ??= 'dot' === $thing->glyph ? new Thing('counter', 'drawn crosses', 'drawn cross', 100, glyph: 'cross') : $thing;
        // Kept the same until the step is secure, then varied on purpose.
        $filling = $varied ? FrameFilling::cases()[$random->getInt(0, 2)] : $settings->frameFilling;
        $of = [$fact, $thing, $other, $settings, $filling, $random];

        $kinds = self::kinds($fact->ask);
        // A family shows what it can; a question it has no picture for gets its own.
        $kind = \in_array($kind, $kinds, true) ? $kind : $kinds[0];

        return match ($kind) {
            SceneKind::Row => (new AmountScenes(...$of))->row(),
            SceneKind::Scatter => (new AmountScenes(...$of))->scatter(),
            SceneKind::Mix => (new AmountScenes(...$of))->mix(),
            SceneKind::Pile => (new AmountScenes(...$of))->pile(),
            SceneKind::Frame => (new AmountScenes(...$of))->amount($form),
            SceneKind::Pairs => (new AmountScenes(...$of))->pairs(),
            SceneKind::Boxes => (new AmountScenes(...$of))->boxes(),
            SceneKind::Jar => (new AmountScenes(...$of))->jar(),
            SceneKind::Marked => (new OrderScenes(...$of))->marked(),
            SceneKind::Rings => (new OrderScenes(...$of))->rings(),
            SceneKind::Pattern => (new OrderScenes(...$of))->pattern(),
            SceneKind::Stairs => (new OrderScenes(...$of))->stairs(),
            SceneKind::Chart => (new OrderScenes(...$of))->chart(),
            SceneKind::Measure => (new OrderScenes(...$of))->measure(),
            SceneKind::Sizes => (new OrderScenes(...$of))->sizes(),
            SceneKind::Shape => (new OrderScenes(...$of))->shape(),
            SceneKind::Bowls => (new SumScenes(...$of))->bowls(),
            SceneKind::TakeFrom => (new SumScenes(...$of))->takeFrom(),
            SceneKind::Bridge => (new SumScenes(...$of))->bridge(),
            SceneKind::Bond => (new SumScenes(...$of))->bond(),
            SceneKind::Cup => (new SumScenes(...$of))->cup(),
            SceneKind::Cloth => (new SumScenes(...$of))->cloth(),
            SceneKind::Mirror => (new SumScenes(...$of))->mirror(),
            SceneKind::Balance => (new SumScenes(...$of))->balance(),
            SceneKind::Plates => (new SumScenes(...$of))->plates(),
            SceneKind::Piles => (new SumScenes(...$of))->piles(),
            SceneKind::Cards => (new SignScenes(...$of))->cards(),
            SceneKind::Track => (new SignScenes(...$of))->track(),
            SceneKind::Hops => (new SignScenes(...$of))->hops(),
            SceneKind::Sign => (new SignScenes(...$of))->sign(),
            SceneKind::Coins => (new SignScenes(...$of))->coins(),
            SceneKind::Bundles => (new SignScenes(...$of))->bundles(),
        };
    }

    /** @return non-empty-list<SceneKind> the pictures that can show a question, the usual one first */
    private static function kinds(Ask $ask): array
    {
        return match ($ask) {
            Ask::HowMany => [SceneKind::Scatter, SceneKind::Mix, SceneKind::Row, SceneKind::Pile, SceneKind::Track, SceneKind::Measure],
            Ask::SortBy, Ask::SayTheRule => [SceneKind::Rings],
            Ask::CarryOn => [SceneKind::Pattern],
            Ask::NameShape, Ask::FindShape => [SceneKind::Shape],
            Ask::ChartMost, Ask::ChartHowMany, Ask::ChartMore => [SceneKind::Chart],
            Ask::WhichIsAt, Ask::SayPlace => [SceneKind::Marked],
            Ask::WhichIsLonger, Ask::OrderSizes => [SceneKind::Sizes],
            Ask::MeasureWith => [SceneKind::Measure],
            Ask::StairBuild, Ask::StairNext => [SceneKind::Stairs, SceneKind::Cards],
            Ask::WhichMore, Ask::MakeSame, Ask::MakeMore => [SceneKind::Pairs, SceneKind::Balance],
            Ask::HowManyMore => [SceneKind::Pairs, SceneKind::Cards],
            Ask::JoinSentence => [SceneKind::Bowls, SceneKind::Cards, SceneKind::Hops, SceneKind::Cloth, SceneKind::Frame],
            Ask::Join, Ask::StoryJoin, Ask::SumAtOnce, Ask::AddZero, Ask::TurnAround => [SceneKind::Bowls, SceneKind::Cards, SceneKind::Hops, SceneKind::Cloth],
            Ask::Double, Ask::NearDouble => [SceneKind::Mirror, SceneKind::Cards, SceneKind::Bowls],
            Ask::AddOn => [SceneKind::Cloth, SceneKind::Cards, SceneKind::Bowls, SceneKind::Hops],
            Ask::Take, Ask::TakeSentence, Ask::StoryTake, Ask::DifferenceAtOnce => [SceneKind::TakeFrom, SceneKind::Cards, SceneKind::Hops],
            Ask::HopOn, Ask::HopBack, Ask::ToNext => [SceneKind::Hops, SceneKind::Cards],
            Ask::BridgeTen, Ask::BridgeBack => [SceneKind::Bridge, SceneKind::Cards, SceneKind::Hops],
            Ask::MissingStart, Ask::MissingChange, Ask::TheRest => [SceneKind::Cup, SceneKind::Cards],
            Ask::CountUp => [SceneKind::Pairs, SceneKind::Cards, SceneKind::Hops],
            Ask::BothSides => [SceneKind::Balance, SceneKind::Cards],
            Ask::MakesWhole => [SceneKind::Balance, SceneKind::Cards, SceneKind::Cup],
            Ask::BalanceTo, Ask::BalanceWhich => [SceneKind::Balance, SceneKind::Cards],
            Ask::OtherPart, Ask::SplitIt => [SceneKind::Bond, SceneKind::Cup, SceneKind::Cards],
            Ask::ShareOut, Ask::HalfOf, Ask::HalfHow => [SceneKind::Plates, SceneKind::Bond],
            Ask::EqualPiles => [SceneKind::Piles, SceneKind::Cards],
            Ask::CountBundles, Ask::AddTwoFigure, Ask::TakeTwoFigure, Ask::TenMore, Ask::TenFewer => [SceneKind::Bundles, SceneKind::Cards],
            Ask::BuildTens, Ask::ReadTens, Ask::BundlesByEar, Ask::HundredsByEar, Ask::BuildHundreds, Ask::ReadHundreds => [SceneKind::Bundles],
            Ask::MakeAmount, Ask::MakeOneKind => [SceneKind::Coins],
            Ask::GuessCount => [SceneKind::Jar],
            Ask::FormNumeral => [SceneKind::Cards],
            Ask::CountIn, Ask::SayOn, Ask::SayBack => [SceneKind::Track],
            Ask::PutSign, Ask::MakeTrue => [SceneKind::Sign, SceneKind::Cards],
            Ask::OneMore, Ask::OneFewer => [SceneKind::Scatter, SceneKind::Track, SceneKind::Cards, SceneKind::Row],
            Ask::TenAndSome, Ask::BuildTeen => [SceneKind::Frame, SceneKind::Cards, SceneKind::Bundles],
            Ask::NameNumeral, Ask::FindNumeral, Ask::StageIt, Ask::WhatSign => [SceneKind::Cards],
            Ask::Before, Ask::After, Ask::Between, Ask::PutInOrder => [SceneKind::Cards],
            Ask::DoMoves, Ask::CountMoves => [SceneKind::Track],
            Ask::GiveMe => [SceneKind::Pile, SceneKind::Boxes, SceneKind::Row],
            Ask::ShowAmount => [SceneKind::Cards, SceneKind::Boxes, SceneKind::Pile, SceneKind::Stairs],
            Ask::LabelAmount => [SceneKind::Boxes],
            Ask::HowManyNow, Ask::StillSame => [SceneKind::Row],
            Ask::ReadFrame => [SceneKind::Frame],
            Ask::FiveAndSome => [SceneKind::Frame, SceneKind::Cards],
            Ask::HowManyTo => [SceneKind::Frame, SceneKind::Cards, SceneKind::Bond, SceneKind::Cup, SceneKind::TakeFrom],
        };
    }
}
