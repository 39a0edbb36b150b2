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

        // Some questions have one picture only, whatever the family shows otherwise.
        $kind = match (true) {
            Ask::SortBy === $fact->ask, Ask::SayTheRule === $fact->ask => SceneKind::Rings,
            Ask::CarryOn === $fact->ask => SceneKind::Pattern,
            Ask::StoryTake === $fact->ask => SceneKind::TakeFrom,
            Ask::NameShape === $fact->ask, Ask::FindShape === $fact->ask => SceneKind::Shape,
            SceneKind::Bowls === $kind && \in_array($fact->ask, [Ask::MissingStart, Ask::MissingChange, Ask::TheRest], true) => SceneKind::Cup,
            SceneKind::Balance === $kind && Ask::WhichMore === $fact->ask, SceneKind::Sign === $kind && Ask::WhichMore === $fact->ask, SceneKind::Sign === $kind && Ask::MakeSame === $fact->ask, SceneKind::Sign === $kind && Ask::MakeMore === $fact->ask => SceneKind::Pairs,
            Ask::HowMany === $fact->ask && SceneKind::Frame === $kind => SceneKind::Scatter,
            default => $kind,
        };

        return match ($kind) {
            SceneKind::Row => (new AmountScenes(...$of))->row(),
            SceneKind::Scatter => (new AmountScenes(...$of))->scatter(),
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
}
