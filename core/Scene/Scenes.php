<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\Settings;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Hand;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Thing;
use Random\Randomizer;

/**
 * Draws the set-up picture of a question from its real numbers and the chosen things. Answers that are to be found stay out of it where there is no
 * help; where it is shown or begun, what is done for the child is drawn done.
 * Each sight has one class here of the same name, which draws it.
 */
final class Scenes
{
    /**
     * @param Picture $wanted what the activity shows; a question that has no such picture is shown in its own
     * @param non-empty-list<Thing> $things what lies out for each role, or is drawn for it
     * @param list<Gear> $brought what is there besides the things
     * @param bool    $varied whether the child is sure enough of the step for frames filled other ways
     *
     * @throws UnknownSight
     */
    public static function draw(
        Picture $wanted,
        Prompt $prompt,
        ?Form $form,
        array $things,
        Settings $settings,
        array $brought,
        Hand $hand,
        Randomizer $random,
        bool $varied = false,
        Help $help = Help::Bare,
    ): Drawing {
        // Kept the same until the step is secure, then varied on purpose.
        $filling = $varied ? FrameFilling::cases()[$random->getInt(0, 2)] : $settings->frameFilling;

        return self::of(
            self::sight($wanted, $prompt),
            new Canvas($hand, $things, $settings, $filling, $random, Form::Pictures === $form, Form::Things === $form, $brought, $help),
        );
    }

    /** What a question is seen as, where an activity would show this picture. */
    public static function sight(Picture $wanted, Prompt $prompt): Sight
    {
        $sights = $prompt->sights();
        foreach ($sights as $sight) {
            if ($sight->picture() === $wanted) {
                return $sight;
            }
        }

        return $sights[0];
    }

    /** @throws UnknownSight */
    public static function of(Sight $sight, Canvas $canvas): Drawing
    {
        $draw = [__NAMESPACE__.strrchr($sight::class, '\\'), 'draw'];

        $drawing = \is_callable($draw) ? $draw($sight, $canvas) : null;

        return $drawing instanceof Drawing ? $drawing : throw UnknownSight::of($sight);
    }
}
